package org.waxbell.app.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.waxbell.app.json.Documents;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.journal.CueAnswer;
import org.waxbell.journal.Decision;

/** What is kept of a decision tells all of it again, and little is kept of a line that led to nothing. */
class JournalTest {
    private final Journal journal = new Journal(mock(JournalMapper.class), Documents.standalone());

    private static Decision quiet(String name, String text, EnumSet<Standing> standings, int months) {
        ChatLine line = new ChatLine("practice", new Viewer("practice:" + name, name, standings, months), text);
        return new Decision(77, 1_796_000_000_000L, line, List.of(), "");
    }

    @Test
    void aQuietLineIsReadAsItWasWhateverStandsInIt() {
        Random random = new Random(5);
        List<String> pieces = List.of("a", ": ", "\"", "[", "]", "🕯", "שלום", "<b>", "\\", ",", " ");
        for (int i = 0; i < 2_000; i++) {
            StringBuilder name = new StringBuilder("w");
            StringBuilder text = new StringBuilder();
            for (int j = random.nextInt(6); j > 0; j--) {
                name.append(pieces.get(random.nextInt(pieces.size())));
                text.append(pieces.get(random.nextInt(pieces.size())));
            }
            EnumSet<Standing> standings = EnumSet.noneOf(Standing.class);
            for (Standing each : Standing.values()) {
                if (random.nextBoolean()) {
                    standings.add(each);
                }
            }
            Decision decision = quiet(name.toString(), text.toString(), standings, random.nextInt(90));
            assertThat(journal.read(journal.row(decision))).isEqualTo(decision);
        }
    }

    @Test
    void littleIsKeptOfAQuietLineAndAllOfOneThatACueLookedAt() {
        Decision quiet = quiet("wickerby", "what a calm evening", EnumSet.of(Standing.FOLLOWER), 0);
        JournalMapper.DecisionRow row = journal.row(quiet);
        assertThat(row.event()).isEqualTo("wickerby: what a calm evening");
        assertThat(row.sentence() + row.json()).hasSizeLessThan(60);
        CueAnswer rang = new CueAnswer("pour", "Pour", List.of(), 4, "", false, List.of(), "");
        Decision loud = new Decision(78, quiet.at(), quiet.event(), List.of(rang), "");
        assertThat(journal.row(loud).json()).contains("\"cueId\":\"pour\"");
        assertThat(journal.read(journal.row(loud))).isEqualTo(loud);
        Decision noted = new Decision(79, quiet.at(), quiet.event(), List.of(), "said to be calm");
        assertThat(journal.read(journal.row(noted))).isEqualTo(noted);
        assertThat(journal.row(noted).sentence()).isEqualTo("said to be calm");
    }
}

package org.waxbell.wiring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.waxbell.Samples.card;
import static org.waxbell.Samples.cue;
import static org.waxbell.Samples.reply;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.check.Problem;
import org.waxbell.cue.Cue;
import org.waxbell.cue.HeldAnswer;
import org.waxbell.gate.CooldownGate;
import org.waxbell.port.Calendars;
import org.waxbell.score.Anchor;
import org.waxbell.score.Manner;
import org.waxbell.score.Part;
import org.waxbell.score.SoundPart;

class CueCheckTest {
    private static List<Problem> check(Cue cue) {
        return CueCheck.check(Samples.housed(Samples.pour()), cue, Calendars.NONE);
    }

    private static void refused(Cue cue, String path, String value) {
        assertThat(check(cue)).anySatisfy(problem -> {
            assertThat(problem.path()).isEqualTo(path);
            assertThat(problem.value()).isEqualTo(value);
            assertThat(problem.message()).endsWith(".");
            assertThat(problem.remedy()).endsWith(".");
        });
    }

    private static Cue words(String... words) {
        return cue("bell", List.of(words), List.of(), reply("say", new Anchor.At(0)));
    }

    private static Cue parts(Part... parts) {
        return cue("bell", List.of("!bell"), List.of(), parts);
    }

    @Test
    void aGoodCueHasNoProblems() {
        assertThat(check(Samples.pour())).isEmpty();
    }

    @Test
    void aWordOfAnotherCueIsRefusedWhateverItsCapitals() {
        refused(words("!bell", "!POUR"), "pulls[0].words[1]", "!POUR");
    }

    @Test
    void wordsThatAreNoWordsAreRefused() {
        refused(words(), "pulls[0].words", "0 words");
        refused(words(""), "pulls[0].words[0]", "");
        refused(words("!two words"), "pulls[0].words[0]", "!two words");
        refused(words("!b\u202Eell"), "pulls[0].words[0]", "!b\u202Eell");
        refused(words("!bell", "!Bell"), "pulls[0].words[1]", "!Bell");
        refused(words("x".repeat(41)), "pulls[0].words[0]", "x".repeat(41));
    }

    @Test
    void timesOutOfRangeAreRefused() {
        refused(parts(card("card", new Anchor.At(-1), 5_000)), "takes[0].score.parts[0].start.ms", "-1");
        refused(parts(card("card", new Anchor.At(0), 900_000_000)), "takes[0].score.parts[0].lengthMs", "900000000");
        refused(parts(card("card", new Anchor.At(0), 900)), "takes[0].score.parts[0].lengthMs", "900");
        refused(cue("bell", List.of("!bell"), List.of(new CooldownGate(-5, 0)), reply("r", new Anchor.At(0))), "gates[0].forAllMs", "-5");
    }

    @Test
    void theRemedyNamesTimesAsPeopleWriteThem() {
        assertThat(check(parts(card("card", new Anchor.At(0), -2_000)))).first().extracting(Problem::remedy).isEqualTo("Give a time from 0.5 s to 10 min.");
    }

    @Test
    void unknownThingsAreRefused() {
        refused(parts(card("card", new Anchor.At(0), 5_000, "nowhere")), "takes[0].score.parts[0].spot", "nowhere");
        refused(parts(new SoundPart("s", new Anchor.At(0), "main", "bench", "Splashing", "", 80, Manner.PLAIN)), "takes[0].score.parts[0].folder", "Splashing");
        refused(parts(new SoundPart("s", new Anchor.At(0), "main", "bench", "Pouring", "x.wav", 101, Manner.PLAIN)), "takes[0].score.parts[0].volume", "101");
        refused(parts(Samples.says("r", new Anchor.At(0), "Hello {viewr}")), "takes[0].score.parts[0].words", "{viewr}");
        refused(parts(Samples.says("r", new Anchor.At(0), "Hello {viewer")), "takes[0].score.parts[0].words", "Hello {viewer");
        refused(parts(reply("r", new Anchor.After("gone", 0))), "takes[0].score.parts[0].start.part", "gone");
    }

    @Test
    void answersForGatesThatAreNotThereAreRefused() {
        Cue pour = Samples.pour();
        Cue cue = Samples.saying(cue("bell", List.of("!bell"), pour.gates(), reply("r", new Anchor.At(0))), new HeldAnswer("price", "no"),
                new HeldAnswer("cooldown", "{reasn}"), new HeldAnswer("cooldown", "again {reason}"));
        assertThat(check(cue)).extracting(Problem::path).containsExactly("whenHeld[0].gate", "whenHeld[1].words", "whenHeld[2].gate");
    }

    @Test
    void circlesNameTheirParts() {
        refused(parts(reply("a", new Anchor.After("b", 0)), reply("b", new Anchor.After("a", 0))), "takes[0].score.parts", "a → b");
    }

    @Test
    void emptyTextAndEmptyScoresAreRefused() {
        refused(parts(Samples.says("r", new Anchor.At(0), "  ")), "takes[0].score.parts[0].words", "  ");
        refused(parts(), "takes[0].score.parts", "[]");
    }

    @Test
    void aScoreThatStandsInItsOwnWayIsRefused() {
        refused(parts(card("a", new Anchor.At(0), 5_000), card("b", new Anchor.At(4_000), 5_000)), "takes[0].score.parts[1].start", "4 s");
        assertThat(check(parts(card("a", new Anchor.At(0), 5_000), card("b", new Anchor.At(4_000), 5_000, "corner")))).isEmpty();
    }

    @Test
    void twoPartsOfOneNameAreRefused() {
        refused(parts(reply("r", new Anchor.At(0)), reply("r", new Anchor.At(1))), "takes[0].score.parts[1].id", "r");
    }
}

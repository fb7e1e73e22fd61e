package org.waxbell.app.speech;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.waxbell.app.json.Documents;
import org.waxbell.app.store.Journal;
import org.waxbell.app.store.StateStore;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Viewer;
import org.waxbell.event.Written;
import org.waxbell.gate.GateAnswer;
import org.waxbell.gate.ReadingGate;
import org.waxbell.journal.CueAnswer;
import org.waxbell.journal.Decision;
import org.waxbell.show.Desks;
import org.waxbell.speech.VoiceState;
import org.waxbell.voice.Reading;

/** Texts that were not said: those that wait for the host, and those that were kept out. */
@Component
public class HeldTexts {
    private static final int MOST = 60;
    /** Among how many decisions it is looked for what waits: a long evening has fewer. */
    private static final int AMONG = 20_000;

    private final Journal journal;
    private final StateStore state;
    private final Documents json;

    HeldTexts(Journal journal, StateStore state, Documents json) {
        this.journal = journal;
        this.state = state;
        this.json = json;
    }

    /** A text that was held. @param at milliseconds since 1970 UTC @param says what of it would be said @param reason why, as the gate said it */
    public record HeldText(
            long decision,
            long at,
            String viewer,
            String cueId,
            String cueName,
            String text,
            String says,
            String reason) {}

    /** How the voice stands, as it is kept. */
    public VoiceState voice() {
        return Desks.book(Reading.DESK).stream()
                .flatMap(book -> state.book(book).values().stream())
                .map(VoiceState.class::cast)
                .findFirst()
                .orElse(VoiceState.NEW);
    }

    /** What the host is asked about, the oldest first. */
    public List<HeldText> waiting() {
        List<Long> settled = voice().settled();
        return held(ReadingGate.WAITS)
                .filter(each -> !settled.contains(each.decision()))
                .sorted(Comparator.comparingLong(HeldText::decision))
                .toList();
    }

    /** What was kept out lately, the newest first. */
    public List<HeldText> keptOut() {
        return held(ReadingGate.KEPT).toList();
    }

    private Stream<HeldText> held(String number) {
        return journal.holdingLately("\"" + number + "\"", AMONG, MOST).stream().flatMap(each -> texts(each, number));
    }

    private Stream<HeldText> texts(Decision decision, String number) {
        return decision.cues().stream()
                .filter(answer -> isHeldFor(answer, number))
                .map(answer -> new HeldText(
                        decision.number(),
                        decision.at(),
                        decision.event().by().map(Viewer::name).orElse(""),
                        answer.cueId(),
                        answer.cueName(),
                        text(decision.event()),
                        said(decision.event()),
                        last(answer).reason()));
    }

    /** Whether a cue held because of its text, which waits or was kept out by the number of that name. */
    public static boolean isHeldFor(CueAnswer answer, String number) {
        return answer.held()
                && last(answer).gate().equals(ReadingGate.NAME)
                && last(answer).numbers().containsKey(number);
    }

    private static GateAnswer last(CueAnswer answer) {
        return answer.gates().get(answer.gates().size() - 1);
    }

    private static String text(ShowEvent event) {
        return event instanceof Written line ? line.text() : event.sentence();
    }

    private static String said(ShowEvent event) {
        return event instanceof Written line && !line.argument().isBlank() ? line.argument() : text(event);
    }
}

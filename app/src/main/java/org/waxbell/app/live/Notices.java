package org.waxbell.app.live;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.draft.Names;
import org.waxbell.engine.PartRun;
import org.waxbell.engine.Ring;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.event.Written;
import org.waxbell.gate.GateAnswer;
import org.waxbell.journal.CueAnswer;
import org.waxbell.journal.Decision;
import org.waxbell.look.Look;
import org.waxbell.score.Lane;
import org.waxbell.seen.Seen;
import org.waxbell.words.WordBook;

/** Decisions and rings as pages are told them, with what they are about called as the wiring calls it. */
@Component
public class Notices {
    private final WiringStore wiring;

    Notices(WiringStore wiring) {
        this.wiring = wiring;
    }

    private Names names() {
        return new Names(wiring.current().wiring());
    }

    /** What one gate said. */
    public record GateNotice(String gate, boolean passed, String reason) {}

    /** What became of one cue that looked at an event. @param ring number of the ring, 0 where it was held @param seen whether it could be seen, null where that is not known yet or does not matter */
    public record AnswerNotice(
            String cueId,
            String cueName,
            List<GateNotice> gates,
            long ring,
            boolean held,
            boolean dropped,
            List<String> drawn,
            String sentence,
            @Nullable Seen seen) {}

    /** An event and what was decided. @param at milliseconds since 1970 UTC @param kind of the event @param viewer name of who caused it, empty text for nobody */
    public record DecisionNotice(
            long number,
            long at,
            String kind,
            String event,
            String viewer,
            String sentence,
            List<AnswerNotice> answers,
            @Nullable WrittenNotice written) {}

    /** What somebody wrote. @param chat the link by which it came, with its channel behind a stroke where it has several @param standing nearest to the host @param privately whether to the helper alone @param question whether something is asked */
    public record WrittenNotice(String text, String chat, Standing standing, boolean privately, boolean question) {
        static @Nullable WrittenNotice of(ShowEvent event) {
            return event instanceof Written line
                    ? new WrittenNotice(
                            line.text(),
                            line.from(),
                            line.viewer().nearest(),
                            line.privately().isPresent(),
                            line.hasQuestion())
                    : null;
        }
    }

    /** A part of a ring on its lane. @param from milliseconds since 1970 UTC @param to likewise */
    public record PartNotice(String id, Lane lane, String label, long from, long to, String state, String note) {}

    /** A ring as it stands. @param start milliseconds since 1970 UTC */
    public record RingNotice(
            long number,
            String cueId,
            String cueName,
            String viewer,
            String state,
            String note,
            long arrived,
            long start,
            List<PartNotice> parts) {}

    /** An event and what was decided, nothing known of whether it was seen. */
    public DecisionNotice of(Decision decision) {
        return of(decision, Map.of());
    }

    /** @param seen what is known of rings by their numbers */
    DecisionNotice of(Decision decision, Map<Long, Seen> seen) {
        return new DecisionNotice(
                decision.number(),
                decision.at(),
                decision.event().kind(),
                names().sentence(decision.event()) + byWhom(decision.event()),
                decision.event().by().map(Viewer::name).orElse(""),
                decision.sentence(),
                decision.cues().stream()
                        .map(answer -> of(answer, seen.get(answer.ring())))
                        .toList(),
                WrittenNotice.of(decision.event()));
    }

    /** Which helper did it, and which extension wrote, for all else that one does names it; the host and viewers need not be told. */
    private String byWhom(ShowEvent event) {
        if (!(event instanceof Fact fact)) {
            return "";
        }
        return switch (fact.actor().origin()) {
            case STAFF -> " · by " + fact.actor().id();
            case EXTENSION ->
                fact.is(Facts.SAID) ? " · by " + names().desk(fact.actor().id()) : "";
            default -> "";
        };
    }

    private static AnswerNotice of(CueAnswer answer, @Nullable Seen seen) {
        return new AnswerNotice(
                answer.cueId(),
                answer.cueName(),
                answer.gates().stream().map(Notices::of).toList(),
                answer.ring(),
                answer.held(),
                answer.dropped(),
                answer.drawn(),
                answer.sentence(),
                seen);
    }

    private static GateNotice of(GateAnswer answer) {
        return new GateNotice(answer.gate(), answer.passed(), answer.reason());
    }

    /** A ring as it stands. @param words patterns that are compiled already */
    public RingNotice of(Ring ring, WordBook words) {
        return new RingNotice(
                ring.number(),
                ring.cueId(),
                ring.cueName(),
                ring.event().by().map(Viewer::name).orElse(""),
                small(ring.state()),
                ring.note(),
                ring.arrived(),
                ring.start(),
                ring.parts().stream()
                        .filter(PartRun::placed)
                        .map(run -> of(ring, run, words))
                        .toList());
    }

    private PartNotice of(Ring ring, PartRun run, WordBook words) {
        return new PartNotice(
                run.part().id(),
                run.part().lane(),
                run.part().label(ring.telling(run, Map.of(), words, "", Look.SHIPPED), names()),
                ring.momentOf(run),
                ring.overOf(run),
                small(run.state()),
                run.note());
    }

    private static String small(Enum<?> state) {
        return state.name().toLowerCase(Locale.ROOT);
    }
}

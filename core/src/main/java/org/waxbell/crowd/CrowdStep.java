package org.waxbell.crowd;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.waxbell.actor.Actor;
import org.waxbell.crowd.Crowd.Way;
import org.waxbell.crowd.CrowdHead.Pressed;
import org.waxbell.desk.Answer;
import org.waxbell.desk.Ask;
import org.waxbell.directive.Directive;
import org.waxbell.directive.SetTarget;
import org.waxbell.event.DeskFacts;
import org.waxbell.event.Fact;
import org.waxbell.event.Target;
import org.waxbell.event.Viewer;
import org.waxbell.time.Spans;

/** One step of one crowd. */
final class CrowdStep {
    /** How long somebody counts as playing who pressed, in milliseconds. */
    private static final long REMEMBERED_MS = 60_000;

    private static final String UP = "up";
    private static final String DOWN = "down";
    private final Crowd crowd;
    private final long at;
    private final List<Directive> keys = new ArrayList<>();
    private final List<Fact> told = new ArrayList<>();
    private CrowdState now;

    CrowdStep(Crowd crowd, CrowdState now, long at) {
        this.crowd = crowd;
        this.now = now;
        this.at = at;
    }

    /** The next moment at which a key is lifted; {@link Long#MAX_VALUE} where none is held. */
    static long nextLift(CrowdState now) {
        return now.head().held().values().stream()
                .mapToLong(Long::longValue)
                .min()
                .orElse(Long.MAX_VALUE);
    }

    /** When the vote that goes is over; {@link Long#MAX_VALUE} where none goes. */
    static long voteEnds(Crowd crowd, CrowdState now) {
        return now.head().began() == 0 ? Long.MAX_VALUE : now.head().began() + crowd.everyMs();
    }

    private static int votes(CrowdState now, CrowdMove move) {
        return now.head().tally().getOrDefault(move.word(), 0);
    }

    /** What most want now; empty where nobody has voted. */
    static Optional<CrowdMove> leads(Crowd crowd, CrowdState now) {
        return crowd.moves().stream()
                .filter(each -> votes(now, each) > 0)
                // Of equal ones the one that stands first.
                .min(Comparator.comparingInt(each -> -votes(now, each)));
    }

    Answer<CrowdState> press(Ask ask) {
        String written = ask.text(Crowd.MOVE).strip();
        Optional<CrowdMove> move = crowd.move(written);
        if (move.isEmpty()) {
            return Answer.refused(
                    now,
                    "noMove",
                    "\"" + written + "\" moves nothing here. Write one of "
                            + String.join(
                                    ", ",
                                    crowd.moves().stream().map(CrowdMove::word).toList()) + ".");
        }
        if (!ask.text(Crowd.REST).isBlank()) {
            // It was the beginning of a sentence.
            return Answer.refused(now, "moreThanAWord", "More stands there than " + written + ".");
        }
        return press(move.get(), ask.viewer());
    }

    private Answer<CrowdState> press(CrowdMove move, Optional<Viewer> viewer) {
        Optional<Voice> before = viewer.flatMap(who -> now.voices().get(who.id()));
        long rests = before.map(voice -> voice.at() + crowd.perViewerMs() - at).orElse(0L);
        if (rests > 0 && crowd.way() == Way.AT_ONCE) {
            return Answer.refused(now, "tooSoon", "Others first: again in " + Spans.inWords(rests) + ".");
        }
        String name = viewer.map(Viewer::name).orElse("the host");
        if (crowd.way() == Way.VOTE && viewer.isPresent()) {
            return vote(move, viewer.get(), before);
        }
        viewer.ifPresent(who -> now = now.with(new Voice(who.id(), at, "")));
        boolean moved = down(move, name, 0);
        return done(
                moved ? "pressed" : "cancelled",
                moved ? name + " presses " + move.word() : name + " lifts " + move.against());
    }

    /** Each has one vote, and may change it until the vote is over. */
    private Answer<CrowdState> vote(CrowdMove move, Viewer viewer, Optional<Voice> before) {
        CrowdHead head = now.head().began() == 0 ? now.head().vote(at) : now.head();
        String was = before.map(Voice::word).orElse("");
        if (!was.isEmpty()) {
            head = head.voted(was, -1);
        }
        now = now.with(head.voted(move.word(), 1)).with(new Voice(viewer.id(), at, move.word()));
        return done("voted", viewer.name() + " is for " + move.word());
    }

    private Answer<CrowdState> done(String outcome, String says) {
        return Answer.done(now, outcome, says, Map.of()).directing(keys).telling(told);
    }

    /** Presses a key, or lifts the one that it cancels; whether it was pressed. */
    private boolean down(CrowdMove move, String name, int won) {
        Optional<CrowdMove> against =
                crowd.against(move).filter(other -> now.head().held().containsKey(other.key()));
        now = now.with(now.head().pressed(new Pressed(at, name, move.word(), won)));
        if (against.isPresent()) {
            up(against.get().key());
            return false;
        }
        if (now.head().held().containsKey(move.key())) {
            // Each press is one of its own, so the key comes up before it goes down again.
            up(move.key());
        }
        keys.add(key(move.key(), DOWN));
        now = now.with(now.head().holding(move.key(), at + crowd.holdMs()));
        return true;
    }

    private void up(String key) {
        keys.add(key(key, UP));
        now = now.with(now.head().lifting(key));
    }

    private SetTarget key(String key, String value) {
        return new SetTarget("crowd/" + crowd.id(), at, new Target(Target.Kind.KEY, key), value, value.equals(UP));
    }

    /** Lifts every key, and ends the vote. */
    Answer<CrowdState> lift() {
        List.copyOf(now.head().held().keySet()).forEach(this::up);
        now = now.with(now.head().vote(0)).silent();
        return done("lifted", "every key is up");
    }

    Answer<CrowdState> wake() {
        now = now.without(at - Math.max(crowd.perViewerMs(), REMEMBERED_MS));
        now.head().held().entrySet().stream()
                .filter(each -> each.getValue() <= at)
                .map(Map.Entry::getKey)
                .sorted()
                .toList()
                .forEach(this::up);
        if (voteEnds(crowd, now) <= at) {
            Optional<CrowdMove> most = leads(crowd, now);
            int votes = most.map(each -> votes(now, each)).orElse(0);
            // The next vote begins with its first voice.
            now = now.with(now.head().vote(0)).silent();
            most.ifPresent(move -> {
                down(move, votes == 1 ? "one voice" : votes + " voices", votes);
                told.add(DeskFacts.CROWD_CHOSE.by(Actor.PROGRAM, crowd.name(), move.word(), (long) votes));
            });
        }
        return Answer.becomes(now).directing(keys).telling(told);
    }
}

package org.waxbell.engine;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.waxbell.act.Asking;
import org.waxbell.booking.Outlet;
import org.waxbell.booking.Place;
import org.waxbell.desk.Answer;
import org.waxbell.directive.BookDirective;
import org.waxbell.directive.Directive;
import org.waxbell.directive.EndPart;
import org.waxbell.directive.Quieten;
import org.waxbell.directive.StageDirective;
import org.waxbell.event.Target;
import org.waxbell.score.Manner;
import org.waxbell.score.PlannedPart;
import org.waxbell.score.ScoreCompiler;
import org.waxbell.time.Spans;

/** Carries one ring on at one moment: begins its parts, ends them, and does what their failure asks for. */
final class Performance {
    private final Runner runner;
    private final long at;
    private final Turn out;
    /** The ring as it was taken in or put together last; what changed since stands in {@link #runs}. */
    private Ring ring;

    private List<PartRun> runs;
    private boolean changed;

    Performance(Runner runner, Ring ring, long at, Turn out) {
        this.runner = runner;
        this.ring = ring;
        this.runs = ring.parts();
        this.at = at;
        this.out = out;
    }

    Ring ring() {
        if (changed) {
            become(ring.with(runs));
        }
        return ring;
    }

    private void become(Ring next) {
        ring = next;
        runs = next.parts();
        changed = false;
    }

    /** Does all that is due. */
    Ring run() {
        for (int i = 0; i < runs.size(); i++) {
            boolean mayRun =
                    ring.state() == RingState.PLAYING || part(i).part().manner().atOnce();
            if (mayRun && part(i).state() == PartState.PLANNED && part(i).placed() && ring.tellAt(part(i)) <= at) {
                begin(i);
            }
            if (part(i).state() == PartState.TOLD && ring.overOf(part(i)) <= at) {
                timeIsUp(i);
            }
        }
        return ring();
    }

    private PartRun part(int index) {
        return runs.get(index);
    }

    private void set(int index, PartRun run) {
        if (!changed) {
            runs = new ArrayList<>(runs);
            changed = true;
        }
        runs.set(index, run);
    }

    private void begin(int index) {
        PartRun run = part(index);
        Place place = run.part().place().orElse(null);
        if (place != null && !runner.clear(ring, place, ring.momentOf(run), out)) {
            close(index, PartState.CUT, "something more urgent stands there");
            return;
        }
        if (!ring.begun()) {
            become(ring().begins());
            runner.begun(ring.number(), at, out);
        }
        Asking asking = run.part().asks().orElse(null);
        if (asking != null && !ask(index, run, asking)) {
            return;
        }
        set(index, run.become(PartState.TOLD, ""));
        Directive directive = runner.tell(ring, run);
        if (directive instanceof BookDirective own) {
            own.perform(new Clerk(runner, ring, at, out));
        } else if (directive != null) {
            out.directed(directive);
            if (place != null) {
                quieten(directive, place);
                runner.softened(ring, run).ifPresent(soft -> soft.perform(new Clerk(runner, ring, at, out)));
            }
        }
    }

    /** Asks a desk; whether it did what was wanted. What it says is known to the words of the ring. */
    private boolean ask(int index, PartRun run, Asking asking) {
        Answer<?> answer = runner.ask(ring(), run, asking, at, out);
        Map<String, String> brought = new HashMap<>(answer.results());
        brought.put("outcome", answer.outcome());
        brought.put("answer", answer.says());
        become(ring().knowing(run.part().answered(brought)));
        if (answer.refused()) {
            fail(index, answer.says());
        }
        return !answer.refused();
    }

    private void quieten(Directive directive, Place place) {
        Outlet outlet = runner.outlet(place);
        if (outlet != null && directive instanceof StageDirective sound) {
            outlet.quietens()
                    .forEach(other -> out.directed(new Quieten(
                            sound.partRun() + "-" + other,
                            sound.meantFor(),
                            sound.lengthMs(),
                            sound.stage(),
                            other,
                            outlet.quietTo())));
        }
    }

    private void timeIsUp(int index) {
        PartRun run = part(index);
        if (run.settled().known()) {
            if (run.part().manner().toEnd() || overran(run)) {
                endOnStage(run);
            }
            close(index, PartState.ENDED, "");
        } else {
            endOnStage(run);
            fail(index, "it took longer than " + Spans.inWords(run.settled().longestMs()));
        }
    }

    /** Whether it lasted longer than its page was told. */
    private static boolean overran(PartRun run) {
        return run.settled().media().lengthMs() > 0
                && run.settled().lengthMs() > run.settled().media().lengthMs();
    }

    /** Ends a part; those that hang on its end learn when that was. */
    void close(int index, PartState state, String why) {
        PartRun run = part(index);
        boolean wasOpen = !run.settled().known();
        PartRun closed = wasOpen ? run.lasting(at - ring.momentOf(run)) : run;
        set(index, closed.become(state, why));
        if (run.state() == PartState.TOLD) {
            release(run);
            if (state == PartState.ENDED) {
                run.part().ends(ring.results()).ifPresent(event -> out.follows(event, runner.depthAfter(ring, at)));
            }
        }
        if (wasOpen || ring().hasOpenStarts()) {
            placeWhatIsKnown();
        }
    }

    private void release(PartRun run) {
        run.part().holds().ifPresent(target -> release(run, target));
        runner.softened(ring, run).ifPresent(soft -> release(run, soft.target()));
    }

    private void release(PartRun run, Target target) {
        if (runner.handlers().switches().release(target, ring.nameOf(run), at, out)) {
            runner.switched(ring, target, at, out);
        }
    }

    /** Works out what is known now, and finds room for it; a ring that still waits is placed with all of it. */
    private void placeWhatIsKnown() {
        List<Boolean> before = runs.stream().map(PartRun::placed).toList();
        become(ring().resolved());
        List<Integer> fresh = new ArrayList<>();
        for (int i = 0; i < before.size(); i++) {
            if (!before.get(i) && part(i).placed()) {
                fresh.add(i);
            }
        }
        if (ring.state() == RingState.PLAYING && !fresh.isEmpty()) {
            shift(fresh);
        }
    }

    /** Moves parts together to the earliest moment at which they all fit; where that is too late they are given up. */
    private void shift(List<Integer> which) {
        // A part on a known moment of the past may begin now, not earlier.
        long behind = which.stream()
                .mapToLong(i -> Math.max(0, at - ring.tellAt(part(i))))
                .max()
                .orElse(0);
        which.forEach(i -> set(i, part(i).from(part(i).fromMs() + behind)));
        long wait = runner.room(ring(), which.stream().map(this::part).toList());
        if (wait == Runner.NO_ROOM) {
            which.stream()
                    .filter(i -> part(i).part().place().isPresent())
                    .forEach(i -> set(i, part(i).become(PartState.CUT, "its place was not free in time")));
        } else if (wait > 0) {
            which.forEach(i -> set(i, part(i).from(part(i).fromMs() + wait)));
        }
        runner.book(ring());
    }

    /** An adapter says how long a part lasts; parts that hang on its end move with it, nothing else does. */
    void measured(int index, long lengthMs) {
        set(index, part(index).lasting(lengthMs));
        List<Integer> after = new ArrayList<>();
        for (int i = 0; i < runs.size(); i++) {
            if (part(i).state() == PartState.PLANNED && hangsOnEndOf(part(i), part(index))) {
                after.add(i);
            }
        }
        after.forEach(i -> set(i, part(i).from(PlannedPart.OPEN)));
        become(ring().resolved());
        List<Integer> placed = after.stream().filter(i -> part(i).placed()).toList();
        if (ring.state() == RingState.PLAYING && !placed.isEmpty()) {
            shift(placed);
        }
    }

    private boolean hangsOnEndOf(PartRun run, PartRun moved) {
        PartRun at = run;
        while (at != null && at.part().start().hangsOn().isPresent()) {
            boolean end = at.part().start().hangsOnEnd();
            PartRun other = named(at.part().start().hangsOn().get(), run.spare());
            if (end && other == moved
                    || end
                            && other != null
                            && other.part().id().equals(moved.part().id())) {
                return true;
            }
            at = other;
        }
        return false;
    }

    private @Nullable PartRun named(String id, boolean spare) {
        return runs.stream()
                .filter(each -> each.spare() == spare && each.part().id().equals(id))
                .findFirst()
                .orElse(null);
    }

    /** A part could not be done; the rest does what the part asks for in that case. */
    void fail(int index, String why) {
        PartRun run = part(index);
        close(index, PartState.FAILED, why);
        afterFailure(run.part().manner().ifFails(), run.part().id());
    }

    /** A part was ended by another ring, which for the rest of its score is a failure. */
    void taken(int index, String why) {
        PartRun run = part(index);
        endOnStage(run);
        close(index, PartState.CUT, why);
        afterFailure(run.part().manner().ifFails(), run.part().id());
    }

    private void afterFailure(Manner.IfFails rule, String id) {
        if (rule == Manner.IfFails.GO_ON) {
            return;
        }
        cutAll("the score ends, for " + id + " failed");
        if (rule == Manner.IfFails.OTHER_TAKE && !ring.spare().parts().isEmpty()) {
            playSpare();
        }
    }

    /** Ends all that is open. */
    void cutAll(String why) {
        for (int i = 0; i < runs.size(); i++) {
            PartRun run = part(i);
            if (run.state().isOpen()) {
                if (run.state() == PartState.TOLD) {
                    endOnStage(run);
                    release(run);
                }
                set(i, run.become(PartState.CUT, why));
            }
        }
    }

    private void playSpare() {
        List<PartRun> all = new ArrayList<>(runs);
        int first = all.size();
        long from = Math.max(0, at + ring.leadMs() - ring.start());
        ScoreCompiler.plan(ring.spare(), runner.shelf(), runner.draws(ring, out))
                .forEach(planned -> all.add(PartRun.of(planned, true)));
        for (int i = first; i < all.size(); i++) {
            PartRun run = all.get(i);
            all.set(i, run.placed() ? run.from(run.fromMs() + from) : run);
        }
        become(ring.with(all).withoutSpare().become(RingState.PLAYING, ""));
        List<Integer> fresh = new ArrayList<>();
        for (int i = first; i < all.size(); i++) {
            if (part(i).placed()) {
                fresh.add(i);
            }
        }
        shift(fresh);
    }

    private void endOnStage(PartRun run) {
        Place place = run.part().place().orElse(null);
        if (place == null) {
            return;
        }
        out.directed(new EndPart(ring.nameOf(run), at, place.stage()));
        Outlet outlet = runner.outlet(place);
        if (outlet != null) {
            outlet.quietens()
                    .forEach(other -> out.directed(new EndPart(ring.nameOf(run) + "-" + other, at, place.stage())));
        }
    }
}

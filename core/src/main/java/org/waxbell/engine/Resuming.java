package org.waxbell.engine;

import org.waxbell.directive.Directive;
import org.waxbell.directive.Switch;
import org.waxbell.event.Target;

/** Takes up after a restart what was under way before it. */
final class Resuming {
    private final Runner runner;

    Resuming(Runner runner) {
        this.runner = runner;
    }

    /** What should still be seen is told again, what is over is not done late, and what was under way outside becomes unknown. */
    void resume(long now, Turn out) {
        for (Ring ring : runner.rings()) {
            if (ring.state() == RingState.WAITING && !ring.begun() && ring.deadline() <= now) {
                // Before the others are placed: what it leaves free belongs to now, not to the time that was missed.
                runner.drop(ring, RingState.DROPPED, Runner.TOO_LONG, out);
            } else {
                pickUp(now, ring, out);
            }
        }
        runner.placeWaiting(now, out);
        runner.handlers().switches().putBackOrphans(now, out);
    }

    private void pickUp(long now, Ring ring, Turn out) {
        Performance performance = new Performance(runner, ring, now, out);
        for (int i = 0; i < ring.parts().size(); i++) {
            PartRun run = performance.ring().parts().get(i);
            if (run.state() == PartState.TOLD) {
                pickUpTold(now, performance, i, run, out);
            } else if (run.state() == PartState.PLANNED
                    && run.placed()
                    && (ring.state() == RingState.PLAYING || run.part().manner().atOnce())) {
                boolean shown = run.part().lane().toldAhead();
                if (shown ? ring.overOf(run) <= now : ring.momentOf(run) < now) {
                    performance.close(i, PartState.MISSED, "its moment passed while the program was not running");
                }
            }
        }
        if (!performance.ring().equals(ring)) {
            runner.move(runner.finish(performance.ring(), now, out), out);
        }
    }

    private void pickUpTold(long now, Performance performance, int index, PartRun run, Turn out) {
        Ring ring = performance.ring();
        boolean over = ring.overOf(run) <= now;
        Target held = run.part().holds().orElse(null);
        if (held != null) {
            if (over) {
                runner.handlers().switches().forget(held, ring.nameOf(run));
                performance.close(index, PartState.ENDED, "");
                runner.handlers().switches().owe(held, held.kind().ofProgram(), ring.nameOf(run), now, out);
            }
        } else if (run.part().lane().toldAhead() && !over) {
            Directive again = runner.tell(ring, run);
            if (again != null) {
                out.directed(again);
            }
        } else if (run.part().lane().toldAhead()) {
            Switch soft = runner.softened(ring, run).orElse(null);
            if (soft != null) {
                runner.handlers().switches().forget(soft.target(), ring.nameOf(run));
            }
            performance.close(index, PartState.ENDED, "");
            if (soft != null) {
                runner.handlers().switches().owe(soft.target(), false, ring.nameOf(run), now, out);
            }
        } else {
            performance.close(index, PartState.UNKNOWN, "the program stopped while it was under way");
        }
    }

    /** The holds of parts that still last, as they were before a restart. */
    void holdAgain() {
        for (Ring ring : runner.rings()) {
            for (PartRun run : ring.parts()) {
                if (run.state() == PartState.TOLD
                        && run.part().holds().isPresent()
                        && runner.tell(ring, run) instanceof Switch held) {
                    runner.handlers().switches().resume(ring, run, held);
                }
                if (run.state() == PartState.TOLD) {
                    runner.softened(ring, run)
                            .ifPresent(soft -> runner.handlers().switches().resume(ring, run, soft));
                }
            }
        }
    }
}

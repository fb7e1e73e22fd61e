package org.waxbell.engine;

import org.waxbell.directive.BookDirective;
import org.waxbell.directive.MovePoints;
import org.waxbell.directive.Switch;
import org.waxbell.directive.WriteSlate;
import org.waxbell.event.Viewer;
import org.waxbell.slate.SlateValue;

/** Writes into our own books what a part of a ring asks for. */
final class Clerk implements BookDirective.Books {
    private final Runner runner;
    private final Ring ring;
    private final long at;
    private final Turn out;

    Clerk(Runner runner, Ring ring, long at, Turn out) {
        this.runner = runner;
        this.ring = ring;
        this.at = at;
        this.out = out;
    }

    private String person() {
        return ring.event().by().map(Viewer::id).orElse("");
    }

    @Override
    public void write(WriteSlate write) {
        SlateKeeper slate = runner.handlers().slate();
        SlateValue value = slate.value(write.value());
        if (value == null || value.perViewer() && person().isEmpty()) {
            return;
        }
        String text = write.clear() ? value.start() : write.text();
        String next = write.add()
                ? Long.toString(SlateValue.toNumber(slate.read(value, person())) + SlateValue.toNumber(text))
                : text;
        slate.write(value, person(), next, runner.depthAfter(ring, at), out);
    }

    @Override
    public void move(MovePoints move) {
        runner.handlers().points().move(at, person(), move.amount(), ring.cueName(), out);
    }

    @Override
    public void hold(Switch hold) {
        Switchboard switches = runner.handlers().switches();
        String before = switches.shown(hold.target());
        switches.hold(ring, hold, runner.handlers().wired().rests(hold.target()), out);
        if (!before.equals(switches.shown(hold.target()))) {
            runner.switched(ring, hold.target(), at, out);
        }
    }
}

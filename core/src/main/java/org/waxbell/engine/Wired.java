package org.waxbell.engine;

import org.waxbell.event.Target;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.House;

/** The wiring in force, for all who look something up in it. */
final class Wired {
    private CueBook book;

    Wired(CueBook book) {
        this.book = book;
    }

    CueBook book() {
        return book;
    }

    House house() {
        return book.wiring().house();
    }

    /** How a target stands that nobody has switched yet, such as a rack as its own switch says; empty text where only the outside knows. */
    String rests(Target target) {
        return target.kind() == Target.Kind.RACK
                ? book.wiring()
                        .rack(target.name())
                        .map(rack -> rack.on() ? "on" : "off")
                        .orElse("")
                : target.kind().rests();
    }

    void become(CueBook next) {
        book = next;
    }
}

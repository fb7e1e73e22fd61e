package org.waxbell.engine;

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

    void become(CueBook next) {
        book = next;
    }
}

package org.waxbell.show;

import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.port.Calendars;
import org.waxbell.wiring.CueBook;

/**
 * The whole of an evening: the engine with every desk. What happens goes in as events and reports; decisions, directives and
 * changes come out ({@link org.waxbell.engine.Outcome}).
 */
public final class Show {
    private Show() {}

    /** An engine that goes on from {@code state}. @param leadMs how long before their moment parts are told, in milliseconds */
    public static Engine engine(CueBook book, EngineState state, long leadMs, Calendars calendars) {
        return new Engine(book, state, leadMs, calendars, Desks.ALL);
    }
}

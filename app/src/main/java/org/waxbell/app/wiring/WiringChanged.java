package org.waxbell.app.wiring;

import org.waxbell.actor.Actor;

/** The wiring is another now. @param by who made the edit */
public record WiringChanged(Actor by) {}

package org.waxbell.app.inbox;

/** A part turned out to have failed when its ring was over already, such as an answer that could not be said. */
public record FailedLate(String partRun, String why) {}

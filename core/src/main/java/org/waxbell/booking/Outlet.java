package org.waxbell.booking;

/** A spot for sound on a stage. @param busy what happens when it is taken */
public record Outlet(String id, String name, BusyRule busy) {
}

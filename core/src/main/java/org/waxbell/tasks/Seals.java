package org.waxbell.tasks;

import java.util.List;

/** The figures that are cut into seals. Each is drawn by the pages. */
public final class Seals {
    /** Their names. */
    public static final List<String> NAMES = List.of("flame", "leaf", "drop", "star", "moon", "bell", "shell", "key");

    /** The colour of a seal's wax. */
    static final String WAX = "#e8b04a";

    private Seals() {}
}

package org.waxbell.app.inbox;

import java.sql.SQLException;
import java.util.Set;

/** What was done could not be kept; it is tried again until it can. */
public final class Unsaved extends RuntimeException {
    /** SQLite's result codes for a database that others hold, that may not be written, or whose disk is full or fails. */
    private static final Set<Integer> OF_THE_DISK = Set.of(5, 6, 8, 10, 13, 14);

    private static final int PRIMARY = 0xff;

    /** Whether a failure comes of the disk or of others who hold the database, and passes with them. */
    public static boolean isOfTheDisk(SQLException failure) {
        return OF_THE_DISK.contains(failure.getErrorCode() & PRIMARY);
    }

    /** Why the store refused. */
    public Unsaved(Throwable cause) {
        super("The data folder could not be written: " + cause.getMessage(), cause);
    }
}

package org.waxbell.link;

/**
 * How long to wait before connecting again: twice as long after every failure, half of it drawn by lot, so that many programs that
 * lost the same server do not all come back at once ("equal jitter", after M. Brooker, Exponential Backoff and Jitter, 2015).
 */
public final class Backoff {
    /** The wait after the first failure, in milliseconds. */
    static final long FIRST = 500;
    /** The longest wait, in milliseconds. */
    static final long LONGEST = 30_000;

    private Backoff() {}

    /** The wait in milliseconds after so many failures in a row, 1 or more. @param lot from 0 to below 1 */
    public static long after(int failures, double lot) {
        long whole = Math.min(LONGEST, FIRST << Math.min(10, Math.max(0, failures - 1)));
        return whole / 2 + (long) (whole / 2 * lot);
    }
}

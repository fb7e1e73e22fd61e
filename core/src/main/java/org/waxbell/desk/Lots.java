package org.waxbell.desk;

/** The chance of one ask: the same ask and purpose always give the same. */
@FunctionalInterface
public interface Lots {
    /** A number from 0 up to, not with, {@code bound}. */
    int below(String purpose, int bound);
}

package org.waxbell.score;

import java.util.Optional;
import org.waxbell.check.Problems;

/** When a part starts. */
public sealed interface Anchor permits Anchor.At, Anchor.With, Anchor.After {
    /** Longest time or gap, one hour in milliseconds. */
    long LONGEST = 3_600_000;
    /** With the score. */
    Anchor START = new At(0);

    /** The part that must be placed first; empty where the start stands by itself. */
    Optional<String> hangsOn();

    /** Whether it hangs on the end of that part, so that its length moves it. */
    default boolean hangsOnEnd() {
        return false;
    }

    /**
     * The start in milliseconds from the start of the score, from the start and the end of the part it hangs on;
     * {@link PlannedPart#OPEN} where what it needs of them is open.
     */
    long resolve(long otherStart, long otherEnd);

    /** Adds what is wrong with its numbers. */
    void check(Problems problems);

    /** At a time from the start of the score. */
    record At(long ms) implements Anchor {
        @Override
        public Optional<String> hangsOn() {
            return Optional.empty();
        }

        @Override
        public long resolve(long otherStart, long otherEnd) {
            return ms;
        }

        @Override
        public void check(Problems problems) {
            problems.at("ms").time(ms, 0, LONGEST, "The start");
        }
    }

    /** Together with another part, so much later. */
    record With(String part, long offsetMs) implements Anchor {
        @Override
        public Optional<String> hangsOn() {
            return Optional.of(part);
        }

        @Override
        public long resolve(long otherStart, long otherEnd) {
            return otherStart == PlannedPart.OPEN ? PlannedPart.OPEN : otherStart + offsetMs;
        }

        @Override
        public void check(Problems problems) {
            problems.at("offsetMs").time(offsetMs, 0, LONGEST, "The offset");
        }
    }

    /** After the end of another part, with a gap between. */
    record After(String part, long gapMs) implements Anchor {
        @Override
        public Optional<String> hangsOn() {
            return Optional.of(part);
        }

        @Override
        public boolean hangsOnEnd() {
            return true;
        }

        @Override
        public long resolve(long otherStart, long otherEnd) {
            return otherEnd == PlannedPart.OPEN ? PlannedPart.OPEN : otherEnd + gapMs;
        }

        @Override
        public void check(Problems problems) {
            problems.at("gapMs").time(gapMs, 0, LONGEST, "The gap");
        }
    }
}

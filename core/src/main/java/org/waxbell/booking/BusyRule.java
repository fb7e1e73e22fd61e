package org.waxbell.booking;

import org.waxbell.check.Problems;

/** What a spot does when a part wants it while others stand there. */
public sealed interface BusyRule permits BusyRule.Wait, BusyRule.Share, BusyRule.TakeOver, BusyRule.GiveWay {
    /** Where a rule sets no bound of its own to waiting, in milliseconds: the cue's bound counts. */
    long LONGEST_WAIT = 600_000;

    /** How many rings may be let wait at most. */
    int MOST_WAITING = 100;
    /** How many parts may be let stand together at most. */
    int MOST_TOGETHER = 20;

    /** How many parts may stand there together. */
    int together();

    /** How many rings may wait for it. */
    int mostWaiting();

    /** How long a ring waits for it at most, in milliseconds. */
    long longestWaitMs();

    /** Whether a newcomer ends what stands there, unless that is more urgent. */
    default boolean takesOver() {
        return false;
    }

    /** Whether a newcomer is given up at once where something stands there. */
    default boolean givesWay() {
        return false;
    }

    /** Adds what is wrong with it. */
    default void check(Problems problems) {
        if (mostWaiting() != Integer.MAX_VALUE) {
            problems.at("mostWaiting").within(mostWaiting(), 0, MOST_WAITING, "How many may wait", "");
        }
        problems.at("longestWaitMs").time(longestWaitMs(), 0, LONGEST_WAIT, "The longest wait");
        problems.at("together").within(together(), 1, MOST_TOGETHER, "How many stand together", "");
    }

    /** One at a time; the others wait in order, so many at most and so long at most. */
    record Wait(int mostWaiting, long longestWaitMs) implements BusyRule {
        @Override
        public int together() {
            return 1;
        }
    }

    /** The newcomer ends the part that stands there, but never one that is more urgent: then it waits. */
    record TakeOver(int mostWaiting, long longestWaitMs) implements BusyRule {
        @Override
        public int together() {
            return 1;
        }

        @Override
        public boolean takesOver() {
            return true;
        }
    }

    /** What stands there stays, and the newcomer is given up. */
    record GiveWay() implements BusyRule {
        @Override
        public int together() {
            return 1;
        }

        @Override
        public int mostWaiting() {
            return Integer.MAX_VALUE;
        }

        @Override
        public long longestWaitMs() {
            return LONGEST_WAIT;
        }

        @Override
        public boolean givesWay() {
            return true;
        }
    }

    /** Several together; one more waits as long as its cue may. */
    record Share(int together) implements BusyRule {
        private static final int WAITING = 20;

        @Override
        public int mostWaiting() {
            return WAITING;
        }

        @Override
        public long longestWaitMs() {
            return LONGEST_WAIT;
        }
    }
}

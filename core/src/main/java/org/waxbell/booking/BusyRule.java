package org.waxbell.booking;

/** What a spot does when a part wants it while others stand there. */
public sealed interface BusyRule permits BusyRule.Wait, BusyRule.Share {
    /** How many parts may stand there together. */
    int together();

    /** How many rings may wait for it. */
    int mostWaiting();

    /** How long a ring waits for it at most, in milliseconds. */
    long longestWaitMs();

    /** One at a time; the others wait in order, so many at most and so long at most. */
    record Wait(int mostWaiting, long longestWaitMs) implements BusyRule {
        @Override
        public int together() {
            return 1;
        }
    }

    /** Several together; one more waits as long as its cue may. */
    record Share(int together) implements BusyRule {
        private static final int MOST_WAITING = 20;
        private static final long LONGEST_WAIT = 600_000;

        @Override
        public int mostWaiting() {
            return MOST_WAITING;
        }

        @Override
        public long longestWaitMs() {
            return LONGEST_WAIT;
        }
    }
}

package org.waxbell.link;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;

/**
 * What waits to be sent where only so much may be sent at a time: a token bucket, first in, first out. What waits too long is
 * given up rather than said when nobody remembers the question. Not safe for several threads.
 *
 * @param <T> what is sent
 */
public final class SendQueue<T> {
    private final int burst;
    private final long everyMs;
    private final long longestWaitMs;
    private final Deque<Waiting<T>> waiting = new ArrayDeque<>();
    /** Saved-up time in milliseconds; one may go for every {@code everyMs} of it. */
    private long credit;

    private long countedAt = Long.MIN_VALUE;

    private record Waiting<T>(T item, long until) {}

    /**
     * @param burst         how many may go at once after a rest
     * @param everyMs       how often another may go, in milliseconds; 0 for no limit
     * @param longestWaitMs after which one that waits is given up, in milliseconds
     */
    public SendQueue(int burst, long everyMs, long longestWaitMs) {
        this.burst = burst;
        this.everyMs = everyMs;
        this.longestWaitMs = longestWaitMs;
        this.credit = burst * everyMs;
    }

    /** Puts one at the end. */
    public void add(long at, T item) {
        waiting.add(new Waiting<>(item, at + longestWaitMs));
    }

    /** Takes the next that may be sent now. */
    public Optional<T> take(long at) {
        count(at);
        if (waiting.isEmpty() || credit < everyMs) {
            return Optional.empty();
        }
        credit -= everyMs;
        return Optional.of(waiting.remove().item());
    }

    /** Those that waited too long; they are no longer there. */
    public List<T> expired(long at) {
        List<T> over = new ArrayList<>();
        while (!waiting.isEmpty() && waiting.peek().until() < at) {
            over.add(waiting.remove().item());
        }
        return over;
    }

    /** How many milliseconds from {@code at} until the next may be sent; {@link Long#MAX_VALUE} where none waits. */
    public long pause(long at) {
        count(at);
        if (waiting.isEmpty()) {
            return Long.MAX_VALUE;
        }
        return Math.max(0, everyMs - credit);
    }

    /** How many wait. */
    public int size() {
        return waiting.size();
    }

    private void count(long at) {
        if (countedAt != Long.MIN_VALUE) {
            credit = Math.min(burst * everyMs, credit + at - countedAt);
        }
        countedAt = at;
    }
}

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
    private double tokens;
    private long countedAt = Long.MIN_VALUE;

    private record Waiting<T>(T item, long until) {
    }

    /**
     * @param burst         how many may go at once after a rest
     * @param everyMs       how often another may go, in milliseconds; 0 for no limit
     * @param longestWaitMs after which one that waits is given up, in milliseconds
     */
    public SendQueue(int burst, long everyMs, long longestWaitMs) {
        this.burst = burst;
        this.everyMs = everyMs;
        this.longestWaitMs = longestWaitMs;
        this.tokens = burst;
    }

    /** Puts one at the end. */
    public void add(long at, T item) {
        waiting.add(new Waiting<>(item, at + longestWaitMs));
    }

    /** Takes the next that may be sent now. */
    public Optional<T> take(long at) {
        count(at);
        if (waiting.isEmpty() || tokens < 1 && everyMs > 0) {
            return Optional.empty();
        }
        tokens--;
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
        return everyMs == 0 || tokens >= 1 ? 0 : (long) Math.ceil((1 - tokens) * everyMs);
    }

    /** How many wait. */
    public int size() {
        return waiting.size();
    }

    private void count(long at) {
        if (countedAt != Long.MIN_VALUE && everyMs > 0) {
            tokens = Math.min(burst, tokens + (double) (at - countedAt) / everyMs);
        }
        countedAt = at;
        if (everyMs == 0) {
            tokens = burst;
        }
    }
}

package org.waxbell.state;

import com.carrotsearch.hppc.LongLongHashMap;
import com.carrotsearch.hppc.cursors.LongLongCursor;
import java.util.Arrays;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * Numbers by number: what is kept of everyone who was ever seen, in 16 bytes a person and some room. Whatever was never put is 0. Not safe for
 * several threads.
 */
public final class Numbers {
    private final LongLongHashMap all;

    /** Takes an entry. */
    @FunctionalInterface
    public interface Each {
        /** Takes this one. */
        void take(long key, long value);
    }

    /** None yet. */
    public Numbers() {
        all = new LongLongHashMap();
    }

    /** Others that begin with the same entries. */
    public Numbers(Numbers other) {
        all = new LongLongHashMap(other.all);
    }

    /** Puts an entry in place of what stood there. */
    public void put(long key, long value) {
        all.put(key, value);
    }

    /** Adds to an entry. */
    public void add(long key, long amount) {
        all.addTo(key, amount);
    }

    /** An entry is no more. */
    public void remove(long key) {
        all.remove(key);
    }

    /** What stands there; 0 for nothing. */
    public long get(long key) {
        return all.get(key);
    }

    /** Whether anything stands there. */
    public boolean has(long key) {
        return all.containsKey(key);
    }

    /** How many entries there are. */
    public int size() {
        return all.size();
    }

    /** Each entry, in the order of their keys. */
    public void forEach(Each each) {
        long[] keys = all.keys().toArray();
        Arrays.sort(keys);
        for (long key : keys) {
            each.take(key, all.get(key));
        }
    }

    /** As a memory tells them: by keys in hexadecimal. */
    Map<String, Object> told() {
        Map<String, Object> told = new TreeMap<>();
        for (LongLongCursor each : all) {
            told.put(Book.key(each.key), each.value);
        }
        return told;
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Numbers numbers && all.equals(numbers.all);
    }

    @Override
    public int hashCode() {
        return all.hashCode();
    }

    @Override
    public String toString() {
        return told().toString();
    }
}

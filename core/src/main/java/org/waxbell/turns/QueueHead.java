package org.waxbell.turns;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What a queue keeps beside its entries.
 *
 * @param open    whether anybody may join
 * @param up      who is up, in the order in which they came up
 * @param next    the order that the next to join gets
 * @param steps   counts what people did to it, so that who presses late is told
 * @param turns   how many turns are over
 * @param show    when the show began, milliseconds since 1970 UTC; 0 where none did yet
 * @param lengths how long the last turns took, the newest last, in milliseconds
 * @param banned  who may not join, by identity, with what they are called
 * @param back    how the last step of a person is taken back; empty where there is none
 */
public record QueueHead(
        boolean open,
        List<Up> up,
        long next,
        long steps,
        long turns,
        long show,
        List<Long> lengths,
        Map<String, String> banned,
        Optional<Back> back) {
    private static final int KEPT = 40;
    /** Between the orders of two that join after one another there is room for those who are moved. */
    static final long STEP = 1L << 20;
    /** One that was never opened. */
    static final QueueHead NEW = new QueueHead(false, List.of(), STEP, 0, 0, 0, List.of(), Map.of(), Optional.empty());

    /**
     * How a step is taken back.
     *
     * @param open    whether it was open
     * @param up      who was up
     * @param lengths likewise
     * @param banned  likewise
     * @param turns   how many turns were over
     * @param entries entries that were otherwise
     * @param gone    who was not in it
     * @param guests  what was known of whose turn ended since
     * @param unknown of whom nothing was known
     */
    public record Back(
            boolean open,
            List<Up> up,
            List<Long> lengths,
            Map<String, String> banned,
            long turns,
            List<Entry> entries,
            List<String> gone,
            List<Guest> guests,
            List<String> unknown) {
        public Back {
            up = List.copyOf(up);
            lengths = List.copyOf(lengths);
            banned = Collections.unmodifiableMap(new TreeMap<>(banned));
            entries = List.copyOf(entries);
            gone = List.copyOf(gone);
            guests = List.copyOf(guests);
            unknown = List.copyOf(unknown);
        }
    }

    public QueueHead {
        up = List.copyOf(up);
        lengths = List.copyOf(lengths);
        banned = Collections.unmodifiableMap(new TreeMap<>(banned));
    }

    QueueHead opened(boolean now) {
        return new QueueHead(now, up, next, steps, turns, show, lengths, banned, back);
    }

    QueueHead withUp(List<Up> now) {
        return new QueueHead(open, now, next, steps, turns, show, lengths, banned, back);
    }

    QueueHead joined() {
        return new QueueHead(open, up, next + STEP, steps, turns, show, lengths, banned, back);
    }

    QueueHead inShow(long since) {
        return new QueueHead(open, up, next, steps, turns, since, lengths, banned, back);
    }

    QueueHead banning(Map<String, String> now) {
        return new QueueHead(open, up, next, steps, turns, show, lengths, now, back);
    }

    QueueHead took(long length) {
        List<Long> all = new ArrayList<>(lengths);
        all.add(length);
        return new QueueHead(
                open,
                up,
                next,
                steps,
                turns + 1,
                show,
                all.subList(Math.max(0, all.size() - KEPT), all.size()),
                banned,
                back);
    }

    /** The same after a step of a person. @param how it is taken back, empty for one that cannot be */
    QueueHead stepped(Optional<Back> how) {
        return new QueueHead(open, up, next, steps + 1, turns, show, lengths, banned, how);
    }

    QueueHead takenBack(Back to) {
        return new QueueHead(
                to.open(), to.up(), next, steps + 1, to.turns(), show, to.lengths(), to.banned(), Optional.empty());
    }
}

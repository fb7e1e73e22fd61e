package org.waxbell.points;

import com.carrotsearch.hppc.LongLongHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.waxbell.event.Identity;
import org.waxbell.state.Numbers;

/**
 * Who has how many points, and what of them is promised for rings that have not started. A balance is never below zero and
 * always the sum of its entries. Not safe for several threads.
 */
public final class Ledger {
    private final Numbers balances;
    private final Map<Long, Pending> pending = new TreeMap<>();
    private final LongLongHashMap promised = new LongLongHashMap();
    private long next;

    /**
     * All that a ledger remembers.
     *
     * @param next     number of the next entry
     * @param balances sums of entries by key of identity, see {@link Identity}; not changed by anyone from here on
     */
    public record State(long next, Numbers balances, List<Pending> pending) {
        /** A ledger without entries. */
        public static final State EMPTY = new State(1, new Numbers(), List.of());
    }

    /** Goes on from {@code state}. */
    public Ledger(State state) {
        this(state, List.of());
    }

    /** Goes on from {@code state}. @param entries those that its balances do not count yet */
    public Ledger(State state, List<LedgerEntry> entries) {
        next = state.next();
        balances = new Numbers(state.balances());
        entries.forEach(each -> balances.add(Identity.key(each.person()), each.amount()));
        state.pending().forEach(this::promise);
    }

    private void promise(Pending each) {
        pending.put(each.ring(), each);
        promised.addTo(Identity.key(each.person()), each.price());
    }

    /** What the person owns, in points, promised ones included. */
    public long balance(String person) {
        return balances.get(Identity.key(person));
    }

    /** What the person can spend: the balance less what is pending. */
    public long canSpend(String person) {
        return balance(person) - promised.get(Identity.key(person));
    }

    /** Promises a price for a ring; the caller has seen that it can be spent. */
    public Pending reserve(long ring, String person, long price, String why) {
        if (price > canSpend(person)) {
            throw new IllegalStateException(person + " cannot spend " + price);
        }
        Pending promise = new Pending(ring, person, price, why);
        promise(promise);
        return promise;
    }

    /** Pays what was promised for a ring; empty where nothing was. */
    public Optional<LedgerEntry> pay(long ring, long at) {
        return release(ring).map(each -> enter(at, each.person(), -each.price(), each.why()));
    }

    /** Gives back what was promised for a ring; what that was, empty where nothing was. */
    public Optional<Pending> release(long ring) {
        Optional<Pending> promise = Optional.ofNullable(pending.remove(ring));
        promise.ifPresent(each -> promised.addTo(Identity.key(each.person()), -each.price()));
        return promise;
    }

    /**
     * Adds points, or takes them where {@code amount} is negative: never more than can be spent.
     *
     * @return the entry, with what really moved; empty where nothing did
     */
    public Optional<LedgerEntry> move(long at, String person, long amount, String why) {
        long moved = Math.max(amount, -canSpend(person));
        return moved == 0 ? Optional.empty() : Optional.of(enter(at, person, moved, why));
    }

    private LedgerEntry enter(long at, String person, long amount, String why) {
        balances.add(Identity.key(person), amount);
        return new LedgerEntry(next++, at, person, amount, why);
    }

    /** The number of the next entry. */
    public long next() {
        return next;
    }

    /** All that it remembers. */
    public State save() {
        Numbers all = new Numbers();
        balances.forEach((person, points) -> {
            // Whoever has nothing is as whoever never had anything.
            if (points != 0) {
                all.put(person, points);
            }
        });
        return new State(next, all, List.copyOf(pending.values()));
    }
}

package org.waxbell.engine;

import org.waxbell.event.Viewer;
import org.waxbell.points.Ledger;
import org.waxbell.points.LedgerEntry;
import org.waxbell.points.Pending;
import org.waxbell.state.Memory;

/** Who has how many points; prices are promised, paid or given back. */
final class Points implements Handler {
    private final Ledger ledger;
    private boolean kept = true;

    Points(EngineState state) {
        Memory memory = state.memory();
        ledger = new Ledger(
                new Ledger.State(state.nextEntry(), memory.numbers(Books.BALANCES), memory.all(Books.PENDING)),
                memory.all(Books.ENTRIES));
    }

    /** Whether what is decided can be kept; while it cannot, nothing that costs points is let through. */
    void kept(boolean now) {
        kept = now;
    }

    boolean kept() {
        return kept;
    }

    long canSpend(String person) {
        return ledger.canSpend(person);
    }

    long nextEntry() {
        return ledger.next();
    }

    /** Promises a price for a ring; the caller has seen that it can be spent. */
    void promise(long ring, String person, long price, String why, Turn turn) {
        Pending promise = ledger.reserve(ring, person, price, why);
        turn.changed(Books.PENDING.put(Long.toString(ring), promise));
    }

    /** Gives back what was promised for a ring. */
    void refund(long ring, Turn turn) {
        if (ledger.release(ring).isPresent()) {
            turn.changed(Books.PENDING.gone(Long.toString(ring)));
        }
    }

    /** Pays what was promised for a ring. */
    void pay(long ring, long at, Turn turn) {
        ledger.pay(ring, at).ifPresent(entry -> {
            entered(entry, turn);
            turn.changed(Books.PENDING.gone(Long.toString(ring)));
        });
    }

    /** Gives points, or takes them, never more than can be spent: what is told is done, and kept together with what told it. */
    void move(long at, String person, long amount, String why, Turn turn) {
        if (!person.isEmpty()) {
            ledger.move(at, person, amount, why).ifPresent(entry -> entered(entry, turn));
        }
    }

    /** What an account has is the person's from now on; what it promised is paid of its own. */
    void unite(long at, Viewer account, Viewer person, Turn turn) {
        long all = canSpend(account.id());
        ledger.move(at, account.id(), -all, "now " + person.name() + "’s").ifPresent(entry -> entered(entry, turn));
        ledger.move(at, person.id(), all, "from " + account.name()).ifPresent(entry -> entered(entry, turn));
    }

    private static void entered(LedgerEntry entry, Turn turn) {
        turn.changed(Books.ENTRIES.put(Long.toString(entry.number()), entry));
    }

    @Override
    public void save(Memory memory) {
        Ledger.State state = ledger.save();
        memory.put(Books.BALANCES, state.balances());
        state.pending().forEach(each -> memory.put(Books.PENDING, Long.toString(each.ring()), each));
    }
}

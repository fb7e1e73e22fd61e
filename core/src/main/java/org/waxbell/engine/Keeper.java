package org.waxbell.engine;

import java.util.List;
import org.waxbell.gate.Let;
import org.waxbell.points.LedgerEntry;
import org.waxbell.points.Pending;
import org.waxbell.show.Came;
import org.waxbell.show.Evening;
import org.waxbell.show.Spent;
import org.waxbell.show.TargetState;
import org.waxbell.slate.SlateEntry;

/** Port: keeps the engine's state step by step, so that a restart loads what was decided and never decides it again. */
public interface Keeper {
    /** Keeps a ring as it stands now, in place of what was kept under its number. */
    void ring(Ring ring);

    /** Keeps that a ring was let through. */
    void let(Let let);

    /** Forgets that a ring was let through, for it was dropped before anything played. */
    void takeBack(long ring);

    /** Keeps what was drawn last for {@code purpose}. */
    void drawn(String purpose, String name);

    /** Keeps how the evening stands. */
    void evening(Evening evening);

    /** A new show: counts of rings and first lines of the one before no longer matter. */
    void newShow(Evening evening);

    /** Keeps that a first line is spent. */
    void spent(Spent spent);

    /** Keeps an entry of the ledger. */
    void entry(LedgerEntry entry);

    /** Keeps a promise of points. */
    void promised(Pending pending);

    /** Forgets the promise of a ring: it was paid or given back. */
    void released(long ring);

    /** Keeps what stands on the slate. */
    void slate(SlateEntry entry);

    /** Forgets what stands there for these values. */
    void wiped(List<String> values);

    /** Keeps how a target stands. */
    void target(TargetState state);

    /** Keeps when a timed pull came. */
    void came(Came came);
}

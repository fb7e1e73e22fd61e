package org.waxbell.engine;

import org.waxbell.gate.Let;

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
}

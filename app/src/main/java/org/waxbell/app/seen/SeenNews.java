package org.waxbell.app.seen;

import org.waxbell.seen.Seen;

/** Is told whether a ring could be seen and heard; it must not block. */
@FunctionalInterface
public interface SeenNews {
    /** That is known now. @param ring its number */
    void seen(long ring, Seen seen);
}

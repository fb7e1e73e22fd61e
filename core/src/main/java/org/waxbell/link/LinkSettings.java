package org.waxbell.link;

import org.waxbell.check.Problems;

/** How a link is reached: a record, one for each kind of link. */
public interface LinkSettings {
    /** Whether there is anything to connect to. */
    boolean complete();

    /** Adds what is wrong with them. */
    void check(Problems problems);
}

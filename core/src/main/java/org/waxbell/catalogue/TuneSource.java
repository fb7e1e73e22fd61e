package org.waxbell.catalogue;

import java.util.List;

/** Where tunes come from. A source tells the same ones under the same ids each time, until what it has changes. */
public interface TuneSource {
    /** What ids of its tunes begin with, before a slash. */
    String name();

    /** All it has, in an order that stays. */
    List<Tune> tunes();
}

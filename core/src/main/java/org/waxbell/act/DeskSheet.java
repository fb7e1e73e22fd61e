package org.waxbell.act;

import java.util.List;
import org.waxbell.check.Problems;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Piece;

/** What the host has written for a standing job that stands by itself, such as one clock: any stage may show it. */
public interface DeskSheet extends DeskDocument {
    /** The version of its document. */
    int formatVersion();

    /** What its kind says of itself. */
    Kind<?> kind();

    /** Adds what is wrong with it. */
    void check(Problems problems);

    /** The same as a sentence; each chip names the field that it changes. */
    List<Piece> sentence();

    /** The same under other names. @param id free among all desks */
    DeskSheet called(String id, String name);
}

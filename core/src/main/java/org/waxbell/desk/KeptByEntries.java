package org.waxbell.desk;

import java.util.ArrayList;
import java.util.List;
import org.waxbell.act.DeskDocument;
import org.waxbell.state.Book;
import org.waxbell.state.Change;

/**
 * A desk that keeps what it has many of entry by entry, so that a step costs no more where there are many than where there are few.
 *
 * @param <H> what it keeps beside them
 */
public interface KeptByEntries<D extends DeskDocument, S, H> extends Desk<D, S> {
    @Override
    Book<H> book();

    /** How one stands before anything happened. */
    S none();

    /** What it keeps beside its entries. */
    H head(S now);

    /** Adds what of its entries is to be kept otherwise. */
    void entries(String about, S before, S after, List<Change> into);

    @Override
    default S fresh(D document) {
        return none();
    }

    @Override
    default List<Change> kept(String about, S now) {
        List<Change> all = new ArrayList<>(List.of(book().put(about, head(now))));
        entries(about, none(), now, all);
        return all;
    }

    @Override
    default List<Change> changes(String about, S before, S after) {
        List<Change> all = new ArrayList<>();
        if (!head(before).equals(head(after))) {
            all.add(book().put(about, head(after)));
        }
        entries(about, before, after, all);
        return all;
    }
}

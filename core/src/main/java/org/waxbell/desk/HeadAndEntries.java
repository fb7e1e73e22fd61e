package org.waxbell.desk;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.waxbell.act.DeskDocument;
import org.waxbell.state.Book;
import org.waxbell.state.Change;
import org.waxbell.state.Memory;
import org.waxbell.state.Ranked;

/**
 * A desk that keeps a head and one kind of entries beside it, such as a poll and its ballots.
 *
 * @param <H> the head
 * @param <K> by what entries are ranked
 * @param <E> an entry
 */
public abstract class HeadAndEntries<D extends DeskDocument, S, H, K extends Comparable<K>, E>
        implements KeptByEntries<D, S, H> {
    private final String title;
    private final Class<D> documents;
    private final Heads<S, H> heads;
    private final Entries<S, K, E> entries;

    /**
     * The heads of a desk.
     *
     * @param book where they are kept
     * @param none how one stands before anything happened
     * @param of   the head of one
     * @param with the same with another head
     */
    public record Heads<S, H>(Book<H> book, S none, Function<S, H> of, BiFunction<S, H, S> with) {}

    /**
     * The entries of a desk.
     *
     * @param book where they are kept
     * @param of   all of one
     * @param key  by what one is kept, below its document
     * @param with the same with one more, or another in its place
     */
    public record Entries<S, K extends Comparable<K>, E>(
            Book<E> book, Function<S, Ranked<K, E>> of, Function<E, K> key, BiFunction<S, E, S> with) {}

    /** @param title what people call the desk itself, such as {@code Polls} */
    protected HeadAndEntries(String title, Class<D> documents, Heads<S, H> heads, Entries<S, K, E> entries) {
        this.title = title;
        this.documents = documents;
        this.heads = heads;
        this.entries = entries;
    }

    @Override
    public final String title() {
        return title;
    }

    @Override
    public final Class<D> documents() {
        return documents;
    }

    @Override
    public final Book<H> book() {
        return heads.book();
    }

    @Override
    public final List<Book<?>> books() {
        return List.of(heads.book(), entries.book());
    }

    @Override
    public final S none() {
        return heads.none();
    }

    @Override
    public final H head(S now) {
        return heads.of().apply(now);
    }

    @Override
    public final S restored(String about, Memory memory) {
        S state = memory.get(heads.book(), about)
                .map(head -> heads.with().apply(none(), head))
                .orElseGet(this::none);
        for (E each : memory.below(entries.book(), about)) {
            state = entries.with().apply(state, each);
        }
        return state;
    }

    @Override
    public final void entries(String about, S before, S after, List<Change> into) {
        entries.book()
                .changes(
                        entries.of().apply(before),
                        entries.of().apply(after),
                        each -> about + "/" + entries.key().apply(each),
                        into);
    }
}

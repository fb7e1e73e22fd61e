package org.waxbell.app.store;

import java.util.function.BiConsumer;
import java.util.function.Consumer;
import org.waxbell.state.Change;
import org.waxbell.state.Memory;

/**
 * Where the entries of one book are kept.
 *
 * @param put  keeps an entry by its key
 * @param gone forgets entries
 * @param load puts all of them into a memory
 */
record BookTable(BiConsumer<String, Object> put, Consumer<Change.Gone> gone, Consumer<Memory> load) {
    /** A table of which nothing is ever forgotten one by one. */
    static BookTable growing(BiConsumer<String, Object> put, Consumer<Memory> load) {
        return new BookTable(put, gone -> {}, load);
    }
}

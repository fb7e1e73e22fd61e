package org.waxbell.kind;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The kinds of one sort of thing, in the order in which they are offered.
 *
 * @param of   what they all are
 * @param name what the sort is called, such as {@code gate}
 */
public record Family<T>(Class<T> of, String name, List<Kind<? extends T>> kinds) {
    public Family {
        kinds = List.copyOf(kinds);
    }

    /** The kind of that name; empty where there is none. */
    public Optional<Kind<? extends T>> kind(String kind) {
        return kinds.stream().filter(each -> each.name().equals(kind)).findFirst();
    }

    /** The same with one more kind. */
    public Family<T> with(Kind<? extends T> more) {
        List<Kind<? extends T>> all = new ArrayList<>(kinds);
        all.add(more);
        return new Family<>(of, name, all);
    }
}

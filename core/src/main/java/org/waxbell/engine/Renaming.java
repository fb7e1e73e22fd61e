package org.waxbell.engine;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.waxbell.event.Viewer;
import org.waxbell.kind.Records;
import org.waxbell.state.Ranked;

/**
 * Makes the state of a desk anew, in which what is one account's is another's. It goes through records, and the lists, sets, maps
 * and ranked values in them, so that no desk has to know of it; what stays as it is stays the same object.
 */
final class Renaming {
    private final String id;
    private final String name;
    private final Viewer to;

    Renaming(Viewer from, Viewer to) {
        this.id = from.id();
        this.name = from.name();
        this.to = to;
    }

    /** Whether that identity stands anywhere in a state. */
    static boolean names(Object state, Viewer viewer) {
        Viewer other = new Viewer("", "", Set.of(), 0);
        return new Renaming(viewer, other).of(state) != state;
    }

    /** The state made anew; the same object where the account is not in it. */
    Object of(Object value) {
        if (value instanceof String text) {
            return text.equals(id) ? to.id() : text;
        }
        if (value instanceof Optional<?> optional) {
            return optional(optional);
        }
        if (value instanceof Map<?, ?> map) {
            return map(map);
        }
        if (value instanceof List<?> list) {
            return all(list, new ArrayList<>());
        }
        if (value instanceof Set<?> set) {
            return all(set, new LinkedHashSet<>());
        }
        if (value instanceof Ranked<?, ?> ranked) {
            return ranked(ranked);
        }
        return value.getClass().isRecord() ? record(value) : value;
    }

    private Object optional(Optional<?> optional) {
        if (optional.isEmpty()) {
            return optional;
        }
        Object next = of(optional.get());
        return next == optional.get() ? optional : Optional.of(next);
    }

    private Object all(Collection<?> before, Collection<Object> after) {
        boolean same = true;
        for (Object each : before) {
            Object next = of(each);
            same &= next == each;
            after.add(next);
        }
        return same ? before : after;
    }

    private Object map(Map<?, ?> before) {
        Map<Object, Object> after = new LinkedHashMap<>();
        boolean[] same = {true};
        before.forEach((key, each) -> {
            Object place = of(key);
            Object next = of(each);
            same[0] &= place == key && next == each;
            after.put(place, next);
        });
        return same[0] ? before : after;
    }

    private <K extends Comparable<K>, V> Ranked<K, V> ranked(Ranked<K, V> before) {
        List<Runnable> moves = new ArrayList<>();
        List<Ranked<K, V>> now = new ArrayList<>(List.of(before));
        Ranked.changes(Ranked.<K, V>none(), before, (key, each) -> {
            if (each != null) {
                Object place = of(key);
                Object next = of(each);
                if (place != key || next != each) {
                    moves.add(() -> now.set(0, moved(now.get(0), key, place, next)));
                }
            }
        });
        moves.forEach(Runnable::run);
        return now.get(0);
    }

    /** What was made anew is of the class that it was made of. */
    @SuppressWarnings("unchecked")
    private static <K extends Comparable<K>, V> Ranked<K, V> moved(Ranked<K, V> now, K key, Object place, Object next) {
        return now.without(key).with((K) place, (V) next);
    }

    private Object record(Object before) {
        Map<String, Object> others = new HashMap<>();
        boolean theirs = false;
        for (RecordComponent each : before.getClass().getRecordComponents()) {
            Object now = Records.get(before, each);
            Object next = now == null ? null : of(now);
            if (next != null && next != now) {
                others.put(each.getName(), next);
                theirs |= id.equals(now);
            }
        }
        if (others.isEmpty()) {
            return before;
        }
        if (theirs) {
            rename(before, others);
        }
        return Records.with(before, others);
    }

    /** Where a record is the account's, its name goes with it. */
    private void rename(Object before, Map<String, Object> others) {
        for (RecordComponent each : before.getClass().getRecordComponents()) {
            @Nullable Object now = Records.get(before, each);
            if (name.equals(now)) {
                others.put(each.getName(), to.name());
            }
        }
    }
}

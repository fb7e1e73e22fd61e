package org.waxbell.state;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.Iterator;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Objects;
import java.util.Optional;
import java.util.function.BiConsumer;
import org.jspecify.annotations.Nullable;

/**
 * Values in the order of their keys, each with its rank. It never changes: what is put or taken away makes another, which shares
 * nearly all with the one before, in time and room that grow with the logarithm of their number. A treap (Seidel and Aragon 1996)
 * whose priorities are hashes of the keys, so that the same keys always have the same shape and two can be compared by what they
 * do not share.
 */
public final class Ranked<K extends Comparable<K>, V> implements Iterable<V> {
    private static final Ranked<?, ?> NONE = new Ranked<>(null);
    private final @Nullable Node<K, V> root;

    private Ranked(@Nullable Node<K, V> root) {
        this.root = root;
    }

    private record Node<K, V>(
            K key,
            V value,
            int priority,
            int size,
            @Nullable Node<K, V> left,
            @Nullable Node<K, V> right) {
        static <K, V> Node<K, V> of(
                K key, V value, int priority, @Nullable Node<K, V> left, @Nullable Node<K, V> right) {
            return new Node<>(key, value, priority, 1 + count(left) + count(right), left, right);
        }

        Node<K, V> with(@Nullable Node<K, V> other, boolean onTheLeft) {
            return onTheLeft ? of(key, value, priority, other, right) : of(key, value, priority, left, other);
        }
    }

    /** The two halves around a key, without what stands at it. */
    private record Split<K, V>(
            @Nullable Node<K, V> below, @Nullable Node<K, V> above) {}

    /** One in which nothing stands. */
    @SuppressWarnings("unchecked")
    public static <K extends Comparable<K>, V> Ranked<K, V> none() {
        return (Ranked<K, V>) NONE;
    }

    private static int count(@Nullable Node<?, ?> node) {
        return node == null ? 0 : node.size();
    }

    /** Spreads a hash over all bits (the finalizer of MurmurHash3, Appleby 2011). */
    private static int priority(Object key) {
        int hash = key.hashCode();
        hash = (hash ^ hash >>> 16) * 0x85ebca6b;
        hash = (hash ^ hash >>> 13) * 0xc2b2ae35;
        return hash ^ hash >>> 16;
    }

    /** Of two with the same priority the lower key stands above, so that the shape is always the same. */
    private static <K extends Comparable<K>> boolean above(Node<K, ?> one, int priority, K key) {
        return one.priority() != priority
                ? one.priority() > priority
                : one.key().compareTo(key) < 0;
    }

    /** How many there are. */
    public int size() {
        return count(root);
    }

    /** Whether there is none. */
    public boolean isEmpty() {
        return root == null;
    }

    /** What stands at a key; empty for nothing. */
    public Optional<V> get(K key) {
        Node<K, V> node = root;
        while (node != null) {
            int side = key.compareTo(node.key());
            if (side == 0) {
                return Optional.of(node.value());
            }
            node = side < 0 ? node.left() : node.right();
        }
        return Optional.empty();
    }

    /** How many stand before a key, whether it is there or not. */
    public int rank(K key) {
        int before = 0;
        Node<K, V> node = root;
        while (node != null) {
            int side = key.compareTo(node.key());
            if (side == 0) {
                return before + count(node.left());
            }
            if (side > 0) {
                before += 1 + count(node.left());
            }
            node = side < 0 ? node.left() : node.right();
        }
        return before;
    }

    /** The value of a rank, counted from 0; throws where there is none. */
    public V at(int rank) {
        Objects.checkIndex(rank, size());
        int rest = rank;
        Node<K, V> node = root;
        while (node != null) {
            int before = count(node.left());
            if (rest == before) {
                return node.value();
            }
            if (rest > before) {
                rest -= before + 1;
                node = node.right();
            } else {
                node = node.left();
            }
        }
        throw new IllegalStateException("sizes are wrong");
    }

    /** The first values, at most so many. */
    public List<V> first(int most) {
        List<V> all = new ArrayList<>();
        for (Iterator<V> each = iterator(); all.size() < most && each.hasNext(); ) {
            all.add(each.next());
        }
        return all;
    }

    /** The same with a value at a key, in place of what stood there. */
    public Ranked<K, V> with(K key, V value) {
        return new Ranked<>(put(root, key, value, priority(key)));
    }

    private static <K extends Comparable<K>, V> Node<K, V> put(
            @Nullable Node<K, V> node, K key, V value, int priority) {
        if (node == null) {
            return Node.of(key, value, priority, null, null);
        }
        int side = key.compareTo(node.key());
        if (side == 0) {
            return Node.of(key, value, priority, node.left(), node.right());
        }
        if (!above(node, priority, key)) {
            Split<K, V> split = split(node, key);
            return Node.of(key, value, priority, split.below(), split.above());
        }
        return side < 0
                ? node.with(put(node.left(), key, value, priority), true)
                : node.with(put(node.right(), key, value, priority), false);
    }

    private static <K extends Comparable<K>, V> Split<K, V> split(@Nullable Node<K, V> node, K key) {
        if (node == null) {
            return new Split<>(null, null);
        }
        int side = key.compareTo(node.key());
        if (side == 0) {
            return new Split<>(node.left(), node.right());
        }
        Split<K, V> inner = split(side < 0 ? node.left() : node.right(), key);
        return side < 0
                ? new Split<>(inner.below(), node.with(inner.above(), true))
                : new Split<>(node.with(inner.below(), false), inner.above());
    }

    /** The same without what stands at a key. */
    public Ranked<K, V> without(K key) {
        return get(key).isEmpty() ? this : new Ranked<>(take(root, key));
    }

    private static <K extends Comparable<K>, V> @Nullable Node<K, V> take(@Nullable Node<K, V> node, K key) {
        if (node == null) {
            return null;
        }
        int side = key.compareTo(node.key());
        if (side == 0) {
            return joined(node.left(), node.right());
        }
        return side < 0 ? node.with(take(node.left(), key), true) : node.with(take(node.right(), key), false);
    }

    private static <K extends Comparable<K>, V> @Nullable Node<K, V> joined(
            @Nullable Node<K, V> below, @Nullable Node<K, V> above) {
        if (below == null) {
            return above;
        }
        if (above == null) {
            return below;
        }
        return above(below, above.priority(), above.key())
                ? below.with(joined(below.right(), above), false)
                : above.with(joined(below, above.left()), true);
    }

    /**
     * Tells what is other in {@code after}: each key that was taken away, with null, and each that has another value. What both
     * share is not looked at, so it takes as long as there are changes.
     */
    public static <K extends Comparable<K>, V> void changes(
            Ranked<K, V> before, Ranked<K, V> after, BiConsumer<K, @Nullable V> told) {
        changes(before.root, after.root, told);
    }

    private static <K extends Comparable<K>, V> void changes(
            @Nullable Node<K, V> before, @Nullable Node<K, V> after, BiConsumer<K, @Nullable V> told) {
        if (before == after) {
            return;
        }
        if (before == null || after == null) {
            if (before != null) {
                new Walk<>(before).forEachRemaining(node -> told.accept(node.key(), null));
            } else if (after != null) {
                new Walk<>(after).forEachRemaining(node -> told.accept(node.key(), node.value()));
            }
            return;
        }
        if (before.key().equals(after.key())) {
            changes(before.left(), after.left(), told);
            if (!before.value().equals(after.value())) {
                told.accept(after.key(), after.value());
            }
            changes(before.right(), after.right(), told);
        } else if (above(before, after.priority(), after.key())) {
            // What stood above is no more: its key is not among those after.
            Split<K, V> split = split(after, before.key());
            changes(before.left(), split.below(), told);
            told.accept(before.key(), null);
            changes(before.right(), split.above(), told);
        } else {
            Split<K, V> split = split(before, after.key());
            changes(split.below(), after.left(), told);
            told.accept(after.key(), after.value());
            changes(split.above(), after.right(), told);
        }
    }

    private static final class Walk<K, V> implements Iterator<Node<K, V>> {
        private final Deque<Node<K, V>> waiting = new ArrayDeque<>();

        Walk(@Nullable Node<K, V> root) {
            down(root);
        }

        private void down(@Nullable Node<K, V> from) {
            for (Node<K, V> node = from; node != null; node = node.left()) {
                waiting.push(node);
            }
        }

        @Override
        public boolean hasNext() {
            return !waiting.isEmpty();
        }

        @Override
        public Node<K, V> next() {
            if (waiting.isEmpty()) {
                throw new NoSuchElementException();
            }
            Node<K, V> node = waiting.pop();
            down(node.right());
            return node;
        }
    }

    @Override
    public Iterator<V> iterator() {
        Walk<K, V> walk = new Walk<>(root);
        return new Iterator<>() {
            @Override
            public boolean hasNext() {
                return walk.hasNext();
            }

            @Override
            public V next() {
                return walk.next().value();
            }
        };
    }

    @Override
    public boolean equals(@Nullable Object other) {
        if (!(other instanceof Ranked<?, ?> ranked) || ranked.size() != size()) {
            return false;
        }
        return same(root, ranked.root);
    }

    /** The same keys always have the same shape. */
    private static boolean same(@Nullable Node<?, ?> one, @Nullable Node<?, ?> other) {
        if (one == other) {
            return true;
        }
        return one != null
                && other != null
                && one.size() == other.size()
                && one.key().equals(other.key())
                && one.value().equals(other.value())
                && same(one.left(), other.left())
                && same(one.right(), other.right());
    }

    @Override
    public int hashCode() {
        return root == null ? 0 : Objects.hash(root.key(), root.size());
    }

    @Override
    public String toString() {
        return first(Integer.MAX_VALUE).toString();
    }
}

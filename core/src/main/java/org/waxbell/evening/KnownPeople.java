package org.waxbell.evening;

import com.carrotsearch.hppc.LongHashSet;
import com.carrotsearch.hppc.cursors.LongCursor;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.waxbell.event.Identity;
import org.waxbell.words.WordKey;

/** The names of everyone who was ever seen, as keys: 8 bytes a person and some room. Not safe for several threads. */
public final class KnownPeople {
    /** Who writes now wrote a moment ago: their names are not folded and hashed again. A power of two. */
    private static final int RECENT = 2_048;

    private final @Nullable String[] recent = new String[RECENT];
    private final LongHashSet names = new LongHashSet();

    /** Goes on from the keys of names that are known. */
    public KnownPeople(List<Long> before) {
        before.forEach(names::add);
    }

    /** The key of a name, however its capitals are. */
    public static long key(String name) {
        return Identity.key(WordKey.of(name));
    }

    /** Someone of that name was seen; whether for the first time. */
    public boolean see(String name) {
        int slot = name.hashCode() & (RECENT - 1);
        if (name.equals(recent[slot])) {
            return false;
        }
        recent[slot] = name;
        return names.add(key(name));
    }

    /** Whether someone of that name was ever seen. */
    public boolean knows(String name) {
        return names.contains(key(name));
    }

    /** The keys of all names, in order. */
    public List<Long> save() {
        List<Long> all = new ArrayList<>(names.size());
        for (LongCursor each : names) {
            all.add(each.value);
        }
        Collections.sort(all);
        return all;
    }
}

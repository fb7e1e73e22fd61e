package org.waxbell.evening;

import com.carrotsearch.hppc.LongHashSet;
import com.carrotsearch.hppc.cursors.LongCursor;
import org.jspecify.annotations.Nullable;
import org.waxbell.event.Identity;
import org.waxbell.state.Numbers;
import org.waxbell.words.WordKey;

/** The names of everyone who was ever seen, as keys: 8 bytes a person and some room. Not safe for several threads. */
public final class KnownPeople {
    /** Who writes now wrote a moment ago: their names are not folded and hashed again. A power of two. */
    private static final int RECENT = 2_048;

    private final @Nullable String[] recent = new String[RECENT];
    private final LongHashSet names = new LongHashSet();

    /** Goes on from the keys of names that are known. @param before its values say nothing */
    public KnownPeople(Numbers before) {
        names.ensureCapacity(before.size());
        before.forEach((key, value) -> names.add(key));
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

    /** The keys of all names. */
    public Numbers save() {
        Numbers all = new Numbers();
        for (LongCursor each : names) {
            all.put(each.value, 1);
        }
        return all;
    }
}

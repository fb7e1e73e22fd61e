package org.waxbell.extension;

import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;

/**
 * What is kept of a script over a restart.
 *
 * @param notes  what it keeps itself, texts by keys of its own, never more than a bound
 * @param halted why it is run no more, empty text where it is
 * @param code   the code that was halted, by its hash: other code is run again
 */
public record ExtensionStore(Map<String, String> notes, String halted, int code) {
    /** How many characters all keys and texts have together at most. */
    public static final int MOST = 65_536;

    static final ExtensionStore NONE = new ExtensionStore(Map.of(), "", 0);

    public ExtensionStore {
        notes = Collections.unmodifiableMap(new TreeMap<>(notes));
    }

    ExtensionStore with(String key, String text) {
        Map<String, String> all = new TreeMap<>(notes);
        all.put(key, text);
        return new ExtensionStore(all, halted, code);
    }

    ExtensionStore without(String key) {
        Map<String, String> all = new TreeMap<>(notes);
        all.remove(key);
        return new ExtensionStore(all, halted, code);
    }

    ExtensionStore halted(String why, String script) {
        return new ExtensionStore(notes, why, script.hashCode());
    }

    ExtensionStore goesOn() {
        return new ExtensionStore(notes, "", 0);
    }

    boolean isHalted(String script) {
        return !halted.isEmpty() && code == script.hashCode();
    }

    /** How many characters it has. */
    public int size() {
        return notes.entrySet().stream()
                .mapToInt(each -> each.getKey().length() + each.getValue().length())
                .sum();
    }
}

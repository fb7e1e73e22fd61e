package org.waxbell.score;

import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** What comes of parts, by the names that words use. */
final class Brought {
    private Brought() {}

    /** {@code clipTitle} for {@code title} of the part {@code clip}. */
    static String name(String part, String what) {
        return part.replace("-", "") + Character.toUpperCase(what.charAt(0)) + what.substring(1);
    }

    /** All that a part brings; empty text for what was not told. */
    static Map<String, String> named(String part, Set<String> all, Map<String, String> told) {
        return all.stream().collect(Collectors.toMap(each -> name(part, each), each -> told.getOrDefault(each, "")));
    }
}

package org.waxbell.act;

import java.util.Map;

/**
 * What a part asks a desk for when it begins.
 *
 * @param desk  the desk by name
 * @param about which of its documents
 * @param act   the act by name
 * @param with  what is said with it, by the keys of the act's fields; words with values
 */
public record Asking(String desk, String about, String act, Map<String, String> with) {
    public Asking {
        with = Map.copyOf(with);
    }
}

package org.waxbell.score;

import java.util.Map;
import org.waxbell.words.WordBook;

/**
 * What a part needs to know when it is told to an adapter.
 *
 * @param partRun  the run of the part
 * @param meantFor the moment it starts, milliseconds since 1970 UTC
 * @param settled  what was left open
 * @param link     the link to which an answer goes, empty text where none
 * @param to       whom alone an answer is for, empty text for everyone
 * @param values   values for its words
 * @param words    patterns that are compiled already
 */
public record Telling(String partRun, long meantFor, Settled settled, String link, String to, Map<String, String> values, WordBook words) {
    /** The pattern with its values. */
    String fill(String pattern) {
        return words.get(pattern).fill(values, settled.pick());
    }

    /** The hash of the item that the part uses, empty text for none. */
    String mediaHash() {
        return settled.media().hash();
    }
}

package org.waxbell.score;

import java.util.List;
import java.util.Map;
import org.waxbell.look.Look;
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
 * @param looks    how cards may look
 */
public record Telling(
        String partRun,
        long meantFor,
        Settled settled,
        String link,
        String to,
        Map<String, String> values,
        WordBook words,
        List<Look> looks) {
    /** The pattern with its values. */
    public String fill(String pattern) {
        return words.get(pattern).fill(values, settled.pick());
    }

    /** A value of that name, empty text where there is none. */
    String value(String name) {
        return values.getOrDefault(name, "");
    }

    /** The look of that id; the first that ships where it is no more. */
    Look look(String id) {
        return looks.stream().filter(each -> each.id().equals(id)).findFirst().orElse(Look.SHIPPED.get(0));
    }

    /** The hash of the item that the part uses, empty text for none. */
    String mediaHash() {
        return settled.media().hash();
    }
}

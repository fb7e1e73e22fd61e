package org.waxbell.tasks;

import org.waxbell.check.Problems;
import org.waxbell.event.Standing;

/**
 * A kept, named list of things to do.
 *
 * @param id   within its desk
 * @param name as chat and the stage call it
 * @param who  may write to it: whoever has at least that standing; the host alone for the host's own
 */
public record TaskList(String id, String name, Standing who) {
    private static final int LONGEST_NAME = 40;

    /** Whether it is the host's own. */
    boolean own() {
        return who == Standing.HOST;
    }

    /** Who may write to it, as a sentence says it. */
    String whoInWords() {
        return who.plural();
    }

    void check(Problems here) {
        here.at("id").id(id, "orders");
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            here.at("name")
                    .add(
                            name,
                            "A list needs a name of " + LONGEST_NAME + " characters at most.",
                            "Write one, such as Orders to pour.");
        }
    }
}

package org.waxbell.act;

import java.util.Map;
import java.util.Optional;
import org.waxbell.check.Problems;

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

    /** The act that is asked for; where that cannot be, why is added to what is wrong. @param document what stands there, if anything */
    public Optional<Act> act(Optional<DeskDocument> document, Problems problems) {
        if (document.isEmpty()) {
            problems.at("about")
                    .add(about, "There is nothing there that can be asked.", "Choose one that is on a stage.");
            return Optional.empty();
        }
        Optional<Act> wanted = document.get().act(act);
        if (wanted.isEmpty()) {
            problems.at("act")
                    .add(
                            act,
                            document.get().name() + " cannot be asked for that.",
                            "Choose one of "
                                    + document.get().acts().stream()
                                            .map(Act::name)
                                            .toList() + ".");
        }
        return wanted;
    }
}

package org.waxbell.draft;

import java.util.ArrayList;
import java.util.List;
import org.waxbell.slate.SlateValue;
import org.waxbell.wiring.Wiring;

/**
 * A value that fixtures may show.
 *
 * @param id     on the slate, empty text for what a desk brings
 * @param name   in words, such as {@code slatePours}
 * @param title  what it is called
 * @param number whether it is a number
 * @param sample what stands for it before anything happened
 */
public record ShownValue(String id, String name, String title, boolean number, String sample) {
    /** Those of a wiring: the slate's, what the program counts, and what desks bring. */
    public static List<ShownValue> of(Wiring wiring) {
        List<ShownValue> all = new ArrayList<>();
        for (SlateValue value : wiring.house().values()) {
            if (!value.perViewer()) {
                String text = value.id().startsWith("latest") ? "wickerby" : value.start();
                all.add(new ShownValue(
                        value.id(), value.inWords(), value.name(), value.number(), value.number() ? "12" : text));
            }
        }
        wiring.deskValues()
                .forEach((name, number) -> all.add(new ShownValue("", name, name, number, number ? "12" : "sage")));
        return all;
    }
}

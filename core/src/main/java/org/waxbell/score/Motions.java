package org.waxbell.score;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.waxbell.kind.Choice;
import org.waxbell.kind.Field;
import org.waxbell.look.Motion;

/** The ways to come in and go out, as parts name and offer them. */
public final class Motions {
    /** Their names. */
    public static final List<String> NAMES = Stream.of(Motion.values())
            .map(each -> each.name().toLowerCase(Locale.ROOT))
            .toList();

    private Motions() {}

    /** A field that holds one, or empty text for as the look says. */
    private static Field field(String key, String label) {
        List<Choice> all = new ArrayList<>(List.of(new Choice("", "as its look says")));
        Stream.of(Motion.values())
                .forEach(each -> all.add(new Choice(each.name().toLowerCase(Locale.ROOT), each.inWords())));
        return Field.choice(key, label, all.toArray(Choice[]::new)).wide(4);
    }

    /** How something comes and goes, and how long each takes. */
    static Field[] fields() {
        return new Field[] {
            field("entry", "Comes in"),
            Field.span("entryMs", "Coming in lasts", 0, 5_000)
                    .called("The entry")
                    .wide(2),
            field("exit", "Goes out"),
            Field.span("exitMs", "Going out lasts", 0, 5_000).called("The exit").wide(2)
        };
    }
}

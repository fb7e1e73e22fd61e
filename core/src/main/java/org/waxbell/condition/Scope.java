package org.waxbell.condition;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Viewer;

/**
 * The names that conditions of one cue may use, with their types.
 *
 * <p>A value's name in words is its path in conditions joined in camel case: {@code giftWorth} is {@code gift.worth}.
 *
 * @param types by path, in alphabetical order
 */
public record Scope(Map<String, Type> types) {
    /** The types of values. */
    public enum Type {
        /** Any text. */
        TEXT,
        /** A whole number. */
        NUMBER,
        /** True or false. */
        TRUTH,
        /** A list of texts. */
        TEXTS
    }

    public Scope {
        types = Map.copyOf(types);
    }

    /**
     * The scope of a cue.
     *
     * @param fields  names in words that every pull of it brings
     * @param numbers those of them that are numbers
     * @param slate   the values of the slate, whether each is a number
     */
    public static Scope of(Collection<String> fields, Collection<String> numbers, Map<String, Boolean> slate) {
        Map<String, Type> types = new TreeMap<>(Map.of(
                SetOff.NAME,
                Type.TEXT,
                "viewer.name",
                Type.TEXT,
                "viewer.standing",
                Type.TEXTS,
                "viewer.months",
                Type.NUMBER,
                "show.open",
                Type.TRUTH,
                "show.air",
                Type.TRUTH,
                "mixer.scene",
                Type.TEXT,
                "points.balance",
                Type.NUMBER));
        fields.stream()
                .filter(name -> !name.equals("viewer"))
                .forEach(name -> types.put(path(name), numbers.contains(name) ? Type.NUMBER : Type.TEXT));
        slate.forEach((name, number) -> types.put("slate." + name, number ? Type.NUMBER : Type.TEXT));
        return new Scope(types);
    }

    /** The values of an event by their paths; those of a viewer are empty where nobody did it. */
    public static Map<String, Object> ofEvent(ShowEvent event) {
        Map<String, Object> values = new HashMap<>();
        event.values().forEach((name, text) -> values.put(path(name), text));
        event.numbers().forEach((name, number) -> values.put(path(name), number));
        values.put(SetOff.NAME, SetOff.of(event));
        Viewer viewer = event.by().orElse(null);
        values.put("viewer.name", viewer == null ? "" : viewer.name());
        values.put("viewer.months", viewer == null ? 0L : (long) viewer.months());
        values.put(
                "viewer.standing",
                viewer == null
                        ? List.of()
                        : viewer.standings().stream()
                                .map(each -> each.name().toLowerCase(Locale.ROOT))
                                .toList());
        return values;
    }

    /** The path in conditions of a name in words. */
    public static String path(String name) {
        for (int i = 0; i < name.length(); i++) {
            char c = name.charAt(i);
            if (Character.isUpperCase(c)) {
                return name.substring(0, i) + "." + Character.toLowerCase(c) + name.substring(i + 1);
            }
        }
        return name;
    }
}

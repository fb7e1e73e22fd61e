package org.waxbell.tasks;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.waxbell.check.Contrast;

/**
 * A colour that a viewer chose, as it can be seen.
 *
 * @param colour such as {@code #c8841a}
 * @param mended whether it was too near what is behind it and was moved away
 */
record Wax(String colour, boolean mended) {
    private static final double STEP = 0.06;
    /** Names that people write, with the colours that the web gives them (CSS Color Module 4, named colors). */
    private static final Map<String, String> NAMED = Map.ofEntries(
            Map.entry("amber", "#ffbf00"),
            Map.entry("aqua", "#00ffff"),
            Map.entry("black", "#000000"),
            Map.entry("blue", "#0000ff"),
            Map.entry("brown", "#a52a2a"),
            Map.entry("coral", "#ff7f50"),
            Map.entry("crimson", "#dc143c"),
            Map.entry("gold", "#ffd700"),
            Map.entry("gray", "#808080"),
            Map.entry("green", "#008000"),
            Map.entry("grey", "#808080"),
            Map.entry("indigo", "#4b0082"),
            Map.entry("ivory", "#fffff0"),
            Map.entry("lime", "#00ff00"),
            Map.entry("magenta", "#ff00ff"),
            Map.entry("maroon", "#800000"),
            Map.entry("navy", "#000080"),
            Map.entry("olive", "#808000"),
            Map.entry("orange", "#ffa500"),
            Map.entry("pink", "#ffc0cb"),
            Map.entry("plum", "#dda0dd"),
            Map.entry("purple", "#800080"),
            Map.entry("red", "#ff0000"),
            Map.entry("salmon", "#fa8072"),
            Map.entry("silver", "#c0c0c0"),
            Map.entry("teal", "#008080"),
            Map.entry("turquoise", "#40e0d0"),
            Map.entry("violet", "#ee82ee"),
            Map.entry("white", "#ffffff"),
            Map.entry("yellow", "#ffff00"));

    /** The colour that a viewer wrote, moved away from {@code behind} until it stands out; empty for what is no colour. */
    static Optional<Wax> of(String written, String behind) {
        String text = written.strip().toLowerCase(Locale.ROOT);
        String colour = NAMED.getOrDefault(text, hex(text));
        return colour.isEmpty() ? Optional.empty() : Optional.of(mended(colour, behind));
    }

    private static String hex(String text) {
        String bare = text.startsWith("#") ? text.substring(1) : text;
        if (bare.matches("[0-9a-f]{3}")) {
            return "#" + bare.replaceAll("(.)", "$1$1");
        }
        return bare.matches("[0-9a-f]{6}") ? "#" + bare : "";
    }

    /** Mixed with white before what is dark, else with black, as little as is enough. */
    private static Wax mended(String colour, String behind) {
        int end = Contrast.of("#ffffff", behind) >= Contrast.of("#000000", behind) ? 255 : 0;
        for (double mixed = 0; mixed < 1; mixed += STEP) {
            String other = toward(colour, end, mixed);
            if (Contrast.of(other, behind) >= Contrast.LEAST) {
                return new Wax(other, mixed > 0);
            }
        }
        return new Wax(toward(colour, end, 1), true);
    }

    private static String toward(String colour, int end, double mixed) {
        List<String> channels = new ArrayList<>();
        for (int at = 1; at < colour.length(); at += 2) {
            int value = Integer.parseInt(colour.substring(at, at + 2), 16);
            channels.add(String.format(Locale.ROOT, "%02x", Math.round(value + (end - value) * mixed)));
        }
        return "#" + String.join("", channels);
    }
}

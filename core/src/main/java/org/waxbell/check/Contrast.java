package org.waxbell.check;

/** How well words stand out, by the relative luminance of WCAG 2.2 (success criterion 1.4.3). */
public final class Contrast {
    /** The least that text on air may have. */
    public static final double LEAST = 4.5;

    private Contrast() {}

    /** The ratio of two colours such as {@code #fff4de}, 1 to 21. */
    public static double of(String one, String other) {
        double first = luminance(one);
        double second = luminance(other);
        return (Math.max(first, second) + 0.05) / (Math.min(first, second) + 0.05);
    }

    private static double luminance(String colour) {
        return 0.2126 * channel(colour, 1) + 0.7152 * channel(colour, 3) + 0.0722 * channel(colour, 5);
    }

    private static double channel(String colour, int at) {
        double value = Integer.parseInt(colour.substring(at, at + 2), 16) / 255.0;
        return value <= 0.04045 ? value / 12.92 : Math.pow((value + 0.055) / 1.055, 2.4);
    }
}

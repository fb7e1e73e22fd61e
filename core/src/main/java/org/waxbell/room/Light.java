package org.waxbell.room;

import java.util.Locale;

/**
 * How a lamp stands, or a plug, of which only whether it is on means anything.
 *
 * @param colour     such as {@code #c8841a}; it is kept while the lamp is off
 * @param brightness in percent, 1 to 100
 */
public record Light(boolean on, String colour, int brightness) {
    /** Off, and white when it is switched on. */
    public static final Light OFF = new Light(false, "#fff4de", 100);

    private static final int FULL = 100;

    public Light {
        colour = colour.toLowerCase(Locale.ROOT);
    }

    /** The same, switched off. */
    public Light dark() {
        return new Light(false, colour, brightness);
    }

    /** The same, switched on. */
    public Light lit() {
        return new Light(true, colour, brightness);
    }

    /** The same as bright as that, in percent; as good as dark is the least that it can be. */
    public Light dimmed(double percent) {
        return new Light(on, colour, (int) Math.max(1, Math.min(FULL, Math.round(percent))));
    }

    /** As the value of a target says it: {@code off}, {@code #c8841a}, or {@code #c8841a 60}. */
    public String inWords() {
        return !on ? "off" : brightness == FULL ? colour : colour + " " + brightness;
    }

    /** One of its three colours, 0 to 255. @param which 0 for red, 1 for green, 2 for blue */
    public int part(int which) {
        return Integer.parseInt(colour.substring(1 + 2 * which, 3 + 2 * which), 16);
    }
}

package org.waxbell.room;

import java.util.Optional;

/**
 * What a lamp is asked to do, as the value of a target says it: {@code off}, {@code on}, a colour, a colour with its brightness, or one
 * that breathes or blinks until another wish comes.
 *
 * @param way   whether and how it moves
 * @param light how it stands, or stands when it is brightest
 */
public record LampWish(Way way, Light light) {
    /** What the value of a target may be. */
    public static final String PATTERN = "off|on|#[0-9a-fA-F]{6}( (100|[1-9]\\d?))?|(breathe|blink) #[0-9a-fA-F]{6}";

    private static final long BREATH_MS = 3_000;
    /** Slow, for nothing in a room may flash. */
    private static final long BLINK_MS = 2_000;

    private static final double FAINT = 12;
    private static final double FULL = 100;

    /** Whether and how it moves. */
    public enum Way {
        /** It stands still. */
        STILL,
        /** It swells and fades as breath does. */
        BREATHE,
        /** It is on and off by turns. */
        BLINK
    }

    /** The wish that a value says; empty where it says none. @param now how the lamp stands, whose colour {@code on} keeps */
    public static Optional<LampWish> of(String value, Light now) {
        if (!value.matches(PATTERN)) {
            return Optional.empty();
        }
        String[] words = value.split(" ");
        return Optional.of(
                switch (words[0]) {
                    case "off" -> new LampWish(Way.STILL, now.dark());
                    case "on" -> new LampWish(Way.STILL, now.lit());
                    case "breathe" -> new LampWish(Way.BREATHE, new Light(true, words[1], 100));
                    case "blink" -> new LampWish(Way.BLINK, new Light(true, words[1], 100));
                    default ->
                        new LampWish(
                                Way.STILL,
                                new Light(true, words[0], words.length > 1 ? Integer.parseInt(words[1]) : 100));
                });
    }

    /** Whether it goes on moving. */
    public boolean moves() {
        return way != Way.STILL;
    }

    /** How the lamp stands so long after the wish began, in milliseconds. */
    public Light at(long elapsedMs) {
        return switch (way) {
            case STILL -> light;
            case BREATHE -> {
                // It begins faint and is brightest in the middle of a breath.
                double swell = (1 - Math.cos(2 * Math.PI * (elapsedMs % BREATH_MS) / BREATH_MS)) / 2;
                yield light.dimmed(FAINT + (FULL - FAINT) * swell);
            }
            case BLINK -> elapsedMs % BLINK_MS < BLINK_MS / 2 ? light : light.dark();
        };
    }

    /** Whether a lamp that was asked for {@code wished} and tells {@code told}, both as values of a target, still does what it was asked for. */
    public static boolean stillDoes(String wished, String told) {
        if (wished.equals(told)) {
            return true;
        }
        Optional<LampWish> wish = of(wished, Light.OFF);
        Optional<LampWish> now = of(told, Light.OFF);
        if (wish.isEmpty() || now.isEmpty()) {
            return false;
        }
        boolean dark = !now.get().light().on();
        if (wished.equals("on")) {
            return !dark;
        }
        boolean same = wish.get().light().colour().equals(now.get().light().colour());
        return switch (wish.get().way()) {
            case STILL -> wish.get().light().inWords().equals(now.get().light().inWords());
            case BREATHE -> !dark && same;
            case BLINK -> dark || same;
        };
    }
}

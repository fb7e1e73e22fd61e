package org.waxbell.sentence;

/**
 * A piece of a sentence that can be changed in its places.
 *
 * @param text what is read
 * @param chip what is changed by pressing it: {@code pull:0}, {@code gate:who}, {@code takes}, {@code wait}, {@code held};
 *             empty text for plain words
 * @param code whether it is written as it is typed
 */
public record Piece(String text, String chip, boolean code) {
    /** Plain words. */
    public static Piece words(String text) {
        return new Piece(text, "", false);
    }
}

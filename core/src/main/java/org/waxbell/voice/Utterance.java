package org.waxbell.voice;

/**
 * Something to be said.
 *
 * @param text  as it is written
 * @param voice id of the voice; empty text for the first there is
 * @param speed in percent of the voice's own
 * @param pitch likewise
 */
public record Utterance(String text, String voice, int speed, int pitch) {
    private static final int LETTER_MS = 72;
    private static final int BESIDE_MS = 350;

    /** How long it will about last, in milliseconds: by the letters, as the plain voice takes for them. */
    public long aboutMs() {
        return (BESIDE_MS + (long) LETTER_MS * text.length()) * 100 / Math.max(1, speed);
    }
}

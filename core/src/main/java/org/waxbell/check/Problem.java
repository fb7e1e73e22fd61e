package org.waxbell.check;

/**
 * One reason why a document is refused.
 *
 * @param path    the place in the document, such as {@code takes[0].score.parts[1].volume}
 * @param value   what stands there, shortened to what fits a line
 * @param message what is wrong, as a sentence
 * @param remedy  what to do about it, as a sentence
 */
public record Problem(String path, String value, String message, String remedy) {
    private static final int LONGEST_VALUE = 60;

    public Problem {
        if (value.length() > LONGEST_VALUE) {
            value = value.substring(0, LONGEST_VALUE - 1) + "…";
        }
    }
}

package org.waxbell.desk;

/** Text of viewers as a desk keeps it: one line without anything that would not be seen. */
public final class OneLine {
    private OneLine() {}

    /** The same in one line, whatever its length. */
    public static String of(String text) {
        return text.replaceAll("\\p{C}+", " ").replaceAll("\\s+", " ").strip();
    }

    /** The same, cut behind so many characters. */
    public static String of(String text, int longest) {
        String line = of(text);
        return line.codePointCount(0, line.length()) <= longest
                ? line
                : line.substring(0, line.offsetByCodePoints(0, longest - 1)) + "…";
    }
}

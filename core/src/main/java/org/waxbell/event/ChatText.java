package org.waxbell.event;

import java.util.regex.Pattern;

/** Cleans what people typed: one line, no control and no direction-turning marks. It stays text, never markup. */
public final class ChatText {
    /** Longest line of chat, in characters as Java counts them. */
    public static final int LONGEST_LINE = 500;
    /** Longest name that is kept, in characters. */
    public static final int LONGEST_NAME = 40;

    private static final int WORD_JOINER = 0x2060;
    private static final Pattern SPACES = Pattern.compile(" {2,}");

    private ChatText() {}

    /** The line with controls made spaces, marks that turn the direction of writing removed, and runs of spaces folded. */
    public static String line(String typed) {
        if (isPlain(typed)) {
            return typed;
        }
        StringBuilder clean = new StringBuilder(typed.length());
        typed.codePoints().forEach(point -> {
            if (turnsDirection(point)) {
                return;
            }
            clean.appendCodePoint(isBlank(point) ? ' ' : point);
        });
        return SPACES.matcher(clean).replaceAll(" ").strip();
    }

    /** The same, cut to {@value #LONGEST_LINE} characters without tearing a surrogate pair. */
    public static String bounded(String typed) {
        return cut(line(typed), LONGEST_LINE);
    }

    /** A name, cleaned like a line and cut to {@value #LONGEST_NAME} characters without tearing a surrogate pair. */
    public static String name(String typed) {
        return cut(line(typed), LONGEST_NAME);
    }

    /** A text cut to so many characters without tearing a surrogate pair. */
    public static String cut(String text, int longest) {
        if (text.length() <= longest) {
            return text;
        }
        int end = Character.isHighSurrogate(text.charAt(longest - 1)) ? longest - 1 : longest;
        return text.substring(0, end).strip();
    }

    /** Most lines are plain ASCII with single spaces and need no copy. */
    private static boolean isPlain(String typed) {
        char before = ' ';
        for (int i = 0; i < typed.length(); i++) {
            char c = typed.charAt(i);
            if (c < ' ' || c > '~' || (c == ' ' && before == ' ')) {
                return false;
            }
            before = c;
        }
        return before != ' ';
    }

    private static boolean isBlank(int point) {
        return Character.isISOControl(point)
                || Character.isWhitespace(point)
                || Character.isSpaceChar(point)
                || Character.getType(point) == Character.SURROGATE;
    }

    private static boolean turnsDirection(int point) {
        return (point >= 0x202A && point <= 0x202E)
                || (point >= 0x2066 && point <= 0x2069)
                || point == 0x200E
                || point == 0x200F
                || point == 0x061C
                || point == WORD_JOINER
                || point == 0xFEFF;
    }
}

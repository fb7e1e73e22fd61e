package org.waxbell.slate;

import org.waxbell.check.Problems;

/**
 * One small named value that cues write and read.
 *
 * @param id        as words ({@code {slatePours}}) and conditions ({@code slate.pours}) name it: a small letter, then letters and digits
 * @param number    whether it is a number, else text
 * @param perViewer whether each viewer has one, else the channel
 * @param keeps     whether it stays for good, else it starts anew with every show
 * @param start     what it is before anybody wrote it
 */
public record SlateValue(String id, String name, boolean number, boolean perViewer, boolean keeps, String start) {
    private static final int LONGEST = 200;

    /** Its name among the values of words: {@code slatePours}. */
    public String inWords() {
        return "slate" + Character.toUpperCase(id.charAt(0)) + id.substring(1);
    }

    /** The name of what stands there for the person who is named behind the word: {@code namedSlatePours}. */
    public String ofNamed() {
        String inWords = inWords();
        return "named" + Character.toUpperCase(inWords.charAt(0)) + inWords.substring(1);
    }

    /** {@code text} as this value keeps it: a number where it is one (0 where it cannot be read), else cut to its longest. */
    public String tidy(String text) {
        if (number) {
            return Long.toString(toNumber(text));
        }
        return text.length() > LONGEST ? text.substring(0, LONGEST) : text;
    }

    /** The number that {@code text} is, 0 where it is none. */
    public static long toNumber(String text) {
        return text.strip().matches("-?\\d{1,15}") ? Long.parseLong(text.strip()) : 0;
    }

    /** Adds what is wrong with it. */
    public void check(Problems problems) {
        if (!id.matches("[a-z][a-zA-Z0-9]{0,29}")) {
            problems.at("id")
                    .add(
                            id,
                            "A name on the slate begins with a small letter and has letters and digits only.",
                            "Write one such as pours.");
        }
        problems.at("name").text(name, 60, "The name");
        if (!tidy(start).equals(start)) {
            problems.at("start")
                    .add(
                            start,
                            number ? "It starts with a number." : "The text is too long.",
                            number ? "Write a whole number such as 0." : "Shorten it to " + LONGEST + " characters.");
        }
    }
}

package org.waxbell.desk;

import java.util.Locale;

/**
 * Somebody who is meant by name, whatever its capitals, with an at sign or without.
 *
 * @param name as it was written, in one line and without the sign; empty text for nobody
 */
public record Whom(String name) {
    /** Who is meant by what was written. */
    public static Whom of(String written) {
        String line = OneLine.of(written);
        return new Whom(line.startsWith("@") ? line.substring(1).strip() : line);
    }

    /** Whether somebody who is called so is meant. */
    public boolean is(String called) {
        return !name.isEmpty() && called.toLowerCase(Locale.ROOT).equals(name.toLowerCase(Locale.ROOT));
    }

    /** What is said where nobody of that name is found. @param otherwise the end of a sentence behind the name */
    public String unknown(String otherwise) {
        return name.isEmpty() ? "Nobody is named. Write whom." : name + " " + otherwise;
    }
}

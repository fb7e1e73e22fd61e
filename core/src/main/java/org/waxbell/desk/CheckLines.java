package org.waxbell.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The lines of a Markdown check list, or of plain text: a bullet, a number and a box may stand before each. */
public final class CheckLines {
    /** As much text as is read at once, in characters. */
    public static final int LONGEST = 40_000;

    private static final Pattern LINE =
            Pattern.compile("(\\s*)(?:[-*+](?=\\s)|\\d{1,6}[.)](?=\\s))?\\s*(?:\\[([ xX])](?=\\s))?\\s*(\\S.*)");

    private static final Pattern HEADING = Pattern.compile("#{1,6}(\\s.*)?");

    /** One line. @param ticked whether its box is ticked @param nested whether it stands below another */
    public record Line(String words, boolean ticked, boolean nested) {}

    private CheckLines() {}

    /** What a text says, in order; headings and lines without words are passed over. */
    public static List<Line> read(String text) {
        List<Line> all = new ArrayList<>();
        for (String written : text.lines().toList()) {
            Matcher line = LINE.matcher(written);
            if (!HEADING.matcher(written).matches() && line.matches()) {
                String box = line.group(2) == null ? "" : line.group(2).strip();
                all.add(new Line(
                        line.group(3).strip(), !box.isEmpty(), !line.group(1).isEmpty()));
            }
        }
        return all;
    }

    /** A line as it is written. */
    public static String written(String words, boolean ticked) {
        return "- [" + (ticked ? "x" : " ") + "] " + words + "\n";
    }
}

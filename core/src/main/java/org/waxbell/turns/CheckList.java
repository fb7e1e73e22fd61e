package org.waxbell.turns;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.waxbell.desk.CheckLines;

/**
 * Who waits, as a Markdown check list or plain lines: a name each, a note behind a colon.
 *
 * @param open    lines that are not ticked, in order
 * @param leftOut how many lines were ticked, or are no names
 */
public record CheckList(List<Line> open, int leftOut) {
    private static final Pattern LINE = Pattern.compile("([^:\\s][^:]{0,60}?)(?:\\s*:\\s*(.*))?");

    /** One line. @param note empty text for none */
    public record Line(String name, String note) {}

    public CheckList {
        open = List.copyOf(open);
    }

    /** What a text says; headings and empty lines are passed over. */
    static CheckList read(String text) {
        List<Line> open = new ArrayList<>();
        int left = 0;
        for (CheckLines.Line each : CheckLines.read(text)) {
            Matcher line = LINE.matcher(each.words());
            if (each.ticked() || !line.matches()) {
                left++;
            } else {
                open.add(new Line(line.group(1).strip(), line.group(2) == null ? "" : line.group(2)));
            }
        }
        return new CheckList(open, left);
    }

    /** Who is up and who waits, to be carried on with another time. */
    public static String written(Queue queue, TurnsState now) {
        List<Entry> all = new ArrayList<>();
        now.head().up().forEach(up -> all.add(up.entry()));
        now.waiting().forEach(all::add);
        StringBuilder text = new StringBuilder("# " + queue.name() + "\n\n");
        all.forEach(each -> text.append(
                CheckLines.written(each.name() + (each.note().isEmpty() ? "" : ": " + each.note()), false)));
        return text.toString();
    }
}

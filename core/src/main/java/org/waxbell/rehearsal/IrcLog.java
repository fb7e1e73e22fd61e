package org.waxbell.rehearsal;

import com.google.re2j.Matcher;
import com.google.re2j.Pattern;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.waxbell.event.ChatLine;
import org.waxbell.event.ChatText;
import org.waxbell.event.Viewer;

/** Reads plain logs of IRC channels: a time of day, a name in angle brackets, the line; all else is passed over. */
public final class IrcLog {
    private static final Pattern LINE = Pattern.compile(
            "^\\[?(?:\\d{4}-\\d\\d-\\d\\d[ T])?(\\d\\d):(\\d\\d)(?::(\\d\\d))?\\]?\\s+<[ @+%&~]?([^>\\s]+)>\\s(.*)$");
    private static final long DAY = 86_400_000;

    private IrcLog() {}

    /** The lines of a log as steps from its first line on; a time of day before the one above belongs to the next day. */
    public static List<Step> read(Iterable<String> lines) {
        List<Step> steps = new ArrayList<>();
        long before = -1;
        long day = 0;
        long first = -1;
        for (String line : lines) {
            Matcher found = LINE.matcher(line);
            String text = found.find() ? ChatText.line(found.group(5)) : "";
            if (!text.isEmpty()) {
                long time = Integer.parseInt(found.group(1)) * 3_600_000L
                        + Integer.parseInt(found.group(2)) * 60_000L
                        + (found.group(3) == null ? 0 : Integer.parseInt(found.group(3)) * 1_000L);
                day += time < before ? DAY : 0;
                before = time;
                first = first < 0 ? time : first;
                String name = ChatText.name(found.group(4));
                steps.add(new Step.Happens(
                        day + time - first,
                        new ChatLine(
                                "practice",
                                new Viewer("practice:" + name.toLowerCase(Locale.ROOT), name, Set.of(), 0),
                                ChatText.cut(text, ChatText.LONGEST_LINE))));
            }
        }
        return steps;
    }
}

package org.waxbell.clip;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/**
 * Marks and clips of a show as chapters, their times counted from the beginning of a recording or stream, for whoever cuts it afterwards.
 *
 * @param begins   when the recording begins, milliseconds since 1970 UTC
 * @param ends     when it ends, likewise
 * @param chapters in the order of their moments, none outside the recording
 */
public record Chapters(long begins, long ends, List<Mark> chapters) {
    private static final long SECOND = 1_000;
    private static final long MINUTE = 60 * SECOND;
    private static final long HOUR = 60 * MINUTE;

    public Chapters {
        chapters = chapters.stream()
                .filter(mark -> mark.at() >= begins && mark.at() < ends)
                .sorted(Comparator.comparingLong(Mark::at))
                .toList();
    }

    /** As WebVTT of the kind "chapters" (W3C, 6.1): each chapter lasts until the next. */
    public String vtt() {
        StringBuilder text = new StringBuilder("WEBVTT\n");
        for (int i = 0; i < chapters.size(); i++) {
            long to = i + 1 < chapters.size() ? chapters.get(i + 1).at() : ends;
            // Two marks of the same moment are one chapter after the other all the same: a cue must last.
            text.append('\n')
                    .append(clock(chapters.get(i).at() - begins))
                    .append(" --> ")
                    .append(clock(Math.max(to, chapters.get(i).at() + 1) - begins))
                    .append('\n')
                    .append(escaped(line(chapters.get(i))))
                    .append('\n');
        }
        return text.toString();
    }

    /** As a plain list, a line each: the time, what it was, and who noted it. */
    public String list() {
        List<String> lines = new ArrayList<>();
        chapters.forEach(mark -> lines.add(clock(mark.at() - begins).substring(0, 8) + "  " + line(mark)));
        return String.join("\n", lines) + (lines.isEmpty() ? "" : "\n");
    }

    private static String line(Mark mark) {
        String words = mark.words().isBlank() ? "a mark" : mark.words().replaceAll("\\s+", " ");
        return mark.by().isEmpty() ? words : words + " (" + mark.by() + ")";
    }

    /** An arrow would end a cue's text, and markup may not be written into it. */
    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }

    private static String clock(long ms) {
        return String.format(
                Locale.ROOT, "%02d:%02d:%02d.%03d", ms / HOUR, ms % HOUR / MINUTE, ms % MINUTE / SECOND, ms % SECOND);
    }
}

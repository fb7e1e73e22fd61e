package org.waxbell.link;

import java.util.ArrayList;
import java.util.List;

/** Splits a long answer into lines that a chat takes, at words where that is possible and never within a character. */
public final class LineSplit {
    private LineSplit() {}

    /** The lines, none empty. @param mostBytes of one line in UTF-8, 16 or more */
    public static List<String> split(String text, int mostBytes) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        int used = 0;
        for (String word : text.strip().split(" +")) {
            int size = bytes(word);
            if (used > 0 && used + 1 + size <= mostBytes) {
                line.append(' ').append(word);
                used += 1 + size;
                continue;
            }
            flush(line, lines);
            used = 0;
            if (size > mostBytes) {
                tear(word, mostBytes, lines);
                String rest = lines.remove(lines.size() - 1);
                line.append(rest);
                used = bytes(rest);
            } else {
                line.append(word);
                used = size;
            }
        }
        flush(line, lines);
        return lines;
    }

    private static void flush(StringBuilder line, List<String> lines) {
        if (line.length() > 0) {
            lines.add(line.toString());
            line.setLength(0);
        }
    }

    private static void tear(String word, int mostBytes, List<String> lines) {
        StringBuilder piece = new StringBuilder();
        int used = 0;
        for (int i = 0; i < word.length(); i += Character.charCount(word.codePointAt(i))) {
            String point = Character.toString(word.codePointAt(i));
            int size = bytes(point);
            if (used + size > mostBytes) {
                flush(piece, lines);
                used = 0;
            }
            piece.append(point);
            used += size;
        }
        flush(piece, lines);
    }

    private static int bytes(String text) {
        return text.codePoints()
                .map(point -> point < 0x80 ? 1 : point < 0x800 ? 2 : point < 0x10000 ? 3 : 4)
                .sum();
    }
}

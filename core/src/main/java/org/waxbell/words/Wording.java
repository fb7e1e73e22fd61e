package org.waxbell.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * Words with values: plain text in which {@code {viewer}} stands for a value.
 *
 * <p>The named arguments are those of an ICU message without formats; what is filled in is text, never markup.
 */
public final class Wording {
    private final List<Piece> pieces;

    private Wording(List<Piece> pieces) {
        this.pieces = List.copyOf(pieces);
    }

    private record Piece(String text, boolean isValue) {
    }

    /** Why a pattern is refused. @param at place in the pattern, counted from 0 */
    public record Fault(int at, String message) {
    }

    /** The first fault of {@code pattern}, or null where it can be compiled. */
    public static @Nullable Fault faultOf(String pattern) {
        int open = -1;
        for (int i = 0; i < pattern.length(); i++) {
            char c = pattern.charAt(i);
            if (c == '{') {
                if (open >= 0) {
                    return new Fault(i, "a second { before the first is closed");
                }
                open = i;
            } else if (c == '}') {
                if (open < 0) {
                    return new Fault(i, "a } without its {");
                }
                if (!isName(pattern.substring(open + 1, i))) {
                    return new Fault(open, "no name of a value between { and }");
                }
                open = -1;
            }
        }
        return open < 0 ? null : new Fault(open, "a { that is never closed");
    }

    /** Compiles {@code pattern}; the caller has asked {@link #faultOf} before. */
    public static Wording of(String pattern) {
        if (faultOf(pattern) != null) {
            throw new IllegalArgumentException("not a wording: " + pattern);
        }
        List<Piece> pieces = new ArrayList<>();
        int from = 0;
        for (int open = pattern.indexOf('{'); open >= 0; open = pattern.indexOf('{', from)) {
            int close = pattern.indexOf('}', open);
            if (open > from) {
                pieces.add(new Piece(pattern.substring(from, open), false));
            }
            pieces.add(new Piece(pattern.substring(open + 1, close), true));
            from = close + 1;
        }
        if (from < pattern.length()) {
            pieces.add(new Piece(pattern.substring(from), false));
        }
        return new Wording(pieces);
    }

    /** The names of the values that it uses, in alphabetical order. */
    public Set<String> names() {
        Set<String> names = new TreeSet<>();
        pieces.stream().filter(Piece::isValue).forEach(piece -> names.add(piece.text()));
        return names;
    }

    /** The words with their values; a value that is not there leaves nothing. */
    public String fill(Map<String, String> values) {
        StringBuilder filled = new StringBuilder();
        for (Piece piece : pieces) {
            filled.append(piece.isValue() ? values.getOrDefault(piece.text(), "") : piece.text());
        }
        return filled.toString();
    }

    private static boolean isName(String name) {
        return !name.isEmpty() && Character.isLetter(name.charAt(0))
                && name.chars().allMatch(c -> c < 128 && Character.isLetterOrDigit(c));
    }
}

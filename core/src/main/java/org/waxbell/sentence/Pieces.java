package org.waxbell.sentence;

import java.util.ArrayList;
import java.util.List;

/** Puts a sentence together: plain words, and chips that name the field that they change. */
public final class Pieces {
    private final List<Piece> all = new ArrayList<>();

    /** Plain words, with a space before them unless they begin with a sign that has none. */
    public Pieces words(String text) {
        if (text.isEmpty()) {
            all.add(Piece.words(" "));
            return this;
        }
        boolean close = text.startsWith(",")
                || text.startsWith(".")
                || text.startsWith(")")
                || text.startsWith(";")
                || text.startsWith(":");
        all.add(Piece.words((close || all.isEmpty() ? "" : " ") + text + (text.endsWith("(") ? "" : " ")));
        return this;
    }

    /** What can be pressed. */
    public Pieces chip(String field, String text) {
        all.add(new Piece(text, field, false));
        return this;
    }

    /** All of them. */
    public List<Piece> all() {
        return List.copyOf(all);
    }
}

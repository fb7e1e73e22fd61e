package org.waxbell.event;

/** A line of chat, which everyone there can read. */
public record ChatLine(String from, Viewer viewer, String text) implements Written {
    @Override
    public String kind() {
        return "chatLine";
    }

    @Override
    public String sentence() {
        return viewer.name() + ": " + text;
    }
}

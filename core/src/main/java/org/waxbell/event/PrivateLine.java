package org.waxbell.event;

import java.util.Optional;

/** A private message to the helper account; others in chat do not see it. */
public record PrivateLine(String from, Viewer viewer, String text) implements Written {
    @Override
    public String kind() {
        return "privateLine";
    }

    @Override
    public String sentence() {
        return viewer.name() + " privately: " + text;
    }

    @Override
    public Optional<String> privately() {
        return Optional.of(viewer.name());
    }
}

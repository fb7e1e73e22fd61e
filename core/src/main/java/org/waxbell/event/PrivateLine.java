package org.waxbell.event;

import java.util.Map;
import java.util.Optional;

/** A private message to the helper account; others in chat do not see it. @param text cleaned like a line of chat */
public record PrivateLine(String from, Viewer viewer, String text) implements ShowEvent {
    @Override
    public String kind() {
        return "privateLine";
    }

    @Override
    public String sentence() {
        return viewer.name() + " privately: " + text;
    }

    @Override
    public Optional<Viewer> by() {
        return Optional.of(viewer);
    }

    @Override
    public Optional<String> link() {
        return Optional.of(from);
    }

    @Override
    public Optional<String> privately() {
        return Optional.of(viewer.name());
    }

    @Override
    public Map<String, String> values() {
        return new ChatLine(from, viewer, text).values();
    }
}

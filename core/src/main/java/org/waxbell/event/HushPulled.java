package org.waxbell.event;

import java.util.Map;
import java.util.Optional;

/** The host pressed Hush: stop everything that is on air now and drop what waits. */
public record HushPulled() implements ShowEvent {
    @Override
    public String kind() {
        return "hush";
    }

    @Override
    public String sentence() {
        return "Hush";
    }

    @Override
    public Optional<Viewer> by() {
        return Optional.empty();
    }

    @Override
    public Optional<String> link() {
        return Optional.empty();
    }

    @Override
    public Map<String, String> values() {
        return Map.of();
    }
}

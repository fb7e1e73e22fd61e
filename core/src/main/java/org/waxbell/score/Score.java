package org.waxbell.score;

import java.util.List;

/** The timed arrangement of a take: parts on lanes, in the order in which the host wrote them. */
public record Score(List<Part> parts) {
    public Score {
        parts = List.copyOf(parts);
    }

    /** Whether any part is carried out by pages that want to be told ahead. */
    public boolean toldAhead() {
        return parts.stream().anyMatch(part -> part.lane().toldAhead());
    }
}

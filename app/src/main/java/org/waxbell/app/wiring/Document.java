package org.waxbell.app.wiring;

import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.stage.Stage;

/**
 * A cue, rack or stage with what the store knows of it.
 *
 * @param version  counts its edits from 1
 * @param position its place in the list
 * @param value    the {@code Cue}, {@code Rack} or {@code Stage}
 */
public record Document(DocumentKind kind, String id, long version, int position, Object value) {
    /** How people call a cue, rack or stage. */
    public static String nameOf(Object value) {
        return value instanceof Cue cue
                ? cue.name()
                : value instanceof Rack rack
                        ? rack.name()
                        : value instanceof Stage stage ? stage.name() : "the channel’s settings";
    }
}

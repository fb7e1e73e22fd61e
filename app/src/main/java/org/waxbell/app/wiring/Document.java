package org.waxbell.app.wiring;

import org.waxbell.act.DeskSheet;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.stage.Stage;

/**
 * A cue, rack, stage or desk with what the store knows of it.
 *
 * @param version  counts its edits from 1
 * @param position its place in the list
 * @param value    the {@code Cue}, {@code Rack}, {@code Stage}, {@code DeskSheet} or {@code House}
 */
public record Document(DocumentKind kind, String id, long version, int position, Object value) {
    /** How people call a cue, rack, stage or desk. */
    public static String nameOf(Object value) {
        return value instanceof Cue cue
                ? cue.name()
                : value instanceof Rack rack
                        ? rack.name()
                        : value instanceof Stage stage
                                ? stage.name()
                                : value instanceof DeskSheet desk ? desk.name() : "the channel’s settings";
    }
}

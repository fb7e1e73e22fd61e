package org.waxbell.app.wiring;

/**
 * A cue, rack or stage with what the store knows of it.
 *
 * @param version  counts its edits from 1
 * @param position its place in the list
 * @param value    the {@code Cue}, {@code Rack} or {@code Stage}
 */
public record Document(DocumentKind kind, String id, long version, int position, Object value) {
}

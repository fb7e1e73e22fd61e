package org.waxbell.app.store;

import org.jspecify.annotations.Nullable;

/**
 * One edit of a document.
 *
 * @param what       what was done, as undo names it: {@code edit of Pour the taper}
 * @param beforeJson the document before, null where it was new
 * @param afterJson  the document after, null where it was deleted
 */
public record EditRow(long number, long at, String kind, String documentId, String what,
                      @Nullable String beforeJson, @Nullable String afterJson, int position, int undone) {
}

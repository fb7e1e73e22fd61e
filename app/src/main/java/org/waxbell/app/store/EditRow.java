package org.waxbell.app.store;

import org.jspecify.annotations.Nullable;

/**
 * What one edit did to one document.
 *
 * @param what           what was done, as undo names it: {@code edit of Pour the taper}
 * @param beforeJson     the document before, null where it was new
 * @param afterJson      the document after, null where it was deleted
 * @param position       its place in the list after
 * @param step           what was done in one edit has one step
 * @param beforePosition its place in the list before
 * @param origin         from where it was made, as {@link org.waxbell.actor.Origin} names it
 * @param actor          which one of them, empty text where there is only one
 */
public record EditRow(
        long number,
        long at,
        String kind,
        String documentId,
        String what,
        @Nullable String beforeJson,
        @Nullable String afterJson,
        int position,
        int undone,
        long step,
        int beforePosition,
        String origin,
        String actor) {}

package org.waxbell.app.wiring;

import org.jspecify.annotations.Nullable;
import org.waxbell.cue.Cue;

/** A cue to be saved, or to be deleted where there is none. @param version the one that the editor saw, 0 for a new one */
public record Wish(String id, long version, @Nullable Cue cue) {
    Edit.Aim aim(DocumentSet current) {
        Document there = current.find(DocumentKind.CUE, id).orElse(null);
        if ((there == null ? 0 : there.version()) != version) {
            throw new Conflict(there);
        }
        return new Edit.Aim(DocumentKind.CUE, id, cue, null);
    }
}

package org.waxbell.app.wiring;

import org.jspecify.annotations.Nullable;
import org.waxbell.cue.Cue;

/** A cue to be saved, or to be deleted where there is none. @param version the one that the editor saw, 0 for a new one */
public record Wish(String id, long version, @Nullable Cue cue) {
    Edit.Aim aim(DocumentSet current) {
        return Edit.Aim.seen(current, DocumentKind.CUE, id, version, cue);
    }
}

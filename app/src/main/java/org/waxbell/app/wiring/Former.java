package org.waxbell.app.wiring;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** What a document is put back to. @param value null where it is to be gone */
public record Former(DocumentKind kind, String id, @Nullable Object value) {
    /** The edits that put these back, as far as they are there. */
    static List<Edit.Aim> aims(List<Former> formers, DocumentSet current) {
        return formers.stream()
                .filter(each -> current.find(each.kind(), each.id()).isPresent())
                .map(each -> new Edit.Aim(each.kind(), each.id(), each.value(), null))
                .toList();
    }
}

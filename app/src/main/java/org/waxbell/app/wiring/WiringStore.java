package org.waxbell.app.wiring;

import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Component;
import org.waxbell.app.json.Documents;
import org.waxbell.app.store.DocumentMapper;
import org.waxbell.app.store.DocumentRow;
import org.waxbell.app.store.MediaMapper;
import org.waxbell.shelf.Shelf;

/** The documents in force. Only the engine's thread puts others in their place. */
@Component
public class WiringStore {
    private volatile DocumentSet current;

    WiringStore(DocumentMapper mapper, MediaMapper media, Documents documents, FirstFill filled) {
        filled.fill();
        List<Document> all = mapper.all().stream().map(row -> document(row, documents)).toList();
        current = DocumentSet.of(all, new Shelf(media.all()));
    }

    private static Document document(DocumentRow row, Documents documents) {
        DocumentKind kind = DocumentKind.valueOf(row.kind().toUpperCase(Locale.ROOT));
        return new Document(kind, row.id(), row.version(), row.position(), documents.read(row.json(), kind.type()));
    }

    /** The documents in force. */
    public DocumentSet current() {
        return current;
    }

    void become(DocumentSet next) {
        current = next;
    }
}

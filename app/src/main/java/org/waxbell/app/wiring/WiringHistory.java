package org.waxbell.app.wiring;

import java.util.Locale;
import org.springframework.stereotype.Component;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Refused;
import org.waxbell.app.store.DocumentMapper;
import org.waxbell.app.store.EditRow;
import org.waxbell.wiring.Wiring;

/** The wiring as it was before an edit that still holds, with the shelf of now. */
@Component
public class WiringHistory {
    private final WiringStore store;
    private final DocumentMapper log;
    private final Documents json;

    WiringHistory(WiringStore store, DocumentMapper log, Documents json) {
        this.store = store;
        this.log = log;
        this.json = json;
    }

    /** The wiring before that edit; throws {@link Refused} where there is none of that number. */
    public Wiring before(long step) {
        if (log.edit(step).isEmpty()) {
            throw new Refused(
                    "wiring",
                    String.valueOf(step),
                    "There is no such edit.",
                    "Choose one that is in the list of changes.");
        }
        DocumentSet set = store.current();
        for (EditRow row : log.after(step - 1)) {
            DocumentKind kind = DocumentKind.valueOf(row.kind().toUpperCase(Locale.ROOT));
            set = row.beforeJson() == null
                    ? set.without(kind, row.documentId())
                    : set.with(new Document(
                            kind, row.documentId(), 1, row.beforePosition(), json.read(row.beforeJson(), kind.type())));
        }
        return set.wiring();
    }
}

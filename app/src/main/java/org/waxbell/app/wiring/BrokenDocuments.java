package org.waxbell.app.wiring;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import org.springframework.stereotype.Component;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.config.Options;
import org.waxbell.app.config.StartRefused;
import org.waxbell.app.store.DocumentMapper;
import org.waxbell.app.store.DocumentRow;

/** Sets documents aside without which the host wants to start, for they cannot be read any more. */
@Component
class BrokenDocuments {
    private final Options options;
    private final DocumentMapper documents;
    private final DataFolder folder;

    BrokenDocuments(Options options, DocumentMapper documents, DataFolder folder) {
        this.options = options;
        this.documents = documents;
        this.folder = folder;
    }

    /** Writes each into the folder of faults and takes it out of the database; throws {@link StartRefused} for one that is not there. */
    void setAside() {
        for (String wanted : options.without()) {
            DocumentRow row = documents.all().stream()
                    .filter(each -> (each.kind() + "/" + each.id()).equalsIgnoreCase(wanted))
                    .findFirst()
                    .orElseThrow(() -> new StartRefused(
                            "There is no document \"" + wanted + "\".",
                            "Start again without --without=" + wanted + "."));
            Path aside = folder.faults()
                    .resolve(row.kind().toLowerCase(Locale.ROOT) + "-" + row.id() + "-" + row.version() + ".json");
            try {
                Files.writeString(aside, row.json());
            } catch (IOException full) {
                throw new StartRefused(
                        "The document \"" + wanted + "\" could not be set aside: " + full.getMessage() + ".",
                        "Make room on the disk, and start again.");
            }
            documents.remove(row.kind(), row.id());
        }
    }
}

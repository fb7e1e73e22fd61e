package org.waxbell.app.config;

import java.nio.file.Path;

/** Another Wax Bell has the data folder open. */
public final class FolderInUse extends StartRefused {
    FolderInUse(Path root) {
        super(
                "The data folder " + root + " is already in use by another Wax Bell.",
                "Stop that one first, or start this one with another folder: --data FOLDER.");
    }
}

package org.waxbell.app.rest;

import java.io.IOException;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.app.config.Copies;
import org.waxbell.app.config.Copies.Copy;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.inbox.Unsaved;

/** Copies of the database: those there are, and another one now. */
@RestController
@RequestMapping("/api/copies")
class CopyController {
    private final Copies copies;
    private final DataFolder folder;

    CopyController(DataFolder folder) {
        this.copies = new Copies(folder);
        this.folder = folder;
    }

    /** The copies, the newest first. @param folder where they are @param restore what is typed to go back to one */
    record CopiesView(String folder, String restore, List<Copy> copies) {}

    /** A copy that is wanted now. @param keys whether the keys are to be in it */
    record CopyWanted(boolean keys) {}

    @GetMapping
    CopiesView all() {
        try {
            return new CopiesView(
                    folder.backups().toString(), "./waxbell restore NAME --data " + folder.root(), copies.all());
        } catch (IOException unreadable) {
            throw new Unsaved(unreadable);
        }
    }

    @PostMapping
    CopiesView copy(@RequestBody CopyWanted wanted) {
        try {
            copies.now(LocalDateTime.now(), wanted.keys());
        } catch (IOException | SQLException full) {
            throw new Unsaved(full);
        }
        return all();
    }
}

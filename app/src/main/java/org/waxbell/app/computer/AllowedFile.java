package org.waxbell.app.computer;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.json.Documents;
import org.waxbell.check.Problem;
import org.waxbell.check.Problems;
import org.waxbell.keys.Allowed;
import org.waxbell.link.Trouble;
import tools.jackson.core.JacksonException;

/** The file in which the owner of this computer lists what wirings may do to it; nothing in the program writes it. A change of it holds at once. */
@Component
final class AllowedFile {
    /** Its name in the data folder. */
    static final String NAME = "this-computer.json";

    private static final Allowed NOTHING = new Allowed(List.of(), false, false, List.of());
    private static final String REMEDY =
            "The guide shows one, under Keys and programs of this computer. Mend it, then connect again.";
    private final Path file;
    private final Documents json;
    private FileTime read = FileTime.fromMillis(-1);
    private Allowed allowed = NOTHING;
    private String wrong = "";

    AllowedFile(DataFolder folder, Documents json) {
        this.file = folder.root().resolve(NAME);
        this.json = json;
    }

    /** What is allowed now; nothing while the file is missing or wrong. */
    synchronized Allowed now() {
        refresh();
        return allowed;
    }

    /** Why nothing can be allowed by it; empty where it is as it should be. */
    synchronized Optional<Trouble> trouble() {
        refresh();
        return wrong.isEmpty() ? Optional.empty() : Optional.of(Trouble.lasting(wrong, REMEDY));
    }

    private void refresh() {
        try {
            FileTime changed = Files.getLastModifiedTime(file);
            if (!changed.equals(read)) {
                read = changed;
                allowed = NOTHING;
                wrong = "";
                allowed = checked(json.read(Files.readString(file), Allowed.class));
            }
        } catch (JacksonException broken) {
            wrong = NAME + " cannot be read: " + broken.getOriginalMessage() + " (line "
                    + broken.getLocation().getLineNr() + ").";
        } catch (IOException missing) {
            read = FileTime.fromMillis(-1);
            allowed = NOTHING;
            wrong = "There is no " + NAME + " in the data folder, so nothing is allowed.";
        }
    }

    private Allowed checked(Allowed all) {
        Problems problems = new Problems();
        all.check(problems);
        if (problems.found().isEmpty()) {
            return all;
        }
        Problem first = problems.found().get(0);
        wrong = NAME + ": " + first.path() + " " + first.value() + ": " + first.message() + " " + first.remedy();
        return NOTHING;
    }
}

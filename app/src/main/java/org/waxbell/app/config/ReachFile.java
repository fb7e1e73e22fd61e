package org.waxbell.app.config;

import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Arrays;
import java.util.List;
import java.util.Properties;

/** Keeps from where the pages can be reached, in a file of the data folder, for it is needed before the database is opened. It holds from the next start on. */
public final class ReachFile {
    private final Path file;

    /** The file of that folder. */
    public ReachFile(DataFolder folder) {
        this.file = folder.keys().resolve("reach.properties");
    }

    /** What is kept; this computer only where nothing is. Throws {@link StartRefused} where others could come in without a password. */
    public Reach read() {
        if (!Files.exists(file)) {
            return Reach.LOCAL;
        }
        Properties kept = new Properties();
        try (Reader in = Files.newBufferedReader(file)) {
            kept.load(in);
        } catch (IOException | IllegalArgumentException broken) {
            throw new StartRefused(
                    "The file " + file + " cannot be read.",
                    "Mend it, or take it away to be reached from this computer only.");
        }
        List<String> names = Arrays.stream(kept.getProperty("names", "").split(","))
                .map(String::strip)
                .filter(name -> !name.isEmpty())
                .toList();
        Reach reach = new Reach(
                kept.getProperty("listen", Reach.HERE).strip(),
                names,
                kept.getProperty("password", "").strip(),
                Boolean.parseBoolean(kept.getProperty("secure", "false").strip()));
        if (reach.beyond() && reach.password().isEmpty()) {
            throw new StartRefused(
                    "Wax Bell is to be reached at " + reach.listen() + ", and no host password is set.",
                    "Take away " + file + ", start, and set a password on Links first.");
        }
        return reach;
    }

    /** Keeps it, for the next start. */
    public void write(Reach reach) {
        Properties kept = new Properties();
        kept.setProperty("listen", reach.listen());
        kept.setProperty("names", String.join(",", reach.names()));
        kept.setProperty("password", reach.password());
        kept.setProperty("secure", Boolean.toString(reach.secure()));
        try {
            Path fresh = file.resolveSibling("reach.fresh");
            try (Writer out = Files.newBufferedWriter(fresh)) {
                kept.store(out, "From where Wax Bell can be reached");
            }
            Files.move(fresh, file, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}

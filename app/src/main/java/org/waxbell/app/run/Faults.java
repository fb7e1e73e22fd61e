package org.waxbell.app.run;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.json.Documents;

/** Keeps what the engine was given when it met a fault, so that it can be sent to who mends it: one file each, the newest only. */
@Component
class Faults {
    private static final Logger LOG = LoggerFactory.getLogger(Faults.class);
    private static final int KEPT = 50;
    private final Path folder;
    private final Documents json;

    Faults(DataFolder data, Documents json) {
        this.folder = data.faults();
        this.json = json;
    }

    /** Sets an input aside. @param input as a script has it, or in words */
    void setAside(long at, Object input, Throwable fault) {
        StringWriter text = new StringWriter();
        text.append(input instanceof String words ? words : json.write(input)).append("\n\n");
        fault.printStackTrace(new PrintWriter(text));
        try {
            Files.createDirectories(folder);
            Files.writeString(folder.resolve(at + ".txt"), text.toString());
            forgetOldest();
        } catch (IOException full) {
            LOG.warn("What met the fault could not be set aside: {}", full.getMessage());
        }
    }

    private void forgetOldest() throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            List<Path> newest = files.sorted(
                            Comparator.comparing(Path::getFileName).reversed())
                    .toList();
            for (Path old : newest.subList(Math.min(KEPT, newest.size()), newest.size())) {
                Files.delete(old);
            }
        }
    }
}

package org.waxbell.app.rehearse;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.json.Refused;
import org.waxbell.app.store.Journal;
import org.waxbell.app.store.PackedBooks;
import org.waxbell.app.store.RecordingMapper;
import org.waxbell.rehearsal.Script;
import org.waxbell.rehearsal.Step;
import tools.jackson.databind.EnumNamingStrategies;
import tools.jackson.databind.annotation.EnumNaming;

/** The scripts that there are: recorded shows, files that were brought or kept, and the sample evening. */
@Component
public class Scripts {
    private static final String SAMPLE = "sample";
    private static final String RECORDING = "recording-";
    private static final String FILE = "file-";
    private static final String ENDING = ".jsonl";
    private static final int LONGEST_NAME = 60;
    private final RecordingMapper recordings;
    private final ScriptFormat format;
    private final Journal journal;
    private final Path folder;
    private final ConcurrentMap<String, Facts> facts = new ConcurrentHashMap<>();

    Scripts(RecordingMapper recordings, ScriptFormat format, Journal journal, DataFolder data) {
        this.recordings = recordings;
        this.format = format;
        this.journal = journal;
        this.folder = data.scripts();
    }

    /** Where a script comes from. */
    @EnumNaming(EnumNamingStrategies.LowerCamelCaseStrategy.class)
    public enum Origin {
        /** A show of ours that was recorded. */
        RECORDED,
        /** A file. */
        FILE,
        /** It ships with the program. */
        SAMPLE
    }

    /**
     * A script as a list shows it.
     *
     * @param at       when a recording began, 0 for others, milliseconds since 1970 UTC
     * @param open     whether the show goes on
     */
    public record Listed(String id, String name, Origin origin, long at, boolean open, int steps, long lengthMs) {}

    private record Facts(int steps, long lengthMs) {}

    /** All of them: the newest recording first, then files by name, then the sample. */
    public List<Listed> all() {
        List<Listed> all = new ArrayList<>();
        for (RecordingMapper.RecordingRow row : recordings.all()) {
            long length = row.closedAt() == null ? 0 : row.closedAt() - row.openedAt();
            all.add(new Listed(
                    RECORDING + row.number(),
                    "Show " + row.show(),
                    Origin.RECORDED,
                    row.openedAt(),
                    row.closedAt() == null,
                    row.steps(),
                    length));
        }
        for (Path file : files()) {
            String name = name(file);
            Facts known = facts.computeIfAbsent(name, key -> factsOf(bytes(file)));
            all.add(new Listed(FILE + name, name, Origin.FILE, 0, false, known.steps(), known.lengthMs()));
        }
        Facts sample = facts.computeIfAbsent("", key -> factsOf(sample()));
        all.add(new Listed(
                SAMPLE, "Saltmarsh Candle Hour", Origin.SAMPLE, 0, false, sample.steps(), sample.lengthMs()));
        return all;
    }

    private Facts factsOf(byte[] bytes) {
        try {
            Script script = format.read(bytes);
            return new Facts(script.steps().size(), script.lengthMs());
        } catch (Refused unreadable) {
            // It stays in the list; who chooses it is told why it cannot be read.
            return new Facts(0, 0);
        }
    }

    /** The script of that id; throws {@link Refused} where there is none. */
    public Script get(String id) {
        if (id.equals(SAMPLE)) {
            return format.read(sample());
        }
        if (id.startsWith(RECORDING) && id.substring(RECORDING.length()).matches("\\d{1,9}")) {
            long number = Long.parseLong(id.substring(RECORDING.length()));
            String opening = recordings.opening(number);
            if (opening != null) {
                Script script = format.recorded(
                        opening,
                        recordings.steps(number).stream().map(this::line).toList());
                RecordingMapper.PeopleRow people = recordings.people(number);
                if (people != null) {
                    PackedBooks.putBack(
                            people.packed(),
                            script.opening().orElseThrow().state().memory());
                }
                return script;
            }
        }
        return format.read(bytes(file(id)));
    }

    /** An event that stands in the journal is told as a step. */
    private String line(RecordingMapper.StepRow row) {
        return journal.recorded(row)
                .map(each -> format.write(new Step.Happens(each.at(), each.event())))
                .orElse(row.json());
    }

    /** Keeps a script under a name; throws {@link Refused} where it cannot be read or the name is taken. */
    public String keep(String name, Script script) {
        String clean = name.strip();
        if (!clean.matches("[\\p{L}\\p{N}][\\p{L}\\p{N} ._-]{0," + (LONGEST_NAME - 1) + "}")) {
            throw new Refused(
                    "name",
                    name,
                    "A script's name begins with a letter and has letters, digits, spaces, dots and hyphens, at most "
                            + LONGEST_NAME + ".",
                    "Write one such as Friday with a crowd.");
        }
        Path file = folder.resolve(clean + ENDING);
        if (Files.exists(file)) {
            throw new Refused(
                    "name", name, "Another script has this name.", "Give it another, or delete that one first.");
        }
        try {
            Path half = Files.createTempFile(folder, "half", ".part");
            Files.writeString(half, format.write(script));
            Files.move(half, file, StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
        return FILE + clean;
    }

    /** Deletes a script that lies there as a file; throws {@link Refused} for another. */
    public void delete(String id) {
        Path file = file(id);
        try {
            Files.delete(file);
            facts.remove(name(file));
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private Path file(String id) {
        return files().stream()
                .filter(file -> id.equals(FILE + name(file)))
                .findFirst()
                .orElseThrow(
                        () -> new Refused("script", id, "There is no such script.", "Choose one that is in the list."));
    }

    private List<Path> files() {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file -> file.getFileName().toString().endsWith(ENDING))
                    .sorted()
                    .toList();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private static String name(Path file) {
        String name = file.getFileName().toString();
        return name.substring(0, name.length() - ENDING.length());
    }

    private static byte[] bytes(Path file) {
        try {
            return Files.readAllBytes(file);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private static byte[] sample() {
        try (InputStream in = Objects.requireNonNull(Scripts.class.getResourceAsStream("/demo/evening.jsonl"))) {
            return in.readAllBytes();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}

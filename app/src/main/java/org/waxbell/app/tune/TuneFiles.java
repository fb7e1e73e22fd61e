package org.waxbell.app.tune;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.media.MediaFiles;
import org.waxbell.app.media.SoundReader;
import org.waxbell.app.speech.Wav;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.catalogue.PracticeMelody;
import org.waxbell.catalogue.Tune;

/** The sound of tunes as files: what lies on the shelf, and the practice catalogue, which is played into a file when it is first wanted. */
@Component
public class TuneFiles {
    private static final int MOST_FILES = 60;
    private static final int MOST_DRAWN = 500;
    private final DataFolder folder;
    private final MediaFiles media;
    private final WiringStore wiring;
    private final Map<String, String> drawn = new LinkedHashMap<>();

    TuneFiles(DataFolder folder, MediaFiles media, WiringStore wiring) {
        this.wiring = wiring;
        this.folder = folder;
        this.media = media;
    }

    /** A file with sound. @param type its media type */
    public record SoundFile(Path path, String type) {}

    /** Makes the index of tunes apart from the evening, so that the first who asks for one does not hold it up. */
    @EventListener(ApplicationReadyEvent.class)
    void prepare() {
        CompletableFuture.runAsync(() -> wiring.book().catalogue().find(""));
    }

    /** The file of a tune; empty where there is none. It may take a second to be made. */
    public Optional<SoundFile> file(Tune tune) {
        String name = tune.id().substring(tune.id().indexOf('/') + 1);
        if (tune.ofShelf()) {
            return media.rows().stream()
                    .map(row -> row.media())
                    .filter(each -> each.hash().equals(name))
                    .findFirst()
                    .map(each -> new SoundFile(media.file(name), each.type()))
                    .filter(each -> Files.exists(each.path()));
        }
        return Optional.of(new SoundFile(made(tune, name), "audio/wav"));
    }

    private synchronized Path made(Tune tune, String name) {
        Path path = folder.tunes().resolve(name + ".wav");
        try {
            if (!Files.exists(path)) {
                Files.createDirectories(folder.tunes());
                Path fresh = folder.tunes().resolve(name + ".part");
                Files.write(
                        fresh,
                        Wav.of(PracticeMelody.RATE, PracticeMelody.play(tune))
                                .levelled()
                                .bytes());
                Files.move(fresh, path, StandardCopyOption.ATOMIC_MOVE);
                forgetOld();
            }
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
        return path;
    }

    /** What was made can be made again, so only the newest are kept. */
    private void forgetOld() throws IOException {
        List<Path> all = new ArrayList<>();
        try (Stream<Path> files = Files.list(folder.tunes())) {
            files.forEach(all::add);
        }
        all.sort(Comparator.comparingLong((Path each) -> each.toFile().lastModified())
                .reversed());
        for (Path each : all.subList(Math.min(MOST_FILES, all.size()), all.size())) {
            Files.deleteIfExists(each);
        }
    }

    /** How it is drawn on time: two hex digits a step; empty text where it cannot be read. */
    public synchronized String drawing(Tune tune) {
        String known = drawn.get(tune.id());
        if (known != null) {
            return known;
        }
        String made = file(tune).map(TuneFiles::measured).orElse("");
        drawn.put(tune.id(), made);
        if (drawn.size() > MOST_DRAWN) {
            drawn.remove(drawn.keySet().iterator().next());
        }
        return made;
    }

    private static String measured(SoundFile file) {
        try {
            int[] steps = SoundReader.measure(Files.readAllBytes(file.path()), file.type())
                    .drawing();
            byte[] bytes = new byte[steps.length];
            for (int i = 0; i < steps.length; i++) {
                bytes[i] = (byte) steps[i];
            }
            return HexFormat.of().formatHex(bytes);
        } catch (IOException | IllegalArgumentException unreadable) {
            return "";
        }
    }
}

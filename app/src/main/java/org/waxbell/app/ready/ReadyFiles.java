package org.waxbell.app.ready;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Refused;
import org.waxbell.app.media.Intake;
import org.waxbell.app.ready.ReadyShelf.ReadyAsked;
import org.waxbell.app.security.Hashes;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.booking.Spot;
import org.waxbell.check.Problems;
import org.waxbell.kind.Records;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.WiringDocument;

/** The files of the ready-made pieces, and what each is made of for this house; they are read when somebody first asks. */
@Component
final class ReadyFiles {
    private static final String FROM = "classpath:ready/*.json";
    private final Documents json;
    private final WiringStore store;
    private final Map<String, Media> ours = new ConcurrentHashMap<>();
    private @Nullable List<ReadyFile> files;
    private @Nullable WiringDocument empty;

    ReadyFiles(Documents json, WiringStore store) {
        this.json = json;
        this.store = store;
    }

    /** All of them, in order. */
    synchronized List<ReadyFile> all() {
        List<ReadyFile> known = files;
        if (known == null) {
            known = read();
            files = known;
        }
        return known;
    }

    private List<ReadyFile> read() {
        try {
            Resource[] found = new PathMatchingResourcePatternResolver().getResources(FROM);
            return Arrays.stream(found)
                    .sorted(Comparator.comparing(each -> Objects.requireNonNull(each.getFilename())))
                    .map(each -> json.read(text("ready/" + each.getFilename()), ReadyFile.class))
                    .toList();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** The house with which everybody begins: pieces are made on it. */
    synchronized WiringDocument empty() {
        WiringDocument known = empty;
        if (known == null) {
            known = json.read(text("empty/wiring.json"), WiringDocument.class);
            empty = known;
        }
        return known;
    }

    private static String text(String name) {
        return new String(bytes(name), StandardCharsets.UTF_8);
    }

    private static byte[] bytes(String name) {
        try (InputStream in = ReadyFiles.class.getResourceAsStream("/" + name)) {
            return Objects.requireNonNull(in, name).readAllBytes();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** One of them; throws {@link Refused} where there is none. */
    ReadyFile file(String id) {
        return all().stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow(() ->
                        new Refused("id", id, "There is no such piece on the shelf.", "Choose one that is there."));
    }

    /** What is answered, with the sign that stands before chat words here; throws {@link Refused} with every answer that does not fit. */
    Map<String, String> answers(ReadyFile file, ReadyAsked asked) {
        Problems problems = new Problems();
        file.questions().forEach(each -> each.check(each.answer(asked.answers()), problems));
        if (!problems.found().isEmpty()) {
            throw new Refused(problems.found());
        }
        Map<String, String> all = new HashMap<>(asked.answers());
        all.put(ReadyFile.SIGN, prefix());
        return all;
    }

    private String prefix() {
        return store.current().wiring().house().prefix();
    }

    /** The piece alone. */
    WiringDocument document(ReadyFile file, String stage, Map<String, String> answers) {
        WiringDocument house = empty();
        WiringDocument base = Records.with(
                house,
                Map.of(
                        "house",
                        Records.with(house.house(), Map.of("prefix", prefix())),
                        "stages",
                        List.of(on(stage, house.stages().get(0)))));
        ReadyMaker maker = new ReadyMaker(base.on(shelf(file)), json);
        maker.made(file.filled(file.content(), answers));
        return maker.document();
    }

    /** The stage of the house on which it is to be seen, with the spots that pieces use; a plain one where there is none. */
    private Stage on(String wanted, Stage plain) {
        return store.current().wiring().stages().stream()
                .filter(each -> wanted.isEmpty() || each.id().equals(wanted))
                .findFirst()
                .map(there -> with(there, plain))
                .orElse(plain);
    }

    private static Stage with(Stage there, Stage plain) {
        List<Spot> spots = new ArrayList<>(there.spots());
        plain.spots().stream()
                .filter(each -> !there.hasSpot(each.id()))
                .map(each -> Records.with(
                        each,
                        Map.of(
                                "frame",
                                each.frame().scaled(plain.width(), plain.height(), there.width(), there.height()))))
                .forEach(spots::add);
        return Records.with(
                there,
                Map.of("spots", spots, "outlets", there.outlets().isEmpty() ? plain.outlets() : there.outlets()));
    }

    /** What it brings of our shelf. */
    Shelf shelf(ReadyFile file) {
        return new Shelf(file.files().stream().map(this::ours).toList());
    }

    /** A file of ours, measured once. @param path as {@code Bench/bell.wav} */
    private Media ours(String path) {
        return ours.computeIfAbsent(path, each -> {
            byte[] content = content(each);
            int stroke = each.indexOf('/');
            String folder = each.substring(0, stroke);
            Intake.Taken taken = Intake.of(folder, content);
            return new Media(
                    each.substring(stroke + 1),
                    folder,
                    Hashes.hex(content),
                    taken.type(),
                    taken.measured() == null ? 0 : taken.measured().lengthMs());
        });
    }

    /** What is in a file of ours. @param path as {@code Bench/bell.wav} */
    static byte[] content(String path) {
        return bytes("demo/media/" + path);
    }
}

package org.waxbell.app.script;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletionException;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.util.FileSystemUtils;
import org.waxbell.actor.Actor;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Refused;
import org.waxbell.app.security.Hashes;
import org.waxbell.app.thread.Daemons;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.check.Problem;
import org.waxbell.extension.Extension;

/**
 * Keeps each extension as files too, in a folder of its own under {@code extensions} of the data folder, where any editor can write them: what
 * is saved there is taken by itself, and what is written in the console stands there a moment later.
 */
@Component
class ExtensionFolders {
    private static final Logger LOG = LoggerFactory.getLogger(ExtensionFolders.class);
    /** Types for editors, which stand beside all extensions. */
    private static final String TYPES = "house.d.ts";

    /** Notes in each folder what stood there when it was the same as its document. */
    private static final String SUM = ".same";

    private static final long EVERY_MS = 500;
    private static final long LARGEST = 1_000_000;
    private final Path root;
    private final WiringStore wiring;
    private final Extensions extensions;
    private final ScriptLog log;
    private final SystemClock clock;
    private final Documents json;
    /** What stood in document and folder when they were the same. */
    private final Map<String, Same> same = new HashMap<>();
    /** What was refused of a folder, so that it is said once. */
    private final Map<String, Map<String, String>> refused = new HashMap<>();

    private final ScheduledExecutorService timer =
            Executors.newSingleThreadScheduledExecutor(Daemons.named("extensions"));

    private record Same(Extension document, Map<String, String> files) {}

    ExtensionFolders(
            DataFolder data,
            WiringStore wiring,
            Extensions extensions,
            ScriptLog log,
            SystemClock clock,
            Documents json) {
        root = data.root().resolve("extensions");
        this.wiring = wiring;
        this.extensions = extensions;
        this.log = log;
        this.clock = clock;
        this.json = json;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        timer.scheduleWithFixedDelay(this::look, 0, EVERY_MS, TimeUnit.MILLISECONDS);
    }

    @PreDestroy
    void end() {
        timer.shutdownNow();
    }

    private void look() {
        try {
            Map<String, Extension> here = new LinkedHashMap<>();
            wiring.current().wiring().desks().forEach(each -> {
                if (each instanceof Extension extension) {
                    here.put(extension.id(), extension);
                }
            });
            for (String gone : same.keySet().stream()
                    .filter(each -> !here.containsKey(each))
                    .toList()) {
                FileSystemUtils.deleteRecursively(root.resolve(gone));
                log.forget(gone);
                same.remove(gone);
            }
            for (Extension each : here.values()) {
                meet(each);
            }
            if (!here.isEmpty() && !Files.exists(root.resolve(TYPES))) {
                Files.writeString(root.resolve(TYPES), Sandbox.own(TYPES), StandardCharsets.UTF_8);
            }
            for (String fresh : folders()) {
                if (!here.containsKey(fresh)) {
                    take(fresh, read(fresh), null);
                }
            }
        } catch (IOException | RuntimeException failed) {
            LOG.warn("The folder of extensions could not be looked at: {}", failed.toString());
        }
    }

    private List<String> folders() throws IOException {
        if (!Files.isDirectory(root)) {
            return List.of();
        }
        try (Stream<Path> all = Files.list(root)) {
            return all.filter(each -> Files.exists(each.resolve(ExtensionFile.MANIFEST)))
                    .map(each -> String.valueOf(each.getFileName()))
                    .sorted()
                    .toList();
        }
    }

    private void meet(Extension document) throws IOException {
        Same before = same.get(document.id());
        Map<String, String> files = read(document.id());
        if (before != null && before.document().equals(document)) {
            if (!files.isEmpty() && !files.equals(before.files())) {
                take(document.id(), files, document);
            }
            return;
        }
        if (before == null && !files.isEmpty() && !sum(files).equals(lastSum(document.id()))) {
            // Somebody wrote there while the program was not running.
            same.put(document.id(), new Same(document, Map.of()));
            take(document.id(), files, document);
            return;
        }
        // The document is the newer one: its files follow.
        Map<String, String> wanted = ExtensionFile.write(document, json);
        if (!wanted.equals(files)) {
            write(document.id(), wanted);
        }
        met(document, wanted);
    }

    /** Document and folder are the same now; what that was is noted there, so that it is known after a restart which of them is newer. */
    private void met(Extension document, Map<String, String> files) throws IOException {
        same.put(document.id(), new Same(document, files));
        Files.writeString(root.resolve(document.id()).resolve(SUM), sum(files), StandardCharsets.UTF_8);
    }

    private String lastSum(String id) throws IOException {
        Path noted = root.resolve(id).resolve(SUM);
        return Files.exists(noted) ? Files.readString(noted, StandardCharsets.UTF_8) : "";
    }

    private static String sum(Map<String, String> files) {
        return Hashes.hex(files.toString().getBytes(StandardCharsets.UTF_8));
    }

    private Map<String, String> read(String id) throws IOException {
        Map<String, String> texts = new LinkedHashMap<>();
        for (String name : List.of(ExtensionFile.MANIFEST, Sandbox.MAIN, ExtensionFile.NOTES)) {
            Path file = root.resolve(id).resolve(name);
            if (Files.isRegularFile(file) && Files.size(file) <= LARGEST) {
                texts.put(name, Files.readString(file, StandardCharsets.UTF_8));
            }
        }
        return texts;
    }

    private void write(String id, Map<String, String> texts) throws IOException {
        Path folder = Files.createDirectories(root.resolve(id));
        for (Map.Entry<String, String> each : texts.entrySet()) {
            Files.writeString(folder.resolve(each.getKey()), each.getValue(), StandardCharsets.UTF_8);
        }
    }

    /** What was written in the folder is taken. @param before what is here, null for one that is new */
    private void take(String id, Map<String, String> files, @Nullable Extension before) throws IOException {
        if (files.equals(refused.get(id))) {
            return;
        }
        try {
            Extension read = ExtensionFile.read(files, json);
            if (!read.id().equals(id)) {
                throw new Refused(
                        ExtensionFile.MANIFEST + ": id",
                        read.id(),
                        "Its folder is called " + id + ".",
                        "Call both the same.");
            }
            if (before == null) {
                extensions.bring(read, Actor.PROGRAM).join();
            } else {
                Extension next = Extensions.newer(read, before);
                if (!next.equals(before)) {
                    extensions.save(next, Actor.PROGRAM).join();
                    log.add(id, new ScriptLog.ScriptLine(clock.now(), false, "taken anew from its folder", ""));
                }
                met(next, files);
            }
            refused.remove(id);
        } catch (Refused | CompletionException wrong) {
            refused.put(id, files);
            Throwable cause = wrong instanceof CompletionException ? wrong.getCause() : wrong;
            String why = cause instanceof Refused refusal ? said(refusal) : String.valueOf(cause);
            log.add(id, new ScriptLog.ScriptLine(clock.now(), true, "its folder was not taken: " + why, ""));
        }
    }

    private static String said(Refused refusal) {
        Problem first = refusal.problems().get(0);
        return first.path() + ": " + first.message() + " " + first.remedy();
    }
}

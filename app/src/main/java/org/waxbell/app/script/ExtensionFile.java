package org.waxbell.app.script;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.waxbell.app.archive.Archive;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Faults;
import org.waxbell.app.json.Refused;
import org.waxbell.check.Problems;
import org.waxbell.extension.Extension;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** An extension as files, in a folder or in a ZIP file: {@value #MANIFEST}, {@value Sandbox#MAIN} and {@value #NOTES}. */
final class ExtensionFile {
    /** What it says of itself. */
    static final String MANIFEST = "extension.json";
    /** What whoever wrote it has to say; it may be missing. */
    static final String NOTES = "notes.md";

    private static final int MOST_BYTES = 1_000_000;
    private static final LocalDateTime NO_TIME = LocalDateTime.of(1980, 1, 1, 0, 0);
    private static final Archive.Sort SORT = new Archive.Sort(
            "extension",
            Pattern.compile("extension\\.json|main\\.js|notes\\.md"),
            3,
            "extension.json, main.js and notes.md, in no folder",
            "Choose a ZIP file of these.");

    private ExtensionFile() {}

    /** Reads a ZIP file; throws {@link Refused} with the place that is wrong. */
    static Extension open(Path file, Documents json) {
        try (Archive archive = Archive.open(file, SORT)) {
            Map<String, String> texts = new LinkedHashMap<>();
            for (String name : archive.names()) {
                texts.put(name, new String(archive.bytes(name, MOST_BYTES), StandardCharsets.UTF_8));
            }
            return read(texts, json);
        } catch (IOException broken) {
            throw new Refused(
                    "", "", "The extension is damaged: " + broken.getMessage() + ".", "Have it packed again.");
        }
    }

    /** Reads its files, by their names; throws {@link Refused} with the place that is wrong. */
    static Extension read(Map<String, String> texts, Documents json) {
        String manifest = needed(texts, MANIFEST);
        String code = needed(texts, Sandbox.MAIN);
        try {
            JsonNode tree = json.tree(manifest);
            Archive.refuseNewer(
                    MANIFEST + ": formatVersion",
                    tree.path("formatVersion").asInt(0),
                    ExtensionManifest.FORMAT,
                    "extension");
            Extension read = json.fit(tree, ExtensionManifest.class).extension(code, texts.getOrDefault(NOTES, ""));
            Problems problems = new Problems();
            read.check(problems.at(MANIFEST));
            if (!problems.found().isEmpty()) {
                throw new Refused(problems.found());
            }
            return read;
        } catch (JacksonException broken) {
            throw new Refused(List.of(Faults.of(broken)));
        }
    }

    private static String needed(Map<String, String> texts, String name) {
        String text = texts.get(name);
        if (text == null) {
            throw new Refused(
                    name, "", "It is not there.", "An extension has " + MANIFEST + " and " + Sandbox.MAIN + ".");
        }
        return text;
    }

    /** All of its files, by their names. */
    static Map<String, String> write(Extension extension, Documents json) {
        Map<String, String> texts = new LinkedHashMap<>();
        texts.put(MANIFEST, json.writeOut(ExtensionManifest.of(extension, SettingsSchema.write(extension.form()))));
        texts.put(Sandbox.MAIN, extension.code());
        texts.put(NOTES, extension.notes());
        return texts;
    }

    /** The same as a ZIP file, always the same byte for byte. */
    static byte[] zip(Extension extension, Documents json) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, String> each : write(extension, json).entrySet()) {
                ZipEntry entry = new ZipEntry(each.getKey());
                entry.setTimeLocal(NO_TIME);
                zip.putNextEntry(entry);
                ((OutputStream) zip).write(each.getValue().getBytes(StandardCharsets.UTF_8));
                zip.closeEntry();
            }
        }
        return bytes.toByteArray();
    }
}

package org.waxbell.app.pack;

import java.io.Closeable;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.waxbell.app.archive.Archive;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Faults;
import org.waxbell.app.json.Refused;
import org.waxbell.app.pack.Manifest.Packed;
import org.waxbell.app.security.Hashes;
import org.waxbell.check.Problems;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/**
 * A pack as a ZIP file: {@code pack.json}, {@code wiring.json} and what it brings for the shelf under {@code media/}. Nothing of it is trusted:
 * names that lead elsewhere, doubled ones, more than is told and content of another hash are refused by their place.
 */
final class PackFile implements Closeable {
    /** How much may be in it, unpacked. */
    private static final long MOST_BYTES = 600_000_000;

    private static final String MANIFEST = "pack.json";
    private static final String WIRING = "wiring.json";
    private static final int MOST_TEXT = 20_000_000;
    private static final int MOST_FILE = 100_000_000;
    private static final Archive.Sort SORT = new Archive.Sort(
            "pack",
            Pattern.compile("pack\\.json|wiring\\.json|media/[^/\\\\]+/[^/\\\\]+"),
            2_100,
            "pack.json, wiring.json and files under media/FOLDER/",
            "Choose a file that was made under Packs.");
    /** Two packs of the same are the same, byte for byte. */
    private static final LocalDateTime NO_TIME = LocalDateTime.of(1980, 1, 1, 0, 0);

    private final Archive archive;
    private final Manifest manifest;
    private final byte[] wiring;
    private long left = MOST_BYTES;

    private PackFile(Archive archive, Documents json) throws IOException {
        this.archive = archive;
        this.manifest = manifest(json);
        this.wiring = read(WIRING, MOST_TEXT);
        checkFiles();
    }

    /** Opens one; throws {@link Refused} with the place that is wrong. */
    static PackFile open(Path file, Documents json) {
        Archive archive = Archive.open(file, SORT);
        try {
            return new PackFile(archive, json);
        } catch (IOException | RuntimeException wrong) {
            try {
                archive.close();
            } catch (IOException ignored) {
                // It is refused anyway.
            }
            if (wrong instanceof RuntimeException refused) {
                throw refused;
            }
            throw new Refused("", "", "The pack is damaged: " + wrong.getMessage() + ".", "Have it made again.");
        }
    }

    private Manifest manifest(Documents json) throws IOException {
        try {
            JsonNode tree = json.tree(new String(read(MANIFEST, MOST_TEXT), StandardCharsets.UTF_8));
            Archive.refuseNewer(
                    MANIFEST + ": formatVersion", tree.path("formatVersion").asInt(0), Manifest.FORMAT, "pack");
            Manifest read = json.fit(tree, Manifest.class);
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

    /** What is told is there, and nothing else. */
    private void checkFiles() {
        Set<String> names = archive.names();
        Set<String> told = new HashSet<>(Set.of(MANIFEST, WIRING));
        for (int i = 0; i < manifest.files().size(); i++) {
            Packed each = manifest.files().get(i);
            if (!names.contains(each.entry()) || !told.add(each.entry())) {
                throw new Refused(
                        MANIFEST + ": files[" + i + "]",
                        each.entry(),
                        "This file is told of and is not there once.",
                        "Have the pack made again.");
            }
        }
        names.stream().filter(each -> !told.contains(each)).findFirst().ifPresent(each -> {
            throw new Refused(each, "", "The pack does not tell of this file.", "Have it made again.");
        });
    }

    Manifest manifest() {
        return manifest;
    }

    /** The wiring in it, as JSON. */
    byte[] wiring() {
        return wiring;
    }

    /** The content of a file; throws {@link Refused} where it is another than is told. */
    byte[] content(Packed file) {
        try {
            byte[] content = read(file.entry(), MOST_FILE);
            if (!Hashes.hex(content).equals(file.hash())) {
                throw new Refused(
                        file.entry(),
                        "",
                        "Its content is not what the pack tells of it.",
                        "Have the pack made again, or carried again.");
            }
            return content;
        } catch (IOException broken) {
            throw new Refused(
                    file.entry(), "", "It is damaged: " + broken.getMessage() + ".", "Have the pack carried again.");
        }
    }

    private byte[] read(String name, int most) throws IOException {
        byte[] all = archive.bytes(name, most);
        left -= all.length;
        if (left < 0) {
            throw new Refused(
                    name, "", "There is too much in it.", "Keep a pack under " + MOST_BYTES / 1_000_000 + " MB.");
        }
        return all;
    }

    @Override
    public void close() throws IOException {
        archive.close();
    }

    /** Gives the content of a file that is packed. */
    interface Contents {
        byte[] of(Packed file) throws IOException;
    }

    /** Writes a pack. */
    static void write(OutputStream to, Manifest manifest, String wiring, Documents json, Contents contents)
            throws IOException {
        try (ZipOutputStream out = new ZipOutputStream(to, StandardCharsets.UTF_8)) {
            put(out, MANIFEST, json.writeOut(manifest).getBytes(StandardCharsets.UTF_8));
            put(out, WIRING, wiring.getBytes(StandardCharsets.UTF_8));
            for (Packed each : manifest.files()) {
                put(out, each.entry(), contents.of(each));
            }
        }
    }

    private static void put(ZipOutputStream out, String name, byte[] content) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        entry.setTimeLocal(NO_TIME);
        out.putNextEntry(entry);
        out.write(content);
        out.closeEntry();
    }
}

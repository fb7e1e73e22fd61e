package org.waxbell.app.backup;

import java.io.ByteArrayInputStream;
import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.waxbell.app.archive.Archive;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Refused;

/**
 * The whole house in one ZIP file: {@code house.json}, {@code waxbell.db}, media by their hashes, and the sealed key where there is a passphrase.
 * Nothing of it is trusted before its hash was found right.
 */
final class HouseFile implements Closeable {
    /** The version that this program writes. */
    static final int FORMAT = 1;

    private static final String TOLD = "house.json";
    private static final String DATABASE = "waxbell.db";
    private static final String KEY = "key.json";
    private static final String MEDIA = "media/";
    private static final int MOST_TOLD = 20_000_000;
    private static final String OTHER = "Choose another back-up.";
    private static final Archive.Sort SORT = new Archive.Sort(
            "back-up",
            Pattern.compile("house\\.json|waxbell\\.db|key\\.json|media/[0-9a-f]{64}"),
            200_000,
            "house.json, waxbell.db and files under media/",
            OTHER);
    private final Archive archive;
    private final Told told;
    private final Map<String, Held> files = new HashMap<>();
    private final Documents json;

    /** A file in it. @param hash SHA-256 of its content in hex */
    record Held(String name, long bytes, String hash) {}

    /** What it says of itself. @param version of the program that made it @param at when, milliseconds since 1970 UTC */
    record Told(int formatVersion, String version, long at, List<Held> files) {}

    private HouseFile(Archive archive, Documents json) throws IOException {
        this.archive = archive;
        this.json = json;
        told = json.read(text(TOLD), Told.class);
        Archive.refuseNewer(TOLD + ": formatVersion", told.formatVersion(), FORMAT, "back-up");
        told.files().forEach(each -> files.put(each.name(), each));
        for (String name : archive.names()) {
            if (!name.equals(TOLD) && !files.containsKey(name)) {
                throw new Refused(name, "", "The back-up does not tell of this file.", OTHER);
            }
        }
        for (String name : files.keySet()) {
            if (!archive.names().contains(name)) {
                throw new Refused(name, "", "This file is told of and is not there.", OTHER);
            }
        }
    }

    /** Opens one; throws {@link Refused} with the place that is wrong. */
    static HouseFile open(Path file, Documents json) {
        Archive archive = Archive.open(file, SORT);
        try {
            return new HouseFile(archive, json);
        } catch (IOException | RuntimeException wrong) {
            try {
                archive.close();
            } catch (IOException ignored) {
                // It is refused anyway.
            }
            if (wrong instanceof Refused refused) {
                throw refused;
            }
            throw new Refused(TOLD, "", "It cannot be read: " + wrong.getMessage() + ".", OTHER);
        }
    }

    Told told() {
        return told;
    }

    /** The sealed key, empty where it was made without a passphrase. */
    Optional<SealedKey> key() throws IOException {
        return files.containsKey(KEY) ? Optional.of(json.read(text(KEY), SealedKey.class)) : Optional.empty();
    }

    /** The hashes of the media in it. */
    List<String> media() {
        return told.files().stream()
                .map(Held::name)
                .filter(each -> each.startsWith(MEDIA))
                .map(each -> each.substring(MEDIA.length()))
                .toList();
    }

    void database(Path to) throws IOException {
        extract(DATABASE, to);
    }

    void media(String hash, Path to) throws IOException {
        extract(MEDIA + hash, to);
    }

    private String text(String name) throws IOException {
        return new String(archive.bytes(name, MOST_TOLD), StandardCharsets.UTF_8);
    }

    /** Writes a file of it, no longer than is told, and finds its hash right. */
    private void extract(String name, Path to) throws IOException {
        Held held = files.get(name);
        if (held == null) {
            throw new Refused(name, "", "It is not in this back-up.", OTHER);
        }
        MessageDigest digest = digest();
        try (InputStream in = new DigestInputStream(archive.stream(name), digest);
                OutputStream out = Files.newOutputStream(to)) {
            long left = held.bytes();
            byte[] some = new byte[65_536];
            for (int read = in.read(some); read >= 0 && left >= 0; read = in.read(some)) {
                left -= read;
                out.write(some, 0, read);
            }
            if (left != 0 || !HexFormat.of().formatHex(digest.digest()).equals(held.hash())) {
                throw new Refused(name, "", "Its content is not what the back-up tells of it.", OTHER);
            }
        }
    }

    private static MessageDigest digest() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    @Override
    public void close() throws IOException {
        archive.close();
    }

    /** Writes one. @param at milliseconds since 1970 UTC @param key sealed, empty to leave it out */
    static void write(
            Path to, Path database, Path media, Optional<SealedKey> key, String version, long at, Documents json)
            throws IOException {
        List<Held> files = new ArrayList<>();
        try (OutputStream out = Files.newOutputStream(to);
                ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            // Most of it is packed already.
            zip.setLevel(Deflater.BEST_SPEED);
            files.add(put(zip, DATABASE, Files.newInputStream(database)));
            List<Path> all;
            try (Stream<Path> listed = Files.list(media)) {
                all = listed.filter(each -> String.valueOf(each.getFileName()).matches("[0-9a-f]{64}"))
                        .sorted()
                        .toList();
            }
            for (Path each : all) {
                files.add(put(zip, MEDIA + each.getFileName(), Files.newInputStream(each)));
            }
            if (key.isPresent()) {
                files.add(put(zip, KEY, stream(json.writeOut(key.get()))));
            }
            put(zip, TOLD, stream(json.writeOut(new Told(FORMAT, version, at, files))));
        }
    }

    private static InputStream stream(String text) {
        return new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8));
    }

    private static Held put(ZipOutputStream zip, String name, InputStream content) throws IOException {
        MessageDigest digest = digest();
        zip.putNextEntry(new ZipEntry(name));
        long bytes;
        try (InputStream in = new DigestInputStream(content, digest)) {
            bytes = in.transferTo(zip);
        }
        zip.closeEntry();
        return new Held(name, bytes, HexFormat.of().formatHex(digest.digest()));
    }
}

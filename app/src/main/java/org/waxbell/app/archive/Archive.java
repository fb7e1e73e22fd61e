package org.waxbell.app.archive;

import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.waxbell.app.json.Refused;

/** A ZIP file that comes from outside: names that do not belong in one of its sort, doubled ones and too many are refused by their place. */
public final class Archive implements Closeable {
    private final ZipFile zip;
    private final Sort sort;
    private final Set<String> names = new LinkedHashSet<>();

    /**
     * What a sort of archives holds, and what is said of one that is refused.
     *
     * @param noun   such as {@code pack}
     * @param known  names that belong in it; none may lead elsewhere
     * @param most   so many at most
     * @param holds  the same in words
     * @param choose what to do where a file is none
     */
    public record Sort(String noun, Pattern known, int most, String holds, String choose) {}

    private Archive(ZipFile zip, Sort sort) {
        this.zip = zip;
        this.sort = sort;
        zip.stream().map(ZipEntry::getName).forEach(this::take);
    }

    /** Opens one; throws {@link Refused} with the place that is wrong. */
    public static Archive open(Path file, Sort sort) {
        ZipFile zip;
        try {
            zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8);
        } catch (ZipException broken) {
            throw new Refused(
                    "",
                    "",
                    "This is no " + sort.noun() + ": it is no ZIP file, or it was cut short on the way.",
                    sort.choose());
        } catch (IOException broken) {
            throw new Refused("", "", "The file cannot be read: " + broken.getMessage() + ".", "Choose it again.");
        }
        try {
            return new Archive(zip, sort);
        } catch (Refused refused) {
            try {
                zip.close();
            } catch (IOException ignored) {
                // It is refused anyway.
            }
            throw refused;
        }
    }

    private void take(String name) {
        if (names.size() >= sort.most()) {
            throw new Refused(
                    "", "", "There is too much in it.", "Of its files there may be " + sort.most() + " at most.");
        }
        if (!names.add(name)) {
            throw new Refused(name, "", "This stands in the " + sort.noun() + " twice.", "Have it made again.");
        }
        if (!sort.known().matcher(name).matches() || name.contains("..")) {
            throw new Refused(
                    name,
                    "",
                    "Nothing of this name belongs in the " + sort.noun() + ".",
                    "The " + sort.noun() + " has " + sort.holds() + ".");
        }
    }

    /** Refuses what a newer program made. @param place where its version stands @param noun such as {@code pack} */
    public static void refuseNewer(String place, int version, int known, String noun) {
        if (version > known) {
            throw new Refused(
                    place,
                    Integer.toString(version),
                    "A newer Wax Bell made this " + noun + ".",
                    "Bring this one up to date first.");
        }
    }

    /** The names of all that is in it, in order. */
    public Set<String> names() {
        return Collections.unmodifiableSet(names);
    }

    /** The content of an entry; throws {@link Refused} where it is not there. */
    public InputStream stream(String name) throws IOException {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null) {
            throw new Refused(name, "", "It is not in this file.", sort.choose());
        }
        return zip.getInputStream(entry);
    }

    /** The same as bytes; throws {@link Refused} where there are more than {@code most}. */
    public byte[] bytes(String name, int most) throws IOException {
        try (InputStream in = stream(name)) {
            byte[] all = in.readNBytes(most + 1);
            if (all.length > most) {
                throw new Refused(name, "", "It is too large.", "Keep it under " + most / 1_000_000 + " MB.");
            }
            return all;
        }
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}

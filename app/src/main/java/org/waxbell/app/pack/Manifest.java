package org.waxbell.app.pack;

import java.util.List;
import java.util.Set;
import org.waxbell.check.Problems;
import org.waxbell.draft.Ids;
import org.waxbell.shelf.Media;

/**
 * What a pack says of itself.
 *
 * @param version of the pack, as whoever made it counts
 * @param says    what it is for, empty text for nothing
 * @param files   what of the shelf is in it
 */
public record Manifest(int formatVersion, String name, String version, String says, List<Packed> files) {
    /** The version that this program writes. */
    public static final int FORMAT = 1;

    private static final int LONGEST_NAME = 60;
    private static final int LONGEST_VERSION = 20;
    private static final int LONGEST_SAYS = 1_000;
    private static final int MOST_FILES = 2_000;

    public Manifest {
        files = List.copyOf(files);
    }

    /** A file of the shelf in it. @param hash SHA-256 of its content in hex @param lengthMs 0 for what has none */
    public record Packed(String folder, String name, String hash, String type, long lengthMs) {
        static Packed of(Media media, String hash) {
            return new Packed(media.folder(), media.name(), hash, media.type(), media.lengthMs());
        }

        Media media() {
            return new Media(name, folder, hash, type, lengthMs);
        }

        /** Where it stands in the file. */
        String entry() {
            return "media/" + folder + "/" + name;
        }
    }

    /** By what the pack is kept: one of the same name is another version of it. */
    public String id() {
        return Ids.of(name, "pack", LONGEST_NAME, Set.of());
    }

    /** Adds what is wrong with it. */
    void check(Problems problems) {
        problems.at("name").text(name, LONGEST_NAME, "The name");
        problems.at("version").text(version, LONGEST_VERSION, "The version");
        if (says.length() > LONGEST_SAYS) {
            problems.at("says")
                    .add(says.length() + " characters", "That is too long.", "Keep it to " + LONGEST_SAYS + ".");
        }
        if (files.size() > MOST_FILES) {
            problems.at("files").add(files.size() + " files", "That is too many.", "Keep it to " + MOST_FILES + ".");
        }
    }
}

package org.waxbell.app.wiring;

import java.util.concurrent.CompletableFuture;
import org.springframework.stereotype.Component;
import org.waxbell.actor.Actor;
import org.waxbell.app.json.Refused;
import org.waxbell.app.media.Intake;
import org.waxbell.app.media.MediaFiles;
import org.waxbell.shelf.Media;

/** Puts files that a person brings on the shelf, once their content was looked at. */
@Component
public class Shelving {
    private static final int LONGEST_NAME = 80;
    private static final long LONGEST_VIDEO = 600_000;
    private final MediaFiles files;
    private final WiringEdits edits;

    Shelving(MediaFiles files, WiringEdits edits) {
        this.files = files;
        this.edits = edits;
    }

    /** A file that lies on the shelf now. @param without what was taken out of it, in words, empty text for nothing */
    public record Brought(Media media, String without) {}

    /**
     * Puts a file into a folder; one of the same name is replaced. Throws {@link Refused} where its content is not what the folder is for.
     *
     * @param lengthMs of a video whose own header does not tell, as the page that played it measured; 0 where nobody did
     */
    public CompletableFuture<Brought> add(String folder, String name, byte[] content, long lengthMs, Actor by) {
        String bare = name.strip().replaceAll("[\\\\/\\p{Cntrl}]", "-");
        if (bare.isEmpty() || bare.length() > LONGEST_NAME) {
            throw new Refused(
                    "name", name, "A file has a name of at most " + LONGEST_NAME + " characters.", "Give it another.");
        }
        Intake.Taken taken;
        try {
            taken = Intake.of(folder, content);
        } catch (IllegalArgumentException unfit) {
            throw new Refused(
                    "file",
                    bare,
                    "This file was not taken in: " + unfit.getMessage() + ".",
                    "Nothing on the shelf was changed. Bring another file.");
        }
        String kept = bare.replaceAll("\\.[A-Za-z0-9]{1,5}$", "") + "." + taken.ending();
        long known = taken.type().equals("video/webm") ? files.lengthOf(taken.type(), taken.content()) : 0;
        long length = taken.type().startsWith("video/")
                ? Math.min(LONGEST_VIDEO, Math.max(0, known > 0 ? known : lengthMs))
                : 0;
        Media media = files.put(folder, kept, taken.content(), taken.type(), length);
        return edits.shelved(files::shelf, by).thenApply(done -> new Brought(media, taken.without()));
    }
}

package org.waxbell.app.media;

import java.util.Map;
import org.apache.tika.Tika;

/** Decides by its content, not by its name, what a file is and whether it may lie in a folder of the shelf. */
public final class Intake {
    /** The largest picture, in bytes. */
    public static final int MOST_PICTURE = 6_000_000;

    private static final int MOST_FIGURE = 2_000_000;
    private static final int MOST_VIDEO = 8_000_000;
    private static final Tika TIKA = new Tika();
    private static final Map<String, String> PICTURES = Map.of(
            "image/png", "png", "image/jpeg", "jpg", "image/gif", "gif", "image/webp", "webp", "image/svg+xml", "svg");
    private static final Map<String, String> VIDEOS = Map.of(
            "video/webm",
            "webm",
            "video/x-matroska",
            "webm",
            "application/x-matroska",
            "webm",
            "video/mp4",
            "mp4",
            "application/mp4",
            "mp4",
            "video/quicktime",
            "mp4");

    private Intake() {}

    /** What is to be kept. @param type by content @param ending of its name @param without what was taken out of it, in words, empty text for nothing */
    public record Taken(byte[] content, String type, String ending, String without) {
        Taken(byte[] content, String type, String ending) {
            this(content, type, ending, "");
        }
    }

    /** Looks at a file for a folder; throws {@link IllegalArgumentException}, with a sentence on what is wrong, where it is refused. */
    public static Taken of(String folder, byte[] content) {
        return switch (folder) {
            case "Pictures" -> picture(content);
            case "Videos" -> video(content);
            case "Figures" -> figure(content);
            default -> throw new IllegalArgumentException("nothing can be put into the folder " + folder);
        };
    }

    private static Taken picture(byte[] content) {
        small(content, MOST_PICTURE);
        String type = TIKA.detect(content);
        String ending = PICTURES.get(type);
        boolean drawing =
                ending == null ? type.startsWith("application/xml") || type.startsWith("text/") : ending.equals("svg");
        if (drawing) {
            PlainSvg plain = PlainSvg.of(content);
            return new Taken(plain.content(), "image/svg+xml", "svg", plain.without());
        }
        if (ending == null) {
            throw new IllegalArgumentException("it is " + type + ", and a picture is PNG, JPEG, GIF, WebP or SVG");
        }
        PlainImage.check(content, type);
        return new Taken(content, type, ending);
    }

    private static Taken video(byte[] content) {
        small(content, MOST_VIDEO);
        String type = TIKA.detect(content);
        String ending = VIDEOS.get(type);
        if (ending == null) {
            throw new IllegalArgumentException("it is " + type + ", and a video is WebM or MP4");
        }
        return new Taken(content, "video/" + ending, ending);
    }

    private static Taken figure(byte[] content) {
        small(content, MOST_FIGURE);
        PlainFigure.check(content);
        return new Taken(content, "application/json", "json");
    }

    private static void small(byte[] content, int most) {
        if (content.length == 0) {
            throw new IllegalArgumentException("it is empty");
        }
        if (content.length > most) {
            throw new IllegalArgumentException(String.format(
                    java.util.Locale.ROOT,
                    "it has %.1f MB, and at most %d MB are taken in",
                    content.length / 1e6,
                    most / 1_000_000));
        }
    }
}

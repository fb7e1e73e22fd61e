package org.waxbell.app.media;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Objects;
import org.apache.tika.Tika;
import org.jspecify.annotations.Nullable;
import org.waxbell.fixture.MascotFixture;
import org.waxbell.score.CardPart;
import org.waxbell.score.VideoPart;
import org.waxbell.shelf.Loudness;

/** Decides by its content, not by its name, what a file is and whether it may lie in a folder of the shelf. */
public final class Intake {
    /** The largest picture, in bytes. */
    public static final int MOST_PICTURE = 6_000_000;

    private static final int MOST_FIGURE = 2_000_000;
    private static final int MOST_VIDEO = 60_000_000;
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

    /** The largest sound, in bytes. */
    public static final int MOST_SOUND = 20_000_000;

    private static final Map<String, String> SOUNDS = Map.of(
            "audio/vnd.wave", "wav",
            "audio/x-wav", "wav",
            "audio/wav", "wav",
            "audio/mpeg", "mp3",
            "audio/x-flac", "flac",
            "audio/flac", "flac");
    /** By the ending that its kind has. */
    private static final Map<String, String> SOUND_TYPES = Map.of(
            "wav", "audio/wav", "mp3", "audio/mpeg", "flac", "audio/flac", "ogg", "audio/vorbis", "opus", "audio/opus");

    /** What is to be kept. @param measured of a sound, null for what is seen @param type by content @param ending of its name @param without what was taken out of it, in words, empty text for nothing */
    public record Taken(
            byte[] content, String type, String ending, String without, Loudness.@Nullable Measured measured) {
        Taken(byte[] content, String type, String ending) {
            this(content, type, ending, "", null);
        }
    }

    /** The folder for a file by its content: that of its kind where it is seen, else the one for sounds; what is neither is refused there. */
    public static String folder(byte[] content, String sounds) {
        String type = TIKA.detect(content);
        if (PICTURES.containsKey(type) || isDrawing(type) && startsWith(content, "<")) {
            return CardPart.PICTURES;
        }
        if (VIDEOS.containsKey(type)) {
            return VideoPart.VIDEOS;
        }
        return startsWith(content, "{") ? MascotFixture.FIGURES : sounds;
    }

    private static boolean startsWith(byte[] content, String sign) {
        int length = Math.min(content.length, 200);
        return new String(content, 0, length, StandardCharsets.UTF_8)
                .replace("\uFEFF", "")
                .stripLeading()
                .startsWith(sign);
    }

    private static boolean isDrawing(String type) {
        return type.startsWith("application/xml") || type.startsWith("text/");
    }

    /** Looks at a file for a folder; throws {@link IllegalArgumentException}, with a sentence on what is wrong, where it is refused. */
    public static Taken of(String folder, byte[] content) {
        return switch (folder) {
            case CardPart.PICTURES -> picture(content);
            case VideoPart.VIDEOS -> video(content);
            case MascotFixture.FIGURES -> figure(content);
            default -> sound(content);
        };
    }

    private static Taken sound(byte[] content) {
        small(content, MOST_SOUND);
        String type = TIKA.detect(content);
        String ending = isOgg(content) ? ogg(content) : SOUNDS.get(type);
        if (ending == null) {
            throw new IllegalArgumentException("it is " + type + ", and a sound is WAV, FLAC, MP3, Ogg Vorbis or Opus");
        }
        String exact = Objects.requireNonNull(SOUND_TYPES.get(ending));
        return new Taken(content, exact, ending, "", SoundReader.measure(content, exact));
    }

    private static boolean isOgg(byte[] content) {
        return content.length > 64 && new String(content, 0, 4, StandardCharsets.ISO_8859_1).equals("OggS");
    }

    /** What an Ogg holds, by the head of its first packet (RFC 3533, RFC 7845); null for what is neither Vorbis nor Opus. */
    private static @Nullable String ogg(byte[] content) {
        String head = new String(content, 28, 36, StandardCharsets.ISO_8859_1);
        return head.startsWith("OpusHead") ? "opus" : head.startsWith("\u0001vorbis") ? "ogg" : null;
    }

    private static Taken picture(byte[] content) {
        small(content, MOST_PICTURE);
        String type = TIKA.detect(content);
        String ending = PICTURES.get(type);
        boolean drawing = ending == null ? isDrawing(type) : ending.equals("svg");
        if (drawing) {
            PlainSvg plain = PlainSvg.of(content);
            return new Taken(plain.content(), "image/svg+xml", "svg", plain.without(), null);
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

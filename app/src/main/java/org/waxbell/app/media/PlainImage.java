package org.waxbell.app.media;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Iterator;
import java.util.Objects;
import javax.imageio.IIOException;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/** Looks whether a picture is whole, and small enough to be drawn at once. */
final class PlainImage {
    /** The longest side, in pixels: that of the largest stage. */
    static final int LONGEST_SIDE = 8_192;

    /** The most pixels of all its frames together: read whole, they take four bytes each of a heap of half a gigabyte. */
    static final long MOST_PIXELS = 24_000_000;

    private static final int IEND = 0x49454E44;

    private PlainImage() {}

    /** Throws {@link IllegalArgumentException}, with a sentence, where it is not to be had. @param type as its content has it */
    static void check(byte[] content, String type) {
        if (!isWhole(content, type)) {
            throw new IllegalArgumentException("it is damaged or cut off");
        }
        String refusal;
        try (ImageInputStream in =
                Objects.requireNonNull(ImageIO.createImageInputStream(new ByteArrayInputStream(content)))) {
            refusal = refusal(in, type);
        } catch (IOException | RuntimeException broken) {
            throw new IllegalArgumentException("it is damaged or cut off", broken);
        }
        if (!refusal.isEmpty()) {
            throw new IllegalArgumentException(refusal);
        }
    }

    /** Why a picture is too large, after it was read whole where it is not; empty text for nothing. */
    private static String refusal(ImageInputStream in, String type) throws IOException {
        Iterator<ImageReader> readers = ImageIO.getImageReadersByMIMEType(type);
        if (!readers.hasNext()) {
            return "it is " + type + ", which cannot be looked at here";
        }
        ImageReader reader = readers.next();
        try {
            reader.setInput(in);
            String size = size(reader);
            if (size.isEmpty()) {
                readAll(reader);
            }
            return size;
        } finally {
            reader.dispose();
        }
    }

    /** Whether the file comes to the end that its format has; readers of pictures are content with less, and show a part. */
    private static boolean isWhole(byte[] content, String type) {
        ByteBuffer bytes = ByteBuffer.wrap(content);
        return switch (type) {
            case "image/png" -> {
                int at = 8;
                // Each chunk: its length, its name, so many bytes, a sum.
                while (at + 12 <= content.length && bytes.getInt(at) >= 0 && bytes.getInt(at + 4) != IEND) {
                    at = (int) Math.min(content.length, at + 12L + bytes.getInt(at));
                }
                yield at + 12 <= content.length && bytes.getInt(at + 4) == IEND;
            }
            case "image/gif" -> endsWith(content, 0x3B);
            case "image/jpeg" -> hasEnd(content);
            case "image/webp" ->
                content.length > 8
                        && Integer.toUnsignedLong(bytes.order(ByteOrder.LITTLE_ENDIAN)
                                                .getInt(4))
                                        + 8
                                <= content.length;
            default -> true;
        };
    }

    /** Whether the mark of an end stands in the second half: cameras write more behind it, and a small picture in the first half has one too. */
    private static boolean hasEnd(byte[] content) {
        for (int i = content.length - 2; i > content.length / 2; i--) {
            if ((content[i] & 0xFF) == 0xFF && (content[i + 1] & 0xFF) == 0xD9) {
                return true;
            }
        }
        return false;
    }

    /** Whether it ends with that byte, behind which some programs write zeros. */
    private static boolean endsWith(byte[] content, int mark) {
        int end = content.length;
        while (end > 0 && content[end - 1] == 0) {
            end--;
        }
        return end > 0 && (content[end - 1] & 0xFF) == mark;
    }

    private static String size(ImageReader reader) throws IOException {
        int frames = reader.getNumImages(true);
        long pixels = 0;
        for (int i = 0; i < frames; i++) {
            int width = reader.getWidth(i);
            int height = reader.getHeight(i);
            pixels += (long) width * height;
            if (Math.max(width, height) > LONGEST_SIDE || pixels > MOST_PIXELS) {
                return "it has " + width + " by " + height + " pixels" + (frames > 1 ? " in " + frames + " frames" : "")
                        + ", and at most " + LONGEST_SIDE + " on a side and " + MOST_PIXELS / 1_000_000
                        + " million in all are taken in";
            }
        }
        return "";
    }

    private static void readAll(ImageReader reader) throws IOException {
        for (int i = 0; i < reader.getNumImages(true); i++) {
            try {
                reader.read(i);
            } catch (IIOException unusual) {
                // Some colour models are not read here, though browsers draw them; that it is whole was not seen then.
                if (!String.valueOf(unusual.getMessage()).contains("Unsupported Image Type")) {
                    throw unusual;
                }
            }
        }
    }
}

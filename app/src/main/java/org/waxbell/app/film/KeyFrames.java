package org.waxbell.app.film;

import java.awt.image.BufferedImage;
import java.nio.ByteBuffer;
import java.util.Arrays;
import org.jcodec.codecs.vpx.VP8Encoder;
import org.jcodec.common.model.ColorSpace;
import org.jcodec.common.model.Picture;

/** Makes pictures into frames of VP8 that stand alone, so that a film of them can be cut at any. Not safe for several threads. */
public final class KeyFrames {
    /** How coarse they are: at this a word of 12 pixels can be read and a frame of 640 by 360 has some 10 kB. */
    private static final int COARSE = 40;
    /** Planes count from here, as the encoder has bytes with a sign. */
    private static final int MIDDLE = 128;

    private final int width;
    private final int height;
    private final VP8Encoder encoder = VP8Encoder.createVP8Encoder(COARSE);
    private final Picture planes;
    private final ByteBuffer room;

    /** For pictures of that size, in pixels, both multiples of 16. */
    public KeyFrames(int width, int height) {
        this.width = width;
        this.height = height;
        this.planes = Picture.create(width, height, ColorSpace.YUV420J);
        this.room = ByteBuffer.allocate(width * height * 3);
    }

    /** The frame of a picture of that size. */
    public byte[] of(BufferedImage picture) {
        int[] pixels = picture.getRGB(0, 0, width, height, null, 0, width);
        byte[] luma = planes.getPlaneData(0);
        byte[] blue = planes.getPlaneData(1);
        byte[] red = planes.getPlaneData(2);
        for (int y = 0; y < height; y += 2) {
            for (int x = 0; x < width; x += 2) {
                int at = y * width + x;
                int sum = 0;
                int[] four = {at, at + 1, at + width, at + width + 1};
                int r = 0;
                int g = 0;
                int b = 0;
                for (int each : four) {
                    int pixel = pixels[each];
                    luma[each] = luma(pixel);
                    r += pixel >> 16 & 255;
                    g += pixel >> 8 & 255;
                    b += pixel & 255;
                    sum++;
                }
                int half = y / 2 * (width / 2) + x / 2;
                blue[half] = chroma(-38 * r - 74 * g + 112 * b, sum);
                red[half] = chroma(112 * r - 94 * g - 18 * b, sum);
            }
        }
        room.clear();
        ByteBuffer made = encoder.encodeFrame(planes, room).getData();
        return Arrays.copyOfRange(
                made.array(), made.arrayOffset() + made.position(), made.arrayOffset() + made.limit());
    }

    /** ITU-R BT.601 with room above and below, as players take VP8. */
    private static byte luma(int pixel) {
        int value = 66 * (pixel >> 16 & 255) + 129 * (pixel >> 8 & 255) + 25 * (pixel & 255) + 128 >> 8;
        return (byte) (value + 16 - MIDDLE);
    }

    private static byte chroma(int weighted, int of) {
        return (byte) (weighted / of + 128 >> 8);
    }
}

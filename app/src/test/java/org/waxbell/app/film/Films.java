package org.waxbell.app.film;

import io.github.jaredmdobson.concentus.OpusDecoder;
import io.github.jaredmdobson.concentus.OpusException;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.TreeMap;
import javax.imageio.ImageIO;

/** Decodes films again, with what knows nothing of how they were made. */
public final class Films {
    private static final int SOUND = 2;
    private static final int FRAME = 960;

    private Films() {}

    /** The lightness of a place of each picture, 0 to 255, by the moment in milliseconds from which it is seen. */
    public static TreeMap<Long, Integer> lightness(byte[] film, int x, int y) throws IOException {
        TreeMap<Long, Integer> all = new TreeMap<>();
        for (Webm.Block block : WebmCut.blocks(film)) {
            if (block.track() != SOUND) {
                int pixel = picture(block.content()).getRGB(x, y);
                all.put(block.atMs(), ((pixel >> 16 & 255) + (pixel >> 8 & 255) + (pixel & 255)) / 3);
            }
        }
        return all;
    }

    /** A frame of VP8 that stands alone is the content of a picture in WebP. */
    private static BufferedImage picture(byte[] frame) throws IOException {
        int even = frame.length + frame.length % 2;
        ByteBuffer file = ByteBuffer.allocate(20 + even)
                .order(ByteOrder.LITTLE_ENDIAN)
                .put("RIFF".getBytes(StandardCharsets.US_ASCII))
                .putInt(12 + even)
                .put("WEBPVP8 ".getBytes(StandardCharsets.US_ASCII))
                .putInt(frame.length)
                .put(frame);
        return ImageIO.read(new ByteArrayInputStream(file.array()));
    }

    /** The largest sample between two moments, 0 to 1; 0 where there is no sound. */
    public static double loudest(byte[] film, long fromMs, long toMs) throws OpusException {
        OpusDecoder decoder = new OpusDecoder(OpusTrack.RATE, 2);
        short[] room = new short[FRAME * 2];
        int most = 0;
        for (Webm.Block block : WebmCut.blocks(film)) {
            if (block.track() == SOUND) {
                int frames = decoder.decode(block.content(), 0, block.content().length, room, 0, FRAME, false);
                for (int i = 0; i < frames * 2 && block.atMs() >= fromMs && block.atMs() < toMs; i++) {
                    most = Math.max(most, Math.abs(room[i]));
                }
            }
        }
        return most / (double) Short.MAX_VALUE;
    }

    /** The moments of its pictures, in milliseconds. */
    public static List<Long> moments(byte[] film) {
        return WebmCut.blocks(film).stream()
                .filter(each -> each.track() != SOUND)
                .map(Webm.Block::atMs)
                .toList();
    }
}

package org.waxbell.app.media;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import javax.sound.sampled.AudioFormat;

/** Samples as numbers from −1 to 1, whatever their bits. */
final class Samples {
    private Samples() {}

    /** The first {@code length} bytes of a block, all channels in turn. */
    static float[] of(byte[] block, int length, AudioFormat format) {
        int bytes = format.getSampleSizeInBits() / 8;
        ByteBuffer in = ByteBuffer.wrap(block, 0, length)
                .order(format.isBigEndian() ? ByteOrder.BIG_ENDIAN : ByteOrder.LITTLE_ENDIAN);
        float[] samples = new float[length / bytes];
        boolean points = format.getEncoding() == AudioFormat.Encoding.PCM_FLOAT;
        boolean unsigned = format.getEncoding() == AudioFormat.Encoding.PCM_UNSIGNED;
        for (int i = 0; i < samples.length; i++) {
            samples[i] = points ? (bytes == 8 ? (float) in.getDouble() : in.getFloat()) : whole(in, bytes, unsigned);
        }
        return samples;
    }

    private static float whole(ByteBuffer in, int bytes, boolean unsigned) {
        return switch (bytes) {
            case 1 -> unsigned ? ((in.get() & 0xFF) - 128) / 128f : in.get() / 128f;
            case 2 -> in.getShort() / 32_768f;
            case 3 -> three(in) / 8_388_608f;
            case 4 -> in.getInt() / 2_147_483_648f;
            default -> throw new IllegalArgumentException("it has " + bytes * 8 + " bits a sample");
        };
    }

    private static int three(ByteBuffer in) {
        int one = in.get();
        int two = in.get();
        int last = in.get();
        return in.order() == ByteOrder.BIG_ENDIAN
                ? one << 16 | (two & 0xFF) << 8 | last & 0xFF
                : last << 16 | (two & 0xFF) << 8 | one & 0xFF;
    }
}

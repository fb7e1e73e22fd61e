package org.waxbell.app.speech;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.waxbell.shelf.Levelling;
import org.waxbell.shelf.Loudness;

/** Sound as samples of 16 bits. @param samples of one channel after another */
public record Wav(int rate, int channels, short[] samples) {
    private static final int BITS = 16;
    private static final int HEAD = 12;
    private static final double FULL = 32_768;

    /** Sound of one channel, from -1 to 1. */
    public static Wav of(int rate, float[] sound) {
        short[] samples = new short[sound.length];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (short) Math.round(Math.max(-1, Math.min(1, sound[i])) * Short.MAX_VALUE);
        }
        return new Wav(rate, 1, samples);
    }

    /** Reads a WAV of 16 bits; throws {@link IllegalArgumentException}, with what is wrong as the end of a sentence. Programs that write as they speak tell no true length in their head, so what is there counts. */
    static Wav read(byte[] file) {
        ByteBuffer bytes = ByteBuffer.wrap(file).order(ByteOrder.LITTLE_ENDIAN);
        if (file.length < HEAD || !tag(file, 0).equals("RIFF") || !tag(file, 8).equals("WAVE")) {
            throw new IllegalArgumentException("what it wrote is no WAV");
        }
        int rate = 0;
        int channels = 0;
        for (int at = HEAD; at + 8 <= file.length; ) {
            long size = Integer.toUnsignedLong(bytes.getInt(at + 4));
            int from = at + 8;
            int length = (int) Math.min(size, file.length - from);
            if (tag(file, at).equals("fmt ") && length >= BITS) {
                channels = bytes.getShort(from + 2);
                rate = bytes.getInt(from + 4);
                if (bytes.getShort(from + 14) != BITS
                        || channels < 1
                        || channels > 2
                        || rate < 4_000
                        || rate > 192_000) {
                    throw new IllegalArgumentException("its WAV does not have 16 bits in one or two channels");
                }
            } else if (tag(file, at).equals("data") && channels > 0) {
                short[] samples = new short[length / 2 / channels * channels];
                bytes.slice(from, samples.length * 2)
                        .order(ByteOrder.LITTLE_ENDIAN)
                        .asShortBuffer()
                        .get(samples);
                return new Wav(rate, channels, samples);
            }
            at = from + length + length % 2;
        }
        throw new IllegalArgumentException("its WAV has no sound in it");
    }

    private static String tag(byte[] file, int at) {
        return new String(file, at, 4, StandardCharsets.US_ASCII);
    }

    /** How long it is, in milliseconds. */
    long lengthMs() {
        return samples.length / channels * 1_000L / rate;
    }

    /** The same, as loud as every sound is at full volume; nothing is raised above the ceiling. */
    public Wav levelled() {
        Loudness loudness = new Loudness(rate, channels);
        float[] heard = new float[samples.length];
        for (int i = 0; i < heard.length; i++) {
            heard[i] = (float) (samples[i] / FULL);
        }
        loudness.add(heard, heard.length / channels);
        Loudness.Measured measured = loudness.measured();
        double factor = Math.pow(10, Levelling.gain(measured.loudness(), measured.peak()) / 2_000.0);
        short[] level = new short[samples.length];
        for (int i = 0; i < level.length; i++) {
            level[i] = (short) Math.max(Short.MIN_VALUE, Math.min(Short.MAX_VALUE, Math.round(samples[i] * factor)));
        }
        return new Wav(rate, channels, level);
    }

    /** The same, cut off after so many milliseconds. */
    Wav cut(long longestMs) {
        int most = (int) Math.min(samples.length, longestMs * rate / 1_000 * channels);
        return most == samples.length ? this : new Wav(rate, channels, Arrays.copyOf(samples, most));
    }

    /** As a file. */
    public byte[] bytes() {
        ByteBuffer plain = ByteBuffer.allocate(samples.length * 2).order(ByteOrder.LITTLE_ENDIAN);
        plain.asShortBuffer().put(samples);
        AudioFormat format = new AudioFormat(rate, BITS, channels, true, false);
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        try (AudioInputStream stream =
                new AudioInputStream(new ByteArrayInputStream(plain.array()), format, samples.length / channels)) {
            AudioSystem.write(stream, AudioFileFormat.Type.WAVE, file);
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
        return file.toByteArray();
    }
}

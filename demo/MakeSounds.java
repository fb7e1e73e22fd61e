import java.io.ByteArrayInputStream;
import java.io.File;
import java.io.IOException;
import java.util.Random;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;

/**
 * Makes the demo's sounds from nothing but arithmetic, the same bytes each time: {@code java demo/MakeSounds.java}, from
 * the project's root. Pouring is noise through a ringing filter whose pitch climbs as the mould fills; the bell is a sum of
 * decaying partials in a hand bell's proportions; the snip is two short bursts.
 */
public final class MakeSounds {
    private static final int RATE = 22_050;
    private static final double[][] BELL = {{1, 1, 1.9}, {2, 0.6, 1.3}, {2.4, 0.35, 1}, {3, 0.4, 0.8}, {4.2, 0.25, 0.5}, {5.4, 0.15, 0.35}};

    public static void main(String[] args) throws IOException {
        write("Pouring/pour-1.wav", pour(1.9, 420, 980, 11));
        write("Pouring/pour-2.wav", pour(1.7, 520, 1_180, 12));
        write("Pouring/pour-3.wav", pour(2.1, 360, 900, 13));
        write("Bench/bell.wav", bell(2.4, 587.33));
        write("Bench/snip.wav", snip(0.5));
    }

    private static double[] pour(double seconds, double from, double to, long seed) {
        Random noise = new Random(seed);
        double[] sound = new double[(int) (seconds * RATE)];
        double one = 0;
        double two = 0;
        double gurgle = 0;
        for (int i = 0; i < sound.length; i++) {
            double at = i / (double) sound.length;
            gurgle = 0.999 * gurgle + 0.03 * noise.nextGaussian();
            double pitch = from * Math.pow(to / from, at) * (1 + 0.18 * gurgle);
            double ring = 0.985;
            double next = 0.05 * noise.nextGaussian() + 2 * ring * Math.cos(2 * Math.PI * pitch / RATE) * one - ring * ring * two;
            two = one;
            one = next;
            sound[i] = next * Math.min(1, at * 14) * Math.min(1, (1 - at) * 6) * (0.7 + 0.3 * Math.sin(at * 60 + 3 * gurgle));
        }
        return levelled(sound, 0.6);
    }

    private static double[] bell(double seconds, double pitch) {
        double[] sound = new double[(int) (seconds * RATE)];
        for (int i = 0; i < sound.length; i++) {
            double t = i / (double) RATE;
            for (double[] partial : BELL) {
                sound[i] += partial[1] * Math.exp(-t * 3.2 / partial[2]) * Math.sin(2 * Math.PI * pitch * partial[0] * t);
            }
            sound[i] *= Math.min(1, t * 400) * Math.min(1, (seconds - t) * 8);
        }
        return levelled(sound, 0.7);
    }

    private static double[] snip(double seconds) {
        Random noise = new Random(14);
        double[] sound = new double[(int) (seconds * RATE)];
        for (int i = 0; i < sound.length; i++) {
            double t = i / (double) RATE;
            sound[i] = noise.nextGaussian() * (burst(t - 0.02) + 1.4 * burst(t - 0.16)) + 0.3 * Math.sin(t * 15_000) * burst(t - 0.16);
        }
        return levelled(sound, 0.6);
    }

    private static double burst(double t) {
        return t < 0 ? 0 : Math.exp(-t * 70);
    }

    private static double[] levelled(double[] sound, double peak) {
        double most = 0;
        for (double each : sound) {
            most = Math.max(most, Math.abs(each));
        }
        for (int i = 0; i < sound.length; i++) {
            sound[i] *= peak / most;
        }
        return sound;
    }

    private static void write(String name, double[] sound) throws IOException {
        byte[] bytes = new byte[sound.length * 2];
        for (int i = 0; i < sound.length; i++) {
            short value = (short) Math.round(sound[i] * Short.MAX_VALUE);
            bytes[2 * i] = (byte) value;
            bytes[2 * i + 1] = (byte) (value >> 8);
        }
        AudioFormat format = new AudioFormat(RATE, 16, 1, true, false);
        File file = new File("demo/media/" + name);
        AudioSystem.write(new AudioInputStream(new ByteArrayInputStream(bytes), format, sound.length), AudioFileFormat.Type.WAVE, file);
    }
}

package org.waxbell.catalogue;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

/** Plays a tune of the practice catalogue: a melody from its seed, plucked over a bass, by additive synthesis. The same tune always sounds the same. */
public final class PracticeMelody {
    /** Samples a second, of one channel. */
    public static final int RATE = 22_050;

    private static final int[][] MODES = {
        {0, 2, 4, 7, 9}, {0, 3, 5, 7, 10}, {0, 2, 3, 5, 7, 9, 10}, {0, 2, 4, 5, 7, 9, 11}, {0, 2, 4, 6, 7, 9, 11}
    };
    private static final double[] HARMONICS = {1, 0.42, 0.22, 0.1, 0.05};
    private static final int BEATS_A_PHRASE = 16;
    private static final double LOUD = 0.6;
    private static final double FADE_S = 4;

    private PracticeMelody() {}

    /** One note. @param at in beats @param beats how long @param step of the scale */
    private record Note(double at, double beats, int step) {}

    /** Its sound, from -1 to 1. */
    public static float[] play(Tune tune) {
        SplittableRandom seed = new SplittableRandom(tune.id().hashCode());
        int[] mode = MODES[seed.nextInt(MODES.length)];
        double root = 196 * Math.pow(2, seed.nextInt(12) / 12.0);
        double beat = 60.0 / (64 + seed.nextInt(72));
        List<Note> one = phrase(seed);
        List<Note> other = phrase(seed);
        int length = (int) (tune.lengthMs() * RATE / 1_000);
        float[] sound = new float[length];
        List<List<Note>> form = List.of(one, one, other, one);
        double phrase = BEATS_A_PHRASE * beat;
        for (int i = 0; i * phrase * RATE < length; i++) {
            for (Note note : form.get(i % form.size())) {
                pluck(sound, i * phrase + note.at() * beat, note.beats() * beat, pitch(root, mode, note.step()), 0.5);
            }
            for (int bar = 0; bar < BEATS_A_PHRASE; bar += 4) {
                int low = new int[] {0, 3, 4, 0}[bar / 4 % 4] - mode.length;
                pluck(sound, i * phrase + bar * beat, 4 * beat, pitch(root, mode, low) / 2, 0.45);
            }
        }
        return ended(sound);
    }

    private static List<Note> phrase(SplittableRandom seed) {
        List<Note> all = new ArrayList<>();
        int step = seed.nextInt(5);
        for (double at = 0; at < BEATS_A_PHRASE; ) {
            double beats = new double[] {0.5, 1, 1, 1.5, 2}[seed.nextInt(5)];
            if (seed.nextInt(9) > 0) {
                all.add(new Note(at, Math.min(beats * 1.6, 3), step));
            }
            step = Math.max(-3, Math.min(9, step + seed.nextInt(5) - 2));
            at += beats;
        }
        return all;
    }

    private static double pitch(double root, int[] mode, int step) {
        int octave = Math.floorDiv(step, mode.length);
        return root * Math.pow(2, octave + mode[Math.floorMod(step, mode.length)] / 12.0);
    }

    /** Adds a string that was plucked; each harmonic is turned on by its own small rotation, which needs no sine for each sample. */
    private static void pluck(float[] sound, double at, double seconds, double hertz, double loud) {
        int from = (int) (at * RATE);
        int count = Math.min((int) (seconds * RATE), sound.length - from);
        for (int harmonic = 0; harmonic < HARMONICS.length; harmonic++) {
            double turn = 2 * Math.PI * hertz * (harmonic + 1) / RATE;
            double cos = Math.cos(turn);
            double sin = Math.sin(turn);
            double fall = Math.exp(-(2.2 + 1.4 * harmonic) / (seconds * RATE));
            double x = 0;
            double y = loud * HARMONICS[harmonic];
            for (int i = 0; i < count; i++) {
                double rise = Math.min(1, i / (0.006 * RATE)) * Math.min(1, (count - i) / (0.02 * RATE));
                sound[from + i] += (float) (x * rise);
                double next = (x * cos + y * sin) * fall;
                y = (y * cos - x * sin) * fall;
                x = next;
            }
        }
    }

    /** As loud as it may be, and falling silent at its end. */
    private static float[] ended(float[] sound) {
        float most = 1e-6f;
        for (float each : sound) {
            most = Math.max(most, Math.abs(each));
        }
        int fade = (int) (FADE_S * RATE);
        for (int i = 0; i < sound.length; i++) {
            double out = Math.min(1, (sound.length - i) / (double) fade);
            sound[i] = (float) (sound[i] / most * LOUD * out);
        }
        return sound;
    }
}

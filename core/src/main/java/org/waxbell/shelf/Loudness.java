package org.waxbell.shelf;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Measures how loud a sound is, while it is decoded: integrated loudness by ITU-R BS.1770-4 as EBU R 128 uses it (K-weighting, blocks of
 * 400 ms that overlap by three quarters, gates at −70 LUFS and 10 LU below the mean), its true peak by fourfold oversampling, and a drawing
 * of it. One channel alone is measured as it is heard, from both speakers. A sound shorter than one block counts as one block that is silent behind it. Not safe for several threads.
 */
public final class Loudness {
    /** The loudness of silence. */
    public static final double SILENT = -70;
    /** How many steps the drawing of a sound has. */
    public static final int STEPS = 240;

    private static final double ABSOLUTE_GATE = -70;
    private static final double RELATIVE_GATE = -10;
    private static final int HOPS_A_SECOND = 10;
    private static final int HOPS_A_BLOCK = 4;
    private static final int DRAWN_A_SECOND = 100;
    private final int rate;
    private final int channels;
    /** How many speakers sound each channel: one alone comes from both. */
    private final int speakers;

    private final Biquad[] shelf;
    private final Biquad[] high;
    private final TruePeak[] peaks;
    private final List<Double> hops = new ArrayList<>();
    private final List<Float> drawn = new ArrayList<>();
    private double hop;
    private int inHop;
    private float step;
    private int inStep;
    private long frames;

    /** @param rate frames a second @param channels 1 or 2; of more than two each counts the same */
    public Loudness(int rate, int channels) {
        this.rate = rate;
        this.channels = channels;
        this.speakers = channels == 1 ? 2 : 1;
        shelf = new Biquad[channels];
        high = new Biquad[channels];
        peaks = new TruePeak[channels];
        for (int i = 0; i < channels; i++) {
            shelf[i] = Biquad.shelf(rate);
            high[i] = Biquad.high(rate);
            peaks[i] = new TruePeak();
        }
    }

    /**
     * What was measured.
     *
     * @param loudness in LUFS, {@link #SILENT} at the least
     * @param peak     true peak in dB of full scale, {@link #SILENT} at the least
     * @param lengthMs in milliseconds
     * @param drawing  the largest value in each of {@link #STEPS} equal stretches, 0 to 255
     */
    public record Measured(double loudness, double peak, long lengthMs, int[] drawing) {}

    /** Takes more of the sound in. @param samples of all channels in turn, −1 to 1 @param count how many frames */
    public void add(float[] samples, int count) {
        for (int frame = 0; frame < count; frame++) {
            for (int channel = 0; channel < channels; channel++) {
                float sample = samples[frame * channels + channel];
                double weighted = high[channel].next(shelf[channel].next(sample));
                hop += weighted * weighted * speakers;
                peaks[channel].next(sample);
                step = Math.max(step, Math.abs(sample));
            }
            frames++;
            if (++inHop == rate / HOPS_A_SECOND) {
                hops.add(hop);
                hop = 0;
                inHop = 0;
            }
            if (++inStep == Math.max(1, rate / DRAWN_A_SECOND)) {
                drawn.add(step);
                step = 0;
                inStep = 0;
            }
        }
    }

    /** How long what was taken in lasts, in milliseconds. */
    public long lengthMs() {
        return Math.round(frames * 1_000.0 / rate);
    }

    /** What came of it. */
    public Measured measured() {
        double peak = Arrays.stream(peaks).mapToDouble(TruePeak::most).max().orElse(0);
        return new Measured(integrated(), decibels(peak * peak), lengthMs(), drawing());
    }

    private double integrated() {
        List<Double> all = new ArrayList<>(hops);
        // What a last hop is short of is silence.
        if (inHop > 0) {
            all.add(hop);
        }
        while (all.size() < HOPS_A_BLOCK) {
            all.add(0.0);
        }
        double samples = (double) HOPS_A_BLOCK * (rate / HOPS_A_SECOND);
        List<Double> blocks = new ArrayList<>();
        for (int i = 0; i + HOPS_A_BLOCK <= all.size(); i++) {
            double sum = 0;
            for (int j = i; j < i + HOPS_A_BLOCK; j++) {
                sum += all.get(j);
            }
            blocks.add(sum / samples);
        }
        double mean = above(blocks, ABSOLUTE_GATE);
        double loud = above(blocks, Math.max(ABSOLUTE_GATE, lufs(mean) + RELATIVE_GATE));
        return lufs(loud);
    }

    private static double above(List<Double> blocks, double gate) {
        return blocks.stream()
                .filter(each -> lufs(each) > gate)
                .mapToDouble(Double::doubleValue)
                .average()
                .orElse(0);
    }

    private static double lufs(double power) {
        return Math.max(SILENT, -0.691 + 10 * Math.log10(power));
    }

    private static double decibels(double power) {
        return Math.max(SILENT, 10 * Math.log10(power));
    }

    private int[] drawing() {
        List<Float> all = new ArrayList<>(drawn);
        if (inStep > 0) {
            all.add(step);
        }
        int[] steps = new int[STEPS];
        for (int i = 0; i < STEPS && !all.isEmpty(); i++) {
            int from = (int) ((long) i * all.size() / STEPS);
            int to = Math.max(from + 1, (int) ((long) (i + 1) * all.size() / STEPS));
            float most = 0;
            for (int j = from; j < Math.min(to, all.size()); j++) {
                most = Math.max(most, all.get(j));
            }
            steps[i] = Math.round(Math.min(1, most) * 255);
        }
        return steps;
    }
}

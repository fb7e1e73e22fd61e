package org.waxbell.shelf;

/** The largest value of one channel between its samples too: four values a sample by a windowed sinc, as ITU-R BS.1770-4 (Annex 2) asks for. */
final class TruePeak {
    private static final int TIMES = 4;
    private static final int TAPS = 12;
    private static final double[][] PHASES = new double[TIMES][TAPS];

    static {
        for (int phase = 0; phase < TIMES; phase++) {
            for (int tap = 0; tap < TAPS; tap++) {
                double at = tap - (TAPS / 2 - 1) - phase / (double) TIMES;
                double sinc = at == 0 ? 1 : Math.sin(Math.PI * at) / (Math.PI * at);
                double window = Math.cos(Math.PI * at / TAPS);
                PHASES[phase][tap] = sinc * window * window;
            }
        }
    }

    private final float[] last = new float[TAPS];
    private int at;
    private double most;
    private int loud;

    void next(float sample) {
        last[at] = sample;
        at = (at + 1) % TAPS;
        most = Math.max(most, Math.abs(sample));
        // Among quiet samples alone no peak rises above one that was.
        loud = Math.abs(sample) * 2 >= most ? TAPS : loud - 1;
        if (loud <= 0) {
            return;
        }
        for (int phase = 1; phase < TIMES; phase++) {
            double sum = 0;
            for (int tap = 0; tap < TAPS; tap++) {
                sum += PHASES[phase][tap] * last[(at + tap) % TAPS];
            }
            most = Math.max(most, Math.abs(sum));
        }
    }

    /** As a share of full scale; may be above 1. */
    double most() {
        return most;
    }
}

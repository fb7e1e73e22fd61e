package org.waxbell.shelf;

/** One filter of the second order, as ITU-R BS.1770-4 puts two in a row for its K-weighting; coefficients for any rate by the bilinear transform of the analogue filters behind its table. */
final class Biquad {
    private static final double SHELF_HZ = 1_681.974450955533;
    private static final double SHELF_DB = 3.999843853973347;
    private static final double SHELF_Q = 0.7071752369554196;
    private static final double SHELF_BAND = 0.4996667741545416;
    private static final double HIGH_HZ = 38.13547087602444;
    private static final double HIGH_Q = 0.5003270373238773;
    private final double b0;
    private final double b1;
    private final double b2;
    private final double a1;
    private final double a2;
    private double one;
    private double two;

    private Biquad(double b0, double b1, double b2, double a1, double a2) {
        this.b0 = b0;
        this.b1 = b1;
        this.b2 = b2;
        this.a1 = a1;
        this.a2 = a2;
    }

    /** The rise of high tones, for the head. @param rate samples a second */
    static Biquad shelf(int rate) {
        double k = Math.tan(Math.PI * SHELF_HZ / rate);
        double vh = Math.pow(10, SHELF_DB / 20);
        double vb = Math.pow(vh, SHELF_BAND);
        double a0 = 1 + k / SHELF_Q + k * k;
        return new Biquad(
                (vh + vb * k / SHELF_Q + k * k) / a0,
                2 * (k * k - vh) / a0,
                (vh - vb * k / SHELF_Q + k * k) / a0,
                2 * (k * k - 1) / a0,
                (1 - k / SHELF_Q + k * k) / a0);
    }

    /** What lets deep tones fall away. @param rate samples a second */
    static Biquad high(int rate) {
        double k = Math.tan(Math.PI * HIGH_HZ / rate);
        double a0 = 1 + k / HIGH_Q + k * k;
        return new Biquad(1, -2, 1, 2 * (k * k - 1) / a0, (1 - k / HIGH_Q + k * k) / a0);
    }

    double next(double sample) {
        double out = b0 * sample + one;
        one = b1 * sample - a1 * out + two;
        two = b2 * sample - a2 * out;
        return out;
    }
}

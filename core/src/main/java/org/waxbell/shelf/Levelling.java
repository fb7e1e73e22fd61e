package org.waxbell.shelf;

/** By how much a sound is raised or lowered when it is played, so that a volume means the same for all. */
public final class Levelling {
    /** How loud every sound is at full volume, in LUFS. */
    public static final double TARGET = -20;
    /** No true peak goes above it, in dB of full scale. */
    public static final double CEILING = -1;

    private static final double MOST = 30;

    /** By how many hundredths of a decibel a sound is raised whose amplitude is ten times as large. */
    private static final double TENFOLD = 2_000;

    private Levelling() {}

    /** A volume in percent raised by a gain in hundredths of a decibel. */
    public static int raised(int percent, int gain) {
        return (int) Math.round(percent * Math.pow(10, gain / TENFOLD));
    }

    /** The gain in hundredths of a decibel; 0 for what is silent. @param loudness in LUFS @param peak true peak in dB of full scale */
    public static int gain(double loudness, double peak) {
        return loudness <= Loudness.SILENT
                ? 0
                : (int) Math.round(100 * Math.min(MOST, Math.min(TARGET - loudness, CEILING - peak)));
    }
}

package org.waxbell.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The cases of EBU Tech 3341 that can be made of tones, and what stands at the edges. */
class LoudnessTest {
    private static void tone(Loudness to, int rate, int channels, double hertz, double decibels, double seconds) {
        double full = Math.pow(10, decibels / 20);
        int frames = (int) Math.round(rate * seconds);
        float[] samples = new float[frames * channels];
        for (int i = 0; i < frames; i++) {
            float sample = (float) (full * Math.sin(2 * Math.PI * hertz * i / rate));
            for (int channel = 0; channel < channels; channel++) {
                samples[i * channels + channel] = sample;
            }
        }
        to.add(samples, frames);
    }

    @ParameterizedTest
    @ValueSource(ints = {22_050, 44_100, 48_000, 96_000})
    void aToneAtMinus23HasMinus23(int rate) {
        Loudness loudness = new Loudness(rate, 2);
        tone(loudness, rate, 2, 1_000, -23, 20);
        assertThat(loudness.measured().loudness()).isCloseTo(-23, within(0.1));
        assertThat(loudness.measured().lengthMs()).isEqualTo(20_000);
    }

    @Test
    void quietStretchesDoNotCount() {
        Loudness loudness = new Loudness(48_000, 2);
        tone(loudness, 48_000, 2, 1_000, -36, 10);
        tone(loudness, 48_000, 2, 1_000, -23, 60);
        tone(loudness, 48_000, 2, 1_000, -36, 10);
        assertThat(loudness.measured().loudness()).isCloseTo(-23, within(0.1));
        Loudness silent = new Loudness(48_000, 2);
        tone(silent, 48_000, 2, 1_000, -72, 10);
        tone(silent, 48_000, 2, 1_000, -23, 60);
        tone(silent, 48_000, 2, 1_000, -72, 10);
        assertThat(silent.measured().loudness()).isCloseTo(-23, within(0.1));
    }

    @Test
    void oneChannelIsAsLoudAsTwoOfItForItComesFromBothSpeakers() {
        Loudness one = new Loudness(48_000, 1);
        tone(one, 48_000, 1, 1_000, -20, 5);
        Loudness two = new Loudness(48_000, 2);
        tone(two, 48_000, 2, 1_000, -20, 5);
        assertThat(two.measured().loudness() - one.measured().loudness()).isCloseTo(0, within(0.02));
    }

    @Test
    void silenceAndWhatIsShorterThanABlockAreMeasuredToo() {
        Loudness nothing = new Loudness(48_000, 2);
        assertThat(nothing.measured().loudness()).isEqualTo(Loudness.SILENT);
        assertThat(nothing.measured().peak()).isEqualTo(Loudness.SILENT);
        assertThat(nothing.measured().drawing()).hasSize(Loudness.STEPS).containsOnly(0);
        Loudness click = new Loudness(48_000, 1);
        tone(click, 48_000, 1, 1_000, -10, 0.05);
        assertThat(click.measured().loudness()).isBetween(-30.0, -15.0);
        assertThat(click.measured().lengthMs()).isEqualTo(50);
    }

    @Test
    void aPeakBetweenSamplesIsFound() {
        // A quarter of the rate, sampled 45 degrees beside its peaks: each sample is 3 dB below what is between them.
        Loudness between = new Loudness(48_000, 1);
        float[] samples = new float[4_800];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (float) (0.5 * Math.sin(Math.PI / 2 * i + Math.PI / 4));
        }
        between.add(samples, samples.length);
        assertThat(between.measured().peak()).isCloseTo(-6.02, within(0.4));
    }

    @Test
    void itsDrawingIsLoudWhereItIs() {
        Loudness loudness = new Loudness(48_000, 1);
        tone(loudness, 48_000, 1, 500, -60, 2);
        tone(loudness, 48_000, 1, 500, -1, 2);
        int[] drawing = loudness.measured().drawing();
        assertThat(IntStream.of(drawing).limit(118).max().orElseThrow()).isLessThan(3);
        assertThat(IntStream.of(drawing).skip(122).min().orElseThrow()).isGreaterThan(200);
    }

    @ParameterizedTest
    @CsvSource({"-20,-3,0", "-30,-20,1000", "-12,-1,-800", "-30,-5,400", "-70,-70,0", "-60,-55,3000"})
    void soundsAreRaisedToOneLoudnessUnlessTheirPeaksWouldClip(double loudness, double peak, int gain) {
        assertThat(Levelling.gain(loudness, peak)).isEqualTo(gain);
    }
}

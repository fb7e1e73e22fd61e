package org.waxbell.app.film;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.TreeMap;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.Test;
import org.waxbell.app.media.MediaFiles;

/** Films are decoded again, and are what they were made of; cut ones too. */
class FilmTest {
    private static final int WIDTH = 64;
    private static final int HEIGHT = 48;

    private static BufferedImage grey(int lightness) {
        BufferedImage picture = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D on = picture.createGraphics();
        on.setColor(new Color(lightness, lightness, lightness));
        on.fillRect(0, 0, WIDTH, HEIGHT);
        on.dispose();
        return picture;
    }

    /** Twelve seconds: each second lighter than the one before, a tone in the third and fourth. */
    private static byte[] film() {
        KeyFrames frames = new KeyFrames(WIDTH, HEIGHT);
        List<Webm.Frame> all = new ArrayList<>();
        for (int second = 0; second < 12; second++) {
            all.add(new Webm.Frame(second * 1_000L, frames.of(grey(20 * second))));
        }
        short[] sound = new short[OpusTrack.RATE * 12 * 2];
        for (int i = OpusTrack.RATE * 2 * 2; i < OpusTrack.RATE * 4 * 2; i++) {
            sound[i] = (short) (9_000 * Math.sin(i / 2 * 2 * Math.PI * 440 / OpusTrack.RATE));
        }
        return Webm.of("Tapers", WIDTH, HEIGHT, 12_000, all, OpusTrack.of(sound, percent -> true));
    }

    @Test
    void aFilmIsWhatItWasMadeOf() throws Exception {
        byte[] film = film();
        TreeMap<Long, Integer> seen = Films.lightness(film, 20, 20);
        assertThat(seen).hasSize(12);
        seen.forEach((at, light) ->
                assertThat((double) light).isCloseTo(20 * at / 1_000.0, org.assertj.core.data.Offset.offset(6.0)));
        assertThat(Films.loudest(film, 0, 1_900)).isLessThan(0.01);
        assertThat(Films.loudest(film, 2_200, 3_800)).isBetween(0.2, 0.4);
        assertThat(Films.loudest(film, 4_200, 12_000)).isLessThan(0.01);
    }

    @Test
    void howLoudAFilmIsIsMeasuredAndOneWithoutSoundHasNoLevel() {
        byte[] film = film();
        assertThat(FilmSound.measured(film)).hasValueSatisfying(measured -> {
            assertThat(measured.peak()).as("9,000 of 32,768").isBetween(-11.7, -10.7);
            // A tone of 440 Hz is weighted by little; its mean square is 3 dB below its peak, and both channels count.
            assertThat(measured.loudness()).isBetween(-13.0, -11.0);
        });
        byte[] silent = Webm.of(
                "Tapers",
                WIDTH,
                HEIGHT,
                1_000,
                List.of(new Webm.Frame(0, new KeyFrames(WIDTH, HEIGHT).of(grey(20)))),
                null);
        assertThat(FilmSound.measured(silent)).isEmpty();
        assertThat(FilmSound.measured(Arrays.copyOf(film, 60))).isEmpty();
    }

    @Test
    void whatIsCutBeginsAndEndsWhereItWasAskedTo() throws Exception {
        WebmCut.Cut cut = WebmCut.of(film(), "Tapers", 2_500, 7_250);
        assertThat(cut.fromMs()).isEqualTo(2_500);
        assertThat(cut.lengthMs()).isEqualTo(4_750);
        TreeMap<Long, Integer> seen = Films.lightness(cut.film(), 20, 20);
        assertThat(seen.keySet()).containsExactly(0L, 500L, 1_500L, 2_500L, 3_500L, 4_500L);
        assertThat(seen.get(0L)).isEqualTo(Films.lightness(film(), 20, 20).get(2_000L));
        assertThat(Films.loudest(cut.film(), 0, 1_300)).isGreaterThan(0.2);
        assertThat(Films.loudest(cut.film(), 1_700, 4_750)).isLessThan(0.01);
        WebmCut.Cut again = WebmCut.of(cut.film(), "Tapers", 1_000, 2_000);
        assertThat(Films.moments(again.film())).containsExactly(0L, 500L);
    }

    @Test
    void whatIsNoFilmOrCutOffIsRefused() {
        byte[] film = film();
        for (byte[] broken : List.of(
                new byte[0],
                "no film at all".getBytes(StandardCharsets.UTF_8),
                Arrays.copyOf(film, 40),
                new byte[500])) {
            assertThatThrownBy(() -> WebmCut.of(broken, "x", 0, 1_000))
                    .isInstanceOfAny(IllegalArgumentException.class, IndexOutOfBoundsException.class);
        }
    }

    @Test
    void theMakingIsGivenUpWhereNobodyWantsIt() {
        assertThatThrownBy(() -> OpusTrack.of(new short[OpusTrack.RATE * 20], percent -> percent < 40))
                .isInstanceOf(CancellationException.class);
    }

    @Test
    void soundsAreDecodedToSamples() throws Exception {
        byte[] bell = Files.readAllBytes(Path.of("src/test/resources/sounds/bell.flac"));
        var samples = MediaFiles.samples(bell, "audio/flac");
        assertThat(samples.all().length / samples.channels() * 1_000L / samples.rate())
                .isBetween(1_400L, 1_600L);
    }
}

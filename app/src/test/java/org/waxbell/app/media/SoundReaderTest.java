package org.waxbell.app.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Objects;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.waxbell.shelf.Loudness;

/** One and the same tone in every format: as long and as loud in each, told by content, and refused with a reason where it is broken. */
class SoundReaderTest {
    private static byte[] file(String name) throws IOException {
        try (InputStream in = SoundReaderTest.class.getResourceAsStream("/sounds/" + name)) {
            return Objects.requireNonNull(in, name).readAllBytes();
        }
    }

    @ParameterizedTest
    @CsvSource({
        "bell.wav,audio/wav",
        "bell-24.wav,audio/wav",
        "bell.flac,audio/flac",
        "bell.mp3,audio/mpeg",
        "bell.ogg,audio/vorbis",
        "bell.opus,audio/opus"
    })
    void everyFormatIsToldByItsContentAndMeasured(String name, String type) throws IOException {
        Intake.Taken taken = Intake.of("Bench", file(name));
        Loudness.Measured measured = Objects.requireNonNull(taken.measured());
        Loudness.Measured plain =
                Objects.requireNonNull(Intake.of("Bench", file("bell.wav")).measured());
        assertThat(taken.type()).isEqualTo(type);
        assertThat(name).endsWith("." + taken.ending());
        assertThat(measured.lengthMs()).isCloseTo(1_500, within(80L));
        assertThat(measured.loudness()).isCloseTo(plain.loudness(), within(0.8));
        assertThat(measured.peak()).isCloseTo(plain.peak(), within(1.0));
        assertThat(Arrays.stream(measured.drawing()).max().orElseThrow()).isPositive();
    }

    @ParameterizedTest
    @ValueSource(strings = {"bell.wav", "bell.flac", "bell.ogg", "bell.opus", "bell.mp3"})
    void whatIsCutInItsHeadIsRefusedInWords(String name) throws IOException {
        byte[] cut = Arrays.copyOf(file(name), 70);
        assertThatThrownBy(() -> Intake.of("Bench", cut))
                .isInstanceOf(IllegalArgumentException.class)
                .message()
                .matches("it is cut off or broken|there is no sound in it|it is [a-z]+/[a-z0-9.-]+, and a sound is .*");
    }

    @Test
    void whatIsNoSoundIsRefusedWhateverItsName() {
        assertThatThrownBy(() -> Intake.of("Bench", "good evening, all".getBytes(StandardCharsets.UTF_8)))
                .hasMessage("it is text/plain, and a sound is WAV, FLAC, MP3, Ogg Vorbis or Opus");
        assertThatThrownBy(() -> Intake.of("Bench", new byte[0])).hasMessage("it is empty");
        assertThatThrownBy(() -> Intake.of("Bench", new byte[Intake.MOST_SOUND + 1]))
                .hasMessageContaining("at most 20 MB");
    }

    private static byte[] wav(AudioFormat format, int bytes) throws IOException {
        var out = new ByteArrayOutputStream();
        var stream =
                new AudioInputStream(new ByteArrayInputStream(new byte[bytes]), format, bytes / format.getFrameSize());
        AudioSystem.write(stream, AudioFileFormat.Type.WAVE, out);
        return out.toByteArray();
    }

    @Test
    void moreChannelsThanTwoAndLongerThanTenMinutesAreRefused() throws IOException {
        byte[] six = wav(new AudioFormat(48_000, 16, 6, true, false), 12_000);
        assertThatThrownBy(() -> Intake.of("Bench", six))
                .hasMessage("it has 6 channels, and a sound here has one or two");
        byte[] hours = wav(new AudioFormat(8_000, 8, 1, false, false), 8_000 * 601);
        assertThatThrownBy(() -> Intake.of("Bench", hours)).hasMessage("it is longer than 10 minutes");
    }
}

package org.waxbell.app.speech;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.json.Documents;
import org.waxbell.port.Speech;
import org.waxbell.shelf.Levelling;
import org.waxbell.shelf.Loudness;
import org.waxbell.voice.Utterance;
import org.waxbell.voice.Voice;

/** What every way to speak does alike: the one that ships, those that are installed, and programs that the owner allowed. */
class SpeechContractTest {
    private static final String SENTENCE = "The tall taper is poured, and everybody gathers at the warm bench now.";
    private static final long LIMIT = 60_000;
    private static final ShippedSpeech SHIPPED = new ShippedSpeech();
    private static final InstalledSpeech INSTALLED = new InstalledSpeech();

    @TempDir
    static Path root;

    private static DataFolder data;
    private static AllowedPrograms allowed;

    @BeforeAll
    static void allow() throws IOException {
        data = DataFolder.open(root.resolve("data"));
        Path sound = root.resolve("sound.wav");
        Files.write(sound, tone(1_200));
        program("baker", "cat > /dev/null; cat " + sound);
        program("hangs", "sleep 600");
        program("rubbish", "cat > /dev/null; echo this is no sound");
        program("breaks", "exit 3");
        write("gone", List.of(root.resolve("nowhere").toString()));
        allowed = new AllowedPrograms(data, Documents.standalone());
    }

    @AfterAll
    static void close() throws IOException {
        data.close();
    }

    private static void program(String name, String does) throws IOException {
        Path script = Files.writeString(root.resolve(name + ".sh"), "#!/bin/sh\n" + does + "\n");
        Files.setPosixFilePermissions(script, PosixFilePermissions.fromString("rwx------"));
        write(name, List.of(script.toString(), "{speed}"));
    }

    private static void write(String name, List<String> command) throws IOException {
        Files.writeString(
                data.voices().resolve(name + ".json"),
                Documents.standalone().write(Map.of("name", name, "language", "en", "command", command)));
    }

    private static byte[] tone(int ms) {
        short[] samples = new short[16 * ms];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (short) (3_000 * Math.sin(i * 0.2));
        }
        return new Wav(16_000, 1, samples).bytes();
    }

    /** @param speech the port @param voice one of its voices */
    record Way(Speech speech, Voice voice) {
        @Override
        public String toString() {
            return voice.id();
        }
    }

    static Stream<Way> ways() {
        List<Way> all = new ArrayList<>();
        SHIPPED.voices().forEach(voice -> all.add(new Way(SHIPPED, voice)));
        INSTALLED.voices().stream().limit(3).forEach(voice -> all.add(new Way(INSTALLED, voice)));
        allowed.voices().stream()
                .filter(voice -> voice.id().equals("own:baker"))
                .forEach(voice -> all.add(new Way(allowed, voice)));
        return all.stream();
    }

    @ParameterizedTest
    @MethodSource("ways")
    void whatIsSaidIsAWavThatIsHeard(Way way) {
        Speech.Spoken spoken =
                way.speech().say(new Utterance(SENTENCE, way.voice().id(), 100, 100), LIMIT);
        assertThat(spoken.fault()).isEmpty();
        Wav wav = Wav.read(spoken.wav());
        assertThat(wav.lengthMs()).isBetween(1_000L, 9_000L);
        float[] samples = new float[wav.samples().length];
        short[] level = wav.levelled().samples();
        for (int i = 0; i < samples.length; i++) {
            samples[i] = level[i] / 32_768f;
        }
        Loudness loudness = new Loudness(wav.rate(), wav.channels());
        loudness.add(samples, samples.length / wav.channels());
        Loudness.Measured measured = loudness.measured();
        assertThat(measured.peak()).isLessThan(0.1);
        assertThat(Math.max(measured.loudness() - Levelling.TARGET, measured.peak() - Levelling.CEILING))
                .as("%s", measured)
                .isBetween(-1.0, 0.5);
    }

    @Test
    void thePlainVoiceIsFasterAndHigherWhenItIsAsked() {
        long usual = Wav.read(SHIPPED.say(new Utterance(SENTENCE, "", 100, 100), LIMIT)
                        .wav())
                .lengthMs();
        long fast = Wav.read(SHIPPED.say(new Utterance(SENTENCE, "", 150, 120), LIMIT)
                        .wav())
                .lengthMs();
        assertThat(fast).isBetween(usual / 2, usual * 8 / 10);
        assertThat(new Utterance(SENTENCE, "", 100, 100).aboutMs()).isBetween(usual * 7 / 10, usual * 14 / 10);
    }

    @Test
    void programsThatFailSayHow() {
        assertThat(fault("own:hangs", 300)).contains("took longer than 300 ms");
        assertThat(fault("own:breaks", LIMIT)).contains("ended with 3");
        assertThat(fault("own:gone", LIMIT)).contains("cannot be started");
        assertThat(fault("own:nobody", LIMIT)).isEqualTo("the voice is no longer allowed on this computer");
        assertThatThrownBy(() -> Wav.read(allowed.say(new Utterance("x", "own:rubbish", 100, 100), LIMIT)
                        .wav()))
                .hasMessage("what it wrote is no WAV");
    }

    private static String fault(String voice, long limit) {
        return allowed.say(new Utterance("x", voice, 100, 100), limit).fault();
    }

    @Test
    void aFileThatIsCutOrLiesOfItsLengthIsReadAsFarAsItGoes() {
        byte[] whole = tone(1_000);
        byte[] cut = java.util.Arrays.copyOf(whole, whole.length / 2);
        assertThat(Wav.read(cut).lengthMs()).isBetween(490L, 500L);
        assertThatThrownBy(() -> Wav.read("RIFF".getBytes(StandardCharsets.US_ASCII)))
                .hasMessage("what it wrote is no WAV");
    }

    @Test
    void theFirstVoiceStandsInForOneThatIsNoMore() {
        Speeches speeches = new Speeches(
                List.of(allowed, SHIPPED), org.mockito.Mockito.mock(org.waxbell.app.wiring.WiringStore.class));
        assertThat(speeches.voices()).extracting(Voice::id).contains("own:baker", ShippedSpeech.PLAIN);
        Speeches.Made made = speeches.make(new Utterance("hello", "own:nobody", 100, 100), LIMIT, 400, Map.of());
        assertThat(made.fault()).isEmpty();
        assertThat(made.lengthMs()).isEqualTo(400);
        assertThat(speeches.make(new Utterance("!?", "plain", 100, 100), LIMIT, 400, Map.of())
                        .fault())
                .isEqualTo("nothing in it can be said");
    }
}

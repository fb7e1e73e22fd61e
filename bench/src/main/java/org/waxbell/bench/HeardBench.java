package org.waxbell.bench;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.IntToDoubleFunction;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.waxbell.e2e.Browser;
import org.waxbell.e2e.Packaged;

/** What is heard of it: how far sounds that were brought very unlike lie apart when a stage page plays them, and how soon Hush is silence. */
final class HeardBench {
    private static final int RATE = 44_100;
    private static final int SECONDS = 3;
    private final Scale scale;

    HeardBench(Scale scale) {
        this.scale = scale;
    }

    void run(Packaged app) throws IOException {
        try (Browser browser = new Browser()) {
            Ears ears = Ears.at(
                    browser, app.get("/api/stages/main/address").get("address").asString());
            browser.await(
                    "the stage may sound",
                    any -> app.get("/api/live")
                            .get("pages")
                            .valueStream()
                            .anyMatch(page -> page.get("sounds").asBoolean()));
            levels(app, browser, ears);
            hush(app, browser, ears);
        }
    }

    private void levels(Packaged app, Browser browser, Ears ears) throws IOException {
        double softest = Double.MAX_VALUE;
        double loudest = -Double.MAX_VALUE;
        Map<String, byte[]> sounds = sounds();
        sounds.keySet()
                .retainAll(sounds.keySet().stream().limit(scale.of(3, 10)).toList());
        for (Map.Entry<String, byte[]> each : sounds.entrySet()) {
            app.bring("Ears", each.getKey() + ".wav", each.getValue());
            Drafts.cue(app, each.getKey(), List.of(Drafts.sound("sound", "Ears", each.getKey() + ".wav")));
            ears.forget();
            app.say("wickerby", "!" + each.getKey());
            browser.await(
                    "it was heard",
                    any -> ears.loudAt() > 0
                            && app.get("/api/live")
                                    .get("rings")
                                    .valueStream()
                                    .allMatch(
                                            ring -> ring.get("state").asString().equals("ended")));
            double loudness = ears.loudness();
            softest = Math.min(softest, loudness);
            loudest = Math.max(loudest, loudness);
        }
        Figures.print("loudness_softest", softest, "LUFS as the page plays it");
        Figures.print("loudness_loudest", loudest, "LUFS");
        Figures.print("loudness_apart", loudest - softest, "LU of " + sounds.size());
    }

    private void hush(Packaged app, Browser browser, Ears ears) {
        List<Double> all = new ArrayList<>();
        for (int i = 0; i < scale.of(2, 20); i++) {
            ears.forget();
            app.say("wickerby", "!tone");
            browser.await("it is heard", any -> ears.loudAt() > 0);
            long pressed = System.currentTimeMillis();
            app.post("/api/hush", Map.of());
            browser.await("it is silent", any -> System.currentTimeMillis() - ears.loudAt() > 300);
            all.add((double) Math.max(0, ears.loudAt() - pressed));
        }
        Figures.printBoth("hush_to_silence", all);
    }

    /** Ten sounds as unlike as can be: high and low, soft and loud, steady and in pieces, of one channel and of two. */
    private static Map<String, byte[]> sounds() throws IOException {
        Random random = new Random(5);
        Map<String, byte[]> all = new LinkedHashMap<>();
        all.put("tone", wav(1, i -> 0.5 * sine(i, 1_000)));
        all.put("wide", wav(2, i -> 0.5 * sine(i, 1_000)));
        all.put("low", wav(1, i -> 0.8 * sine(i, 90)));
        all.put("high", wav(2, i -> 0.1 * sine(i, 5_000)));
        all.put("soft", wav(1, i -> 0.02 * sine(i, 440)));
        all.put("hiss", wav(2, i -> 0.3 * (random.nextDouble() * 2 - 1)));
        all.put("saw", wav(1, i -> 0.9 * (i % 200 / 100.0 - 1)));
        all.put("pulses", wav(1, i -> i / 8_820 % 2 == 0 ? 0.4 * sine(i, 700) : 0));
        all.put("swell", wav(2, i -> 0.6 * i / (RATE * SECONDS) * sine(i, 330)));
        all.put("beats", wav(1, i -> 0.3 * (sine(i, 500) + sine(i, 504))));
        return all;
    }

    private static double sine(int frame, double hertz) {
        return Math.sin(2 * Math.PI * hertz * frame / RATE);
    }

    private static byte[] wav(int channels, IntToDoubleFunction wave) throws IOException {
        int frames = RATE * SECONDS;
        ByteBuffer plain = ByteBuffer.allocate(frames * channels * 2).order(ByteOrder.LITTLE_ENDIAN);
        for (int i = 0; i < frames; i++) {
            short sample = (short) Math.round(wave.applyAsDouble(i) * Short.MAX_VALUE);
            for (int channel = 0; channel < channels; channel++) {
                plain.putShort(sample);
            }
        }
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        AudioSystem.write(
                new AudioInputStream(
                        new ByteArrayInputStream(plain.array()),
                        new AudioFormat(RATE, 16, channels, true, false),
                        frames),
                AudioFileFormat.Type.WAVE,
                file);
        return file.toByteArray();
    }
}

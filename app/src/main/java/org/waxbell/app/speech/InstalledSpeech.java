package org.waxbell.app.speech;

import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.waxbell.port.Speech;
import org.waxbell.voice.Utterance;
import org.waxbell.voice.Voice;

/** Voices of programs that Debian has: espeak-ng in many tongues, flite in English; where they are not installed there are none. */
@Component
@Order(20)
final class InstalledSpeech implements Speech {
    private static final String ESPEAK = "espeak-ng";
    private static final String FLITE = "flite";
    private static final int WORDS_A_MINUTE = 165;
    private static final int MIDDLE_PITCH = 45;
    private static final Map<String, String> TONGUES = new TreeMap<>(Map.ofEntries(
            Map.entry("en-gb", "English"),
            Map.entry("de", "German"),
            Map.entry("fr-fr", "French"),
            Map.entry("es", "Spanish"),
            Map.entry("it", "Italian"),
            Map.entry("nl", "Dutch"),
            Map.entry("pl", "Polish"),
            Map.entry("pt", "Portuguese"),
            Map.entry("sv", "Swedish"),
            Map.entry("cs", "Czech"),
            Map.entry("fi", "Finnish"),
            Map.entry("hu", "Hungarian"),
            Map.entry("uk", "Ukrainian"),
            Map.entry("tr", "Turkish")));
    private static final Map<String, String> ENGLISH = Map.of("slt", "smooth, higher", "rms", "smooth, lower");

    @Override
    public List<Voice> voices() {
        List<Voice> all = new ArrayList<>();
        if (find(FLITE).isPresent()) {
            new TreeMap<>(ENGLISH)
                    .forEach((id, name) -> all.add(new Voice(FLITE + ":" + id, "English, " + name, "en", FLITE)));
        }
        if (find(ESPEAK).isPresent()) {
            TONGUES.forEach((id, name) -> all.add(new Voice(ESPEAK + ":" + id, name, id, ESPEAK)));
        }
        return all;
    }

    @Override
    public Spoken say(Utterance what, long limitMs) {
        int cut = what.voice().indexOf(':');
        String voice = what.voice().substring(cut + 1);
        if (what.voice().startsWith(ESPEAK)) {
            return ProgramSpeech.run(
                    List.of(
                            ESPEAK,
                            "--stdin",
                            "--stdout",
                            "-v",
                            voice,
                            "-s",
                            Integer.toString(WORDS_A_MINUTE * what.speed() / 100),
                            "-p",
                            Integer.toString(Math.min(99, MIDDLE_PITCH * what.pitch() / 100))),
                    what.text(),
                    limitMs);
        }
        // It writes its head last, so it needs a file that it can go back in.
        return ProgramSpeech.filed(
                (text, made) -> {
                    List<String> words = FliteWords.of(voice, what);
                    words.addAll(List.of("-f", text, "-o", made));
                    return words;
                },
                what.text(),
                limitMs);
    }

    private static Optional<Path> find(String program) {
        String path = System.getenv("PATH");
        return Arrays.stream((path == null ? "" : path).split(File.pathSeparator))
                .filter(each -> !each.isEmpty())
                .map(each -> Path.of(each, program))
                .filter(Files::isExecutable)
                .findFirst();
    }
}

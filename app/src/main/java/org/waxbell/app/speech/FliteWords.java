package org.waxbell.app.speech;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.waxbell.voice.Utterance;

/** How Flite is called, wherever it runs: as a program, inside this one, or in a page. */
final class FliteWords {
    /** The voices' own pitches, in hertz. */
    private static final Map<String, Integer> PITCHES = Map.of("kal16", 91, "slt", 170, "rms", 98);

    private FliteWords() {}

    /** Program and arguments, without what tells the text and the file. @param voice as Flite names it */
    static List<String> of(String voice, Utterance what) {
        List<String> words = new ArrayList<>(List.of("flite", "-voice", voice));
        set(words, "duration_stretch", 100.0 / what.speed());
        set(words, "int_f0_target_mean", PITCHES.getOrDefault(voice, 100) * what.pitch() / 100.0);
        return words;
    }

    private static void set(List<String> words, String feature, double value) {
        words.add("--setf");
        words.add(String.format(Locale.ROOT, "%s=%.3f", feature, value));
    }
}

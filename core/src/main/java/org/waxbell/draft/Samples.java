package org.waxbell.draft;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Pull;
import org.waxbell.cue.Sampling;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.gate.ArgumentGate;
import org.waxbell.score.Part;
import org.waxbell.wiring.CommandList;
import org.waxbell.wiring.Wiring;
import org.waxbell.words.SampleWords;

/** What stands for the values of a cue while nothing has happened yet. */
public final class Samples {
    private Samples() {}

    /** On what made-up events of a cue are made. */
    public static Sampling on(Cue cue, Wiring wiring) {
        String behind = cue.gates().stream()
                .filter(ArgumentGate.class::isInstance)
                .map(each -> " " + ((ArgumentGate) each).sample())
                .findFirst()
                .orElse("");
        return new Sampling(cue.id(), wiring.house().prefix(), behind);
    }

    /** The words of a cue's parts with samples in them, by their places in its document. */
    public static Map<String, String> filled(Cue cue, Map<String, String> samples) {
        SampleWords words = new SampleWords();
        Map<String, String> filled = new LinkedHashMap<>();
        for (int i = 0; i < cue.takes().size(); i++) {
            List<Part> parts = cue.takes().get(i).score().parts();
            for (int j = 0; j < parts.size(); j++) {
                Part part = parts.get(j);
                String place = "takes[" + i + "].score.parts[" + j + "].";
                part.wordings()
                        .forEach((field, pattern) ->
                                filled.put(place + field, words.get(pattern).fill(samples)));
            }
        }
        return filled;
    }

    /** A sample for each value that words of the cue may use: what every one of its pulls brings, the slate, desks, and what its parts will know. */
    public static Map<String, String> of(Cue cue, Wiring wiring) {
        Map<String, String> all = new TreeMap<>();
        Set<String> brought = new HashSet<>(cue.fields());
        Sampling usual = on(cue, wiring);
        for (Pull pull : cue.pulls()) {
            // Somebody types something behind the word, so that its value can be seen.
            ShowEvent event =
                    pull.sample(usual.behind().isEmpty() ? new Sampling(usual.cue(), usual.prefix(), " tall") : usual);
            event.values().forEach((name, value) -> {
                if (brought.contains(name)) {
                    all.putIfAbsent(name, value);
                }
            });
        }
        if (usual.behind().isEmpty()) {
            // A word of any kind stands behind there; where a person is meant, a person's name reads better.
            all.replace("named", Facts.ARRIVAL.sample().who());
        }
        brought.forEach(name -> all.putIfAbsent(name, ""));
        if (all.containsKey("viewer")) {
            all.put(CommandList.VALUE, "!pour, !dye, !bench");
        }
        wiring.house().inWords(brought).forEach((name, value) -> all.put(name, value.number() ? "12" : value.start()));
        wiring.deskValues().forEach((name, number) -> all.put(name, number ? "12" : "sage"));
        cue.takes().forEach(take -> take.score().parts().forEach(part -> all.putAll(part.results())));
        return all;
    }
}

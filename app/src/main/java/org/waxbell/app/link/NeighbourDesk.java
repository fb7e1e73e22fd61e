package org.waxbell.app.link;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.stereotype.Component;
import org.waxbell.app.inbox.OutcomeWatcher;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Refused;
import org.waxbell.app.store.SettingMapper;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.check.Problems;
import org.waxbell.engine.Outcome;
import org.waxbell.event.ChatLine;
import org.waxbell.journal.Decision;
import org.waxbell.link.NeighbourWatch;
import org.waxbell.link.NeighbourWatch.Suspect;
import org.waxbell.words.WordKey;

/** Notices who else answers our words, and remembers whom the host has called a viewer. */
@Component
public class NeighbourDesk implements OutcomeWatcher {
    private static final String SETTING = "neighbours.viewers";
    private static final int LONGEST = 40;
    private static final int MOST = 1_000;
    private final NeighbourWatch watch = new NeighbourWatch();
    private final SettingMapper settings;
    private final WiringStore wiring;
    private final Documents json;
    private final LinkPulse pulse;
    private Set<String> viewers;
    private Set<String> words = Set.of();
    private long wordsOf;

    NeighbourDesk(SettingMapper settings, WiringStore wiring, Documents json, LinkPulse pulse) {
        this.settings = settings;
        this.wiring = wiring;
        this.json = json;
        this.pulse = pulse;
        String kept = settings.get(SETTING);
        this.viewers = kept == null ? new TreeSet<>() : new TreeSet<>(List.of(json.read(kept, String[].class)));
    }

    /** How it stands. @param prefix the one in force @param freePrefix another that nobody uses, empty text where all are in use */
    public record Neighbourhood(List<Suspect> suspects, String prefix, String freePrefix) {}

    /** Who is suspected, and which prefix would be free. */
    public synchronized Neighbourhood standing() {
        String prefix = wiring.current().wiring().house().prefix();
        return new Neighbourhood(
                watch.suspects(decided()), prefix, watch.freePrefix(prefix).orElse(""));
    }

    private List<String> decided() {
        List<String> decided = new ArrayList<>(viewers);
        decided.addAll(wiring.current().wiring().house().neighbours());
        return decided;
    }

    /** The host says that it is a viewer all the same. */
    public synchronized void isViewer(String name) {
        Problems problems = new Problems();
        problems.at("name").text(name, LONGEST, "The name");
        problems.at("name").within(viewers.size(), 0, MOST - 1, "The number of viewers that were called so", "");
        if (!problems.found().isEmpty()) {
            throw new Refused(problems.found());
        }
        viewers.add(name);
        settings.put(SETTING, json.write(viewers));
    }

    @Override
    public synchronized void left(Outcome outcome) {
        boolean moved = false;
        for (Decision decision : outcome.decisions()) {
            if (decision.event() instanceof ChatLine line) {
                moved |= watch.hears(
                        decision.at(),
                        line.from(),
                        line.viewer().name(),
                        line.text(),
                        words().contains(WordKey.of(line.word())) ? line.word() : "");
            }
        }
        if (moved) {
            pulse.moved();
        }
    }

    private Set<String> words() {
        if (wordsOf != wiring.revision()) {
            Set<String> all = new HashSet<>();
            String prefix = wiring.current().wiring().house().prefix();
            wiring.current().wiring().cues().stream()
                    .flatMap(cue -> cue.pulls().stream())
                    .flatMap(pull -> pull.chatWords(prefix).stream())
                    .forEach(word -> all.add(WordKey.of(word)));
            words = all;
            wordsOf = wiring.revision();
        }
        return words;
    }
}

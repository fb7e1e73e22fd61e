package org.waxbell.app.people;

import java.security.SecureRandom;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.inbox.OutcomeWatcher;
import org.waxbell.engine.Outcome;
import org.waxbell.event.Viewer;
import org.waxbell.event.Written;
import org.waxbell.journal.Decision;

/** Lets a viewer prove that two accounts are theirs: a word that was made for them is written by each of both. */
@Component
public class Proofs implements OutcomeWatcher {
    /** How long a word counts, in milliseconds. */
    private static final long COUNTS_MS = 15 * 60_000;

    private static final int MOST = 50;
    private static final int LEAST_NUMBER = 1_000;
    private static final int NUMBERS = 9_000;
    private final SystemClock clock;
    private final SecureRandom random = new SecureRandom();
    private final Map<String, Asked> byWord = new LinkedHashMap<>();

    Proofs(SystemClock clock) {
        this.clock = clock;
    }

    private record Asked(String person, long until, Set<String> wrote) {}

    /** What was asked of somebody. @param word to be written by each account, empty text where nothing was asked @param wrote identities of the accounts that wrote it */
    public record Proof(String word, List<String> wrote) {
        static final Proof NONE = new Proof("", List.of());
    }

    /** Makes a word for somebody; one that was made for them before counts no longer. @param person identity */
    public synchronized Proof ask(String person) {
        byWord.values().removeIf(each -> each.person().equals(person) || each.until() < clock.now());
        if (byWord.size() >= MOST) {
            byWord.remove(byWord.keySet().iterator().next());
        }
        String word = "taper-" + (LEAST_NUMBER + random.nextInt(NUMBERS));
        byWord.put(word, new Asked(person, clock.now() + COUNTS_MS, new LinkedHashSet<>()));
        return of(person);
    }

    /** How that of somebody stands. */
    public synchronized Proof of(String person) {
        return byWord.entrySet().stream()
                .filter(each -> each.getValue().person().equals(person)
                        && each.getValue().until() >= clock.now())
                .findFirst()
                .map(each ->
                        new Proof(each.getKey(), List.copyOf(each.getValue().wrote())))
                .orElse(Proof.NONE);
    }

    @Override
    public synchronized void left(Outcome outcome) {
        if (byWord.isEmpty()) {
            return;
        }
        for (Decision each : outcome.decisions()) {
            if (each.event() instanceof Written line) {
                Asked asked = byWord.get(line.text().strip());
                if (asked != null && asked.until() >= clock.now()) {
                    line.by().map(Viewer::id).ifPresent(asked.wrote()::add);
                }
            }
        }
    }
}

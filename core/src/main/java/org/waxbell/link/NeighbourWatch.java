package org.waxbell.link;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import org.waxbell.words.WordKey;

/**
 * Notices who else answers our words: an account most of whose lines come right after somebody typed one of them. It only
 * suggests; the host decides whether that is a neighbour. Not safe for several threads.
 */
public final class NeighbourWatch {
    /** How soon after the word an answer comes, in milliseconds. */
    static final long SOON = 2_000;
    /** How many answers it takes to be noticed. */
    static final int ENOUGH = 3;
    /** The share of an account's lines that must be such answers; a chatty viewer writes at other times too. */
    static final double MOSTLY = 0.8;

    private static final int MOST_ACCOUNTS = 5_000;
    private static final List<String> PREFIXES = List.of("!", "+", "~", "=", "%", "&", "!!", "+!");
    private final Map<String, Habit> habits = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Habit> eldest) {
            return size() > MOST_ACCOUNTS;
        }
    };
    private final Map<String, Integer> beginnings = new HashMap<>();
    private final Map<String, Asked> asked = new HashMap<>();

    private static final class Habit {
        private final String name;
        private final TreeSet<String> words = new TreeSet<>();
        private int lines;
        private int answers;

        Habit(String name) {
            this.name = name;
        }

        boolean suspect() {
            return answers >= ENOUGH && answers >= lines * MOSTLY;
        }
    }

    private record Asked(long at, String word, String by) {}

    /** An account that seems to be another helper. @param words of ours that it answered @param answers how often */
    public record Suspect(String name, List<String> words, int answers) {}

    /**
     * A line was written; whether that made its writer suspect, or no longer.
     *
     * @param link where
     * @param ours the word of ours that stands at its beginning, as it was typed; empty text for none
     */
    public boolean hears(long at, String link, String name, String line, String ours) {
        for (String prefix : PREFIXES) {
            if (line.length() > prefix.length()
                    && line.startsWith(prefix)
                    && Character.isLetter(line.charAt(prefix.length()))) {
                beginnings.merge(prefix, 1, Integer::sum);
            }
        }
        Habit habit = habits.computeIfAbsent(WordKey.of(name), key -> new Habit(name));
        boolean before = habit.suspect();
        habit.lines++;
        Asked last = asked.get(link);
        if (last != null && at - last.at() <= SOON && !last.by().equals(name) && ours.isEmpty()) {
            habit.answers++;
            habit.words.add(last.word());
        }
        if (!ours.isEmpty()) {
            asked.put(link, new Asked(at, ours, name));
        }
        return habit.suspect() != before;
    }

    /** Who seems to be another helper. @param known those of whom the host has decided already */
    public List<Suspect> suspects(Collection<String> known) {
        TreeSet<String> decided = new TreeSet<>();
        known.forEach(name -> decided.add(WordKey.of(name)));
        List<Suspect> found = new ArrayList<>();
        habits.forEach((key, habit) -> {
            if (!decided.contains(key) && habit.suspect()) {
                found.add(new Suspect(habit.name, List.copyOf(habit.words), habit.answers));
            }
        });
        return found;
    }

    /** A prefix that nobody typed so far and that is not {@code present}; empty where all are in use. */
    public Optional<String> freePrefix(String present) {
        return PREFIXES.stream()
                .filter(prefix -> !prefix.equals(present) && !beginnings.containsKey(prefix))
                .findFirst();
    }
}

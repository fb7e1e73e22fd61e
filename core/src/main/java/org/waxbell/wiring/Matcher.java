package org.waxbell.wiring;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.function.Predicate;
import org.ahocorasick.trie.PayloadEmit;
import org.ahocorasick.trie.PayloadTrie;
import org.jspecify.annotations.Nullable;
import org.waxbell.cue.Pull;
import org.waxbell.cue.PullIndex;
import org.waxbell.cue.WordKey;
import org.waxbell.event.ChatLine;
import org.waxbell.event.ShowEvent;

/**
 * Finds the cues that an event concerns without asking all of them: the first word by one look-up, all phrases by one pass
 * of an Aho–Corasick automaton, patterns only where their literal was found, other events by their kind.
 */
final class Matcher {
    private final Map<String, List<Integer>> byWord = new HashMap<>();
    private final Map<String, List<Asked<ShowEvent>>> byKind = new HashMap<>();
    private final List<Asked<String>> byEveryLine = new ArrayList<>();
    private final @Nullable PayloadTrie<List<Asked<String>>> byText;
    private final List<ReadyCue> cues;
    private final Map<Integer, List<ReadyCue>> alone = new HashMap<>();

    /** A pull that decides by itself what was looked up. */
    private record Asked<T>(int cue, Predicate<T> rest) {
    }

    Matcher(List<ReadyCue> cues) {
        this.cues = cues;
        Map<String, List<Asked<String>>> texts = new HashMap<>();
        for (int i = 0; i < cues.size(); i++) {
            Entering entering = new Entering(i, texts);
            for (Pull pull : cues.get(i).cue().pulls()) {
                pull.enter(entering);
            }
            alone.put(i, List.of(cues.get(i)));
        }
        byText = texts.isEmpty() ? null : trie(texts);
    }

    private static PayloadTrie<List<Asked<String>>> trie(Map<String, List<Asked<String>>> texts) {
        PayloadTrie.PayloadTrieBuilder<List<Asked<String>>> builder = PayloadTrie.builder();
        texts.forEach(builder::addKeyword);
        return builder.build();
    }

    private final class Entering implements PullIndex {
        private final int cue;
        private final Map<String, List<Asked<String>>> texts;

        Entering(int cue, Map<String, List<Asked<String>>> texts) {
            this.cue = cue;
            this.texts = texts;
        }

        @Override
        public void byWord(String word) {
            List<Integer> there = byWord.computeIfAbsent(WordKey.of(word), key -> new ArrayList<>(1));
            if (!there.contains(cue)) {
                there.add(cue);
            }
        }

        @Override
        public void byText(String text, Predicate<String> rest) {
            texts.computeIfAbsent(WordKey.of(text), key -> new ArrayList<>(1)).add(new Asked<>(cue, rest));
        }

        @Override
        public void byEveryLine(Predicate<String> rest) {
            byEveryLine.add(new Asked<>(cue, rest));
        }

        @Override
        public void byKind(String kind, Predicate<ShowEvent> rest) {
            byKind.computeIfAbsent(kind, key -> new ArrayList<>()).add(new Asked<>(cue, rest));
        }
    }

    /** The cues that {@code event} concerns, in the order of the list, each once. */
    List<ReadyCue> match(ShowEvent event) {
        if (event instanceof ChatLine line) {
            return match(line);
        }
        TreeSet<Integer> found = new TreeSet<>();
        for (Asked<ShowEvent> asked : byKind.getOrDefault(event.kind(), List.of())) {
            if (asked.rest().test(event)) {
                found.add(asked.cue());
            }
        }
        return found.stream().map(cues::get).toList();
    }

    private List<ReadyCue> match(ChatLine line) {
        List<Integer> words = byWord.getOrDefault(WordKey.of(line.word()), List.of());
        if (byText == null && byEveryLine.isEmpty()) {
            return words.isEmpty() ? List.of() : words.size() == 1 ? alone.get(words.get(0)) : words.stream().map(cues::get).toList();
        }
        TreeSet<Integer> found = new TreeSet<>(words);
        String folded = WordKey.of(line.text());
        if (byText != null) {
            for (PayloadEmit<List<Asked<String>>> emit : byText.parseText(folded)) {
                ask(emit.getPayload(), folded, found);
            }
        }
        ask(byEveryLine, folded, found);
        return found.stream().map(cues::get).toList();
    }

    private static void ask(List<Asked<String>> all, String folded, TreeSet<Integer> found) {
        for (Asked<String> asked : all) {
            if (!found.contains(asked.cue()) && asked.rest().test(folded)) {
                found.add(asked.cue());
            }
        }
    }
}

package org.waxbell.wiring;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Predicate;
import org.ahocorasick.trie.PayloadEmit;
import org.ahocorasick.trie.PayloadTrie;
import org.jspecify.annotations.Nullable;
import org.waxbell.cue.FirstLinePull;
import org.waxbell.cue.Pull;
import org.waxbell.cue.PullIndex;
import org.waxbell.event.ChatLine;
import org.waxbell.event.ShowEvent;
import org.waxbell.words.WordKey;

/**
 * Finds the cues that an event concerns without asking all of them: the first word by one look-up, all phrases by one pass
 * of an Aho–Corasick automaton, patterns only where their literal was found, other events by their kind.
 */
public final class Matcher {
    private final Map<String, List<Asked<ChatLine>>> byWord = new HashMap<>();
    private final Map<String, List<Asked<ShowEvent>>> byKind = new HashMap<>();
    private final List<Asked<String>> byEveryLine = new ArrayList<>();
    private final List<First> firsts = new ArrayList<>();
    private final @Nullable PayloadTrie<List<Asked<String>>> byText;
    private final List<ReadyCue> cues;

    /** A pull that decides by itself what was looked up. */
    private record Asked<T>(int cue, Match match, Predicate<T> rest) {}

    private record First(int cue, Match match, FirstLinePull pull) {}

    Matcher(List<ReadyCue> cues, String prefix) {
        this.cues = cues;
        Map<String, List<Asked<String>>> texts = new HashMap<>();
        for (int i = 0; i < cues.size(); i++) {
            for (Pull pull : cues.get(i).cue().pulls()) {
                pull.enter(new Entering(i, prefix, pull.exactness(), texts));
            }
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
        private final String prefix;
        private final Match match;
        private final Map<String, List<Asked<String>>> texts;

        Entering(int cue, String prefix, long exactness, Map<String, List<Asked<String>>> texts) {
            this.cue = cue;
            this.prefix = prefix;
            this.match = new Match(cues.get(cue), exactness, null);
            this.texts = texts;
        }

        @Override
        public String cueId() {
            return cues.get(cue).cue().id();
        }

        @Override
        public String generalPrefix() {
            return prefix;
        }

        @Override
        public void byWord(String word, Predicate<ChatLine> rest) {
            byWord.computeIfAbsent(WordKey.of(word), key -> new ArrayList<>(1)).add(new Asked<>(cue, match, rest));
        }

        @Override
        public void byText(String text, Predicate<String> rest) {
            texts.computeIfAbsent(WordKey.of(text), key -> new ArrayList<>(1)).add(new Asked<>(cue, match, rest));
        }

        @Override
        public void byEveryLine(Predicate<String> rest) {
            byEveryLine.add(new Asked<>(cue, match, rest));
        }

        @Override
        public void byFirstLine(FirstLinePull pull) {
            firsts.add(new First(cue, new Match(match.ready(), match.exactness(), pull), pull));
        }

        @Override
        public void byKind(String kind, Predicate<ShowEvent> rest) {
            byKind.computeIfAbsent(kind, key -> new ArrayList<>()).add(new Asked<>(cue, match, rest));
        }
    }

    /** The cues that {@code event} concerns, in the order of the list, each once with its most exact pull. */
    List<Match> match(ShowEvent event, FirstLines spent) {
        if (event instanceof ChatLine line) {
            return match(line, spent);
        }
        List<Asked<ShowEvent>> asked = byKind.get(event.kind());
        if (asked == null) {
            return List.of();
        }
        TreeMap<Integer, Match> found = new TreeMap<>();
        asked.forEach(each -> ask(each, event, found));
        return List.copyOf(found.values());
    }

    private List<Match> match(ChatLine line, FirstLines spent) {
        List<Asked<ChatLine>> words = byWord.get(WordKey.of(line.word()));
        if (words == null && byText == null && byEveryLine.isEmpty() && firsts.isEmpty()) {
            return List.of();
        }
        if (words != null && words.size() == 1 && byText == null && byEveryLine.isEmpty() && firsts.isEmpty()) {
            return words.get(0).rest().test(line) ? List.of(words.get(0).match()) : List.of();
        }
        TreeMap<Integer, Match> found = new TreeMap<>();
        if (words != null) {
            words.forEach(each -> ask(each, line, found));
        }
        if (byText != null || !byEveryLine.isEmpty()) {
            texts(WordKey.of(line.text()), found);
        }
        for (First first : firsts) {
            if (!found.containsKey(first.cue())
                    && first.pull().concerns(line.viewer())
                    && !spent.spent(first.match(), line)) {
                found.put(first.cue(), first.match());
            }
        }
        return List.copyOf(found.values());
    }

    boolean waitsFor(ShowEvent event) {
        List<Asked<ShowEvent>> asked = byKind.get(event.kind());
        return asked != null && asked.stream().anyMatch(each -> each.rest().test(event));
    }

    boolean hasFirstLine(ChatLine line) {
        return !firsts.isEmpty()
                && firsts.stream().anyMatch(first -> first.pull().concerns(line.viewer()));
    }

    private void texts(String folded, TreeMap<Integer, Match> found) {
        if (byText != null) {
            for (PayloadEmit<List<Asked<String>>> emit : byText.parseText(folded)) {
                emit.getPayload().forEach(each -> ask(each, folded, found));
            }
        }
        byEveryLine.forEach(each -> ask(each, folded, found));
    }

    private static <T> void ask(Asked<T> asked, T what, TreeMap<Integer, Match> found) {
        Match before = found.get(asked.cue());
        if ((before == null || before.exactness() < asked.match().exactness())
                && asked.rest().test(what)) {
            found.put(asked.cue(), asked.match());
        }
    }

    /** Knows whose first line tonight is spent. */
    @FunctionalInterface
    public interface FirstLines {
        /** Whether the line cannot be the first any more in the sense of the match's pull. */
        boolean spent(Match match, ChatLine line);
    }
}

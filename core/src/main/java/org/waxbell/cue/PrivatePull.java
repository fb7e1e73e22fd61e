package org.waxbell.cue;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.waxbell.check.Problems;
import org.waxbell.event.Written;

/** Sets the cue off by a private message. @param words the first word must be one of them; none for any message */
public record PrivatePull(List<String> words) implements Pull {
    private static final int MOST_WORDS = 20;

    public PrivatePull {
        words = List.copyOf(words);
    }

    @Override
    public Set<String> fields() {
        return Written.FIELDS;
    }

    @Override
    public long exactness() {
        return words.isEmpty() ? Exactness.PATTERN : Exactness.WORD;
    }

    @Override
    public void enter(PullIndex index) {
        Set<String> keys = words.stream().map(WordKey::of).collect(Collectors.toSet());
        index.byKind(
                "privateLine",
                event -> keys.isEmpty() || event instanceof Written line && keys.contains(WordKey.of(line.word())));
    }

    @Override
    public void check(Problems problems) {
        if (words.size() > MOST_WORDS) {
            problems.at("words")
                    .add(words.size() + " words", "There are too many words.", "Keep it to " + MOST_WORDS + ".");
        }
        for (int i = 0; i < words.size(); i++) {
            problems.at("words", i).text(words.get(i), 40, "The word");
        }
    }
}

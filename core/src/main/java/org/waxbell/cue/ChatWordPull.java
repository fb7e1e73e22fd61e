package org.waxbell.cue;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.waxbell.check.Problems;
import org.waxbell.event.ChatLine;
import org.waxbell.event.ChatText;

/** Sets the cue off when a line of chat begins with one of these words, prefix included: {@code !pour}. */
public record ChatWordPull(List<String> words) implements Pull {
    private static final int MOST_WORDS = 20;
    private static final int LONGEST_WORD = 40;

    public ChatWordPull {
        words = List.copyOf(words);
    }

    @Override
    public Set<String> fields() {
        return ChatLine.FIELDS;
    }

    @Override
    public void enter(PullIndex index) {
        words.forEach(index::byWord);
    }

    @Override
    public List<String> chatWords() {
        return words;
    }

    @Override
    public void check(Problems problems) {
        if (words.isEmpty() || words.size() > MOST_WORDS) {
            problems.at("words").add(words.size() + " words", "A chat word pull has from 1 to " + MOST_WORDS + " words.",
                    words.isEmpty() ? "Write a word, such as !pour." : "Take some away.");
        }
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < words.size(); i++) {
            String word = words.get(i);
            Problems here = problems.at("words", i);
            here.text(word, LONGEST_WORD, "The word");
            if (word.contains(" ") || !ChatText.line(word).equals(word)) {
                here.add(word, "A chat word is one word, without spaces or marks that do not show.",
                        "Write it without them, such as !pour.");
            } else if (!seen.add(WordKey.of(word))) {
                here.add(word, "The word stands here twice; capitals make no difference.", "Take one of them away.");
            }
        }
    }
}

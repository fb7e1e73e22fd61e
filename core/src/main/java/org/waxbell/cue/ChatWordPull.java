package org.waxbell.cue;

import com.google.re2j.Pattern;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.waxbell.check.Problems;
import org.waxbell.event.ChatText;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Written;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;
import org.waxbell.words.WordKey;

/**
 * Sets the cue off when a line of chat begins with one of these words.
 *
 * @param words    as they are typed, prefix included: {@code !pour}; bare where the general prefix is used
 * @param general  whether the prefix of the house is put before each of them
 * @param argument pattern in the syntax of RE2 that what follows the word must match as a whole, so that one word may mean
 *                 different cues; empty text for anything
 */
public record ChatWordPull(List<String> words, boolean general, String argument) implements Pull {
    /** What it says of itself. */
    public static final Kind<Pull> KIND = Kind.<Pull>of(
                    ChatWordPull.class, "chatWord", "someone types a word", "Chat words")
            .also("command chat !")
            .with(
                    Field.many("words", "Any of these, with a space between")
                            .hint("Capitals make no difference. What follows the word is there as {argument}."),
                    Field.flag("general", "with the sign of the channel, such as !, before them"),
                    Field.of(Field.Type.CODE, "argument", "Only where this pattern fits what follows")
                            .hint("Empty for anything. Regular expression (RE2)."))
            .making(on -> new ChatWordPull(List.of("!"), false, ""));

    private static final int MOST_WORDS = 20;
    private static final int LONGEST_WORD = 40;

    public ChatWordPull {
        words = List.copyOf(words);
    }

    /** Words with their own prefix, and anything behind them. */
    public static ChatWordPull of(String... words) {
        return new ChatWordPull(List.of(words), false, "");
    }

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Said said(Naming names) {
        String typed = Said.either(chatWords(names.prefix()));
        return new Said(
                typed.isEmpty() ? "no word yet" : typed,
                true,
                "is typed" + (argument.isEmpty() ? "" : " with " + argument + " behind it"));
    }

    @Override
    public ShowEvent sample(Sampling on) {
        return on.line((words.isEmpty() ? "" : chatWords(on.prefix()).get(0)) + on.behind());
    }

    @Override
    public Set<String> fields() {
        return Written.FIELDS;
    }

    @Override
    public boolean typed() {
        return true;
    }

    @Override
    public long exactness() {
        return argument.isEmpty() ? Exactness.WORD : Exactness.WORD + 1;
    }

    @Override
    public void enter(PullIndex index) {
        Pattern compiled = argument.isEmpty() ? null : Pattern.compile(argument, Pattern.CASE_INSENSITIVE);
        for (String word : chatWords(index.generalPrefix())) {
            index.byWord(
                    word,
                    compiled == null
                            ? line -> true
                            : line -> compiled.matches(line.argument().strip()));
        }
    }

    @Override
    public List<String> chatWords(String prefix) {
        return general ? words.stream().map(word -> prefix + word).toList() : words;
    }

    @Override
    public void check(Problems problems) {
        if (words.isEmpty() || words.size() > MOST_WORDS) {
            problems.at("words")
                    .add(
                            words.size() + " words",
                            "A chat word pull has from 1 to " + MOST_WORDS + " words.",
                            words.isEmpty() ? "Write a word, such as !pour." : "Take some away.");
        }
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < words.size(); i++) {
            word(problems.at("words", i), words.get(i), seen);
        }
        if (!argument.isEmpty()) {
            PatternPull.check(problems.at("argument"), argument);
        }
    }

    private static void word(Problems here, String word, Set<String> seen) {
        here.text(word, LONGEST_WORD, "The word");
        if (word.contains(" ") || !ChatText.line(word).equals(word)) {
            here.add(
                    word,
                    "A chat word is one word, without spaces or marks that do not show.",
                    "Write it without them, such as !pour.");
        } else if (!seen.add(WordKey.of(word))) {
            here.add(word, "The word stands here twice; capitals make no difference.", "Take one of them away.");
        }
    }
}

package org.waxbell.cue;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.waxbell.check.Problems;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Written;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;
import org.waxbell.words.WordKey;

/** Sets the cue off by a private message. @param words the first word must be one of them; none for any message */
public record PrivatePull(List<String> words) implements Pull {
    /** What it says of itself. */
    public static final Kind<Pull> KIND = Kind.<Pull>of(
                    PrivatePull.class, "private", "a private message comes", "Private message")
            .also("whisper")
            .with(Field.many("words", "Beginning with any of these").hint("Empty for any message."))
            .making(on -> new PrivatePull(List.of()));

    private static final int MOST_WORDS = 20;

    public PrivatePull {
        words = List.copyOf(words);
    }

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Said said(Naming names) {
        return Said.of(
                words.isEmpty() ? "a private message comes" : Said.either(words) + " comes as a private message");
    }

    @Override
    public ShowEvent sample(Sampling on) {
        return on.privately(words.isEmpty() ? "hello" : words.get(0));
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

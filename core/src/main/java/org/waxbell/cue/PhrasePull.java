package org.waxbell.cue;

import java.util.List;
import java.util.Set;
import org.waxbell.check.Problems;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Written;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;
import org.waxbell.words.WordKey;

/** Sets the cue off when a line of chat holds one of these phrases. @param wholeWords whether letters may stand beside it */
public record PhrasePull(List<String> phrases, boolean wholeWords) implements Pull {
    /** What it says of itself. */
    public static final Kind<Pull> KIND = Kind.<Pull>of(
                    PhrasePull.class, "phrase", "a phrase stands in a line", "Phrase")
            .also("keyword text")
            .with(
                    Field.many("phrases", "Any of these, with a comma between"),
                    Field.flag("wholeWords", "only as whole words"))
            .making(on -> new PhrasePull(List.of(), true));

    private static final int MOST_PHRASES = 50;
    private static final int LONGEST_PHRASE = 100;

    public PhrasePull {
        phrases = List.copyOf(phrases);
    }

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Said said(Naming names) {
        return Said.of((phrases.isEmpty()
                        ? "a phrase"
                        : Said.either(
                                phrases.stream().map(each -> "“" + each + "”").toList()))
                + " stands in a line");
    }

    @Override
    public ShowEvent sample(Sampling on) {
        return on.line((phrases.isEmpty() ? "good evening" : phrases.get(0)) + ", all");
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
        return Exactness.PHRASE;
    }

    @Override
    public void enter(PullIndex index) {
        for (String phrase : phrases) {
            String key = WordKey.of(phrase);
            index.byText(phrase, line -> !wholeWords || standsAlone(line, key));
        }
    }

    /** Whether the phrase stands in the folded line at least once with no letter or digit beside it. */
    private static boolean standsAlone(String line, String phrase) {
        for (int at = line.indexOf(phrase); at >= 0; at = line.indexOf(phrase, at + 1)) {
            boolean before = at > 0 && Character.isLetterOrDigit(line.codePointBefore(at));
            int end = at + phrase.length();
            if (!before && (end == line.length() || !Character.isLetterOrDigit(line.codePointAt(end)))) {
                return true;
            }
        }
        return false;
    }

    @Override
    public void check(Problems problems) {
        if (phrases.isEmpty() || phrases.size() > MOST_PHRASES) {
            problems.at("phrases")
                    .add(
                            phrases.size() + " phrases",
                            "A phrase pull has from 1 to " + MOST_PHRASES + " phrases.",
                            phrases.isEmpty() ? "Write one, such as good evening." : "Take some away.");
        }
        for (int i = 0; i < phrases.size(); i++) {
            problems.at("phrases", i).text(phrases.get(i), LONGEST_PHRASE, "The phrase");
        }
    }
}

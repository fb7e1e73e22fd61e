package org.waxbell.cue;

import com.google.re2j.Pattern;
import com.google.re2j.PatternSyntaxException;
import java.util.Set;
import org.waxbell.check.Problems;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Written;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;

/**
 * Sets the cue off when a pattern is found in a line of chat; capitals make no difference.
 *
 * @param pattern regular expression in the syntax of RE2, which takes time linear in the line
 * @param literal text that every line has which the pattern finds, so that most lines need not be tried; may be empty text,
 *                but only for a few patterns
 */
public record PatternPull(String pattern, String literal) implements Pull {
    /** What it says of itself. */
    public static final Kind<Pull> KIND = Kind.<Pull>of(
                    PatternPull.class, "pattern", "a line fits a pattern", "Pattern")
            .also("regular expression regex")
            .with(
                    Field.of(Field.Type.CODE, "pattern", "Pattern (RE2)"),
                    Field.of(Field.Type.TEXT, "literal", "Text that every such line has")
                            .hint("With it, most lines need not be tried."))
            .making(on -> new PatternPull("", ""));

    /** How many patterns of a wiring may go without a literal. */
    public static final int MOST_WITHOUT_LITERAL = 20;

    private static final int LONGEST_PATTERN = 300;

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Said said(Naming names) {
        return Said.of(pattern.isEmpty() ? "a line fits a pattern" : "a line fits the pattern " + pattern);
    }

    @Override
    public ShowEvent sample(Sampling on) {
        return on.line(literal.isEmpty() ? pattern.isEmpty() ? "good evening" : pattern : literal);
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
        return Exactness.PATTERN;
    }

    @Override
    public void enter(PullIndex index) {
        Pattern compiled = Pattern.compile(pattern, Pattern.CASE_INSENSITIVE);
        if (literal.isEmpty()) {
            index.byEveryLine(line -> compiled.matcher(line).find());
        } else {
            index.byText(literal, line -> compiled.matcher(line).find());
        }
    }

    @Override
    public void check(Problems problems) {
        check(problems.at("pattern"), pattern);
    }

    /** Adds a problem where {@code pattern} is empty, too long, or cannot be read. */
    static void check(Problems here, String pattern) {
        here.text(pattern, LONGEST_PATTERN, "The pattern");
        try {
            Pattern.compile(pattern, Pattern.CASE_INSENSITIVE);
        } catch (PatternSyntaxException wrong) {
            here.add(
                    pattern,
                    "The pattern cannot be read: " + wrong.getDescription() + " at \"" + wrong.getPattern() + "\".",
                    "Write a regular expression such as pour(ed|ing)?.");
        }
    }
}

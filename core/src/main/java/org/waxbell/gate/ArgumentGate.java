package org.waxbell.gate;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.waxbell.check.Problems;
import org.waxbell.condition.Scope;
import org.waxbell.kind.Choice;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;

/**
 * Asks for something behind the chat word, of the right kind; says what is missing in the cue's own usage line.
 *
 * @param wants what it must be
 * @param least smallest number, where a number is wanted
 * @param most  largest number, or longest text in characters
 * @param words the words to choose from, where one of them is wanted
 * @param knownOnly whether a viewer must be someone who was ever seen here
 * @param usage how to write it, such as {@code !pour 1 to 10}; empty text for a line made of the rest
 */
public record ArgumentGate(Wants wants, long least, long most, List<String> words, boolean knownOnly, String usage)
        implements Gate {
    /** What it says of itself. */
    public static final Kind<Gate> KIND = Kind.<Gate>of(
                    ArgumentGate.class, "argument", "something stands behind the word", "Behind the word")
            .also("argument parameter")
            .saying("argument missing or wrong")
            .with(
                    Field.choice(
                            "wants",
                            "It must be",
                            Stream.of(Wants.values())
                                    .map(each -> new Choice(Kind.written(each), each.words))
                                    .toArray(Choice[]::new)),
                    Field.of(Field.Type.NUMBER, "least", "From").when("wants", "number"),
                    Field.of(Field.Type.NUMBER, "most", "At most").when("wants", "number", "text"),
                    Field.many("words", "The words, with a space between").when("wants", "oneOf"),
                    Field.flag("knownOnly", "only somebody who was seen here").when("wants", "viewer"),
                    Field.text("usage", "How to write it", 120)
                            .called("The usage line")
                            .hint("Told with the refusal, such as !pour 1 to 10."))
            .making(on -> new ArgumentGate(Wants.TEXT, 1, 100, List.of(), false, ""));

    private static final Pattern VIEWER = Pattern.compile("@?[\\p{L}\\p{N}_]{1,40}");
    private static final Pattern COLOUR = Pattern.compile("#?(\\p{XDigit}{6}|\\p{XDigit}{3})");
    private static final Pattern LINK = Pattern.compile("https?://[^\\s/.]+(\\.[^\\s/.]+)+(/\\S*)?");
    private static final Pattern NUMBER = Pattern.compile("-?\\d{1,15}");

    /** Kinds of argument. */
    public enum Wants {
        /** The name of a viewer, with or without the at sign. */
        VIEWER("the name of a viewer"),
        /** A whole number within the bounds. */
        NUMBER("a number"),
        /** A colour of three or six hex digits. */
        COLOUR("a colour such as #c8841a"),
        /** A web address. */
        LINK("a web address"),
        /** One of the words. */
        ONE_OF("one of its words"),
        /** Any text that is not too long. */
        TEXT("some text");

        private final String words;

        Wants(String words) {
            this.words = words;
        }
    }

    public ArgumentGate {
        words = List.copyOf(words);
    }

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Said said(Naming names) {
        return Said.of("with " + (wants == Wants.ONE_OF ? Said.either(words) : inWords()) + " behind it");
    }

    @Override
    public int order() {
        return 15;
    }

    @Override
    public Check ready(Scope scope) {
        return this::ask;
    }

    private GateAnswer ask(GateQuery query) {
        String argument = query.event().values().getOrDefault("argument", "").strip();
        if (argument.isEmpty()) {
            return held("needs " + inWords());
        }
        if (!fits(argument)) {
            return held("\"" + argument + "\" is not " + inWords());
        }
        boolean stranger = wants == Wants.VIEWER && knownOnly && !query.facts().knows(argument.replaceFirst("^@", ""));
        return stranger
                ? held("nobody called " + argument + " was seen here")
                : GateAnswer.pass("argument", "has " + wants.words);
    }

    private GateAnswer held(String reason) {
        return GateAnswer.held("argument", usage.isEmpty() ? reason : reason + ": " + usage, Map.of());
    }

    /** What must stand behind the word: {@code a number from 1 to 10}. */
    public String inWords() {
        if (wants == Wants.NUMBER) {
            return "a number from " + least + " to " + most;
        }
        if (wants == Wants.ONE_OF) {
            return "one of " + String.join(", ", words);
        }
        return wants == Wants.TEXT ? "text of " + most + " characters at most" : wants.words;
    }

    /** Something that may stand behind the word. */
    public String sample() {
        return switch (wants) {
            case VIEWER -> "tallowmoth";
            case NUMBER -> Long.toString(least);
            case COLOUR -> "#c8841a";
            case LINK -> "https://example.org/wax";
            case ONE_OF -> words.isEmpty() ? "" : words.get(0);
            case TEXT -> "sage";
        };
    }

    private boolean fits(String argument) {
        return switch (wants) {
            case VIEWER -> VIEWER.matcher(argument).matches();
            case COLOUR -> COLOUR.matcher(argument).matches();
            case LINK -> LINK.matcher(argument).matches();
            case NUMBER -> NUMBER.matcher(argument).matches() && within(Long.parseLong(argument));
            case ONE_OF ->
                words.stream()
                        .anyMatch(word -> word.toLowerCase(Locale.ROOT).equals(argument.toLowerCase(Locale.ROOT)));
            case TEXT -> argument.length() <= most;
        };
    }

    private boolean within(long number) {
        return least <= number && number <= most;
    }

    @Override
    public void check(Problems problems, Scope scope) {
        if (wants == Wants.ONE_OF && words.isEmpty()) {
            problems.at("words").add("[]", "There is no word to choose from.", "Write at least one.");
        }
        if (wants == Wants.NUMBER && least > most) {
            problems.at("most")
                    .add(most, "The largest number is below the smallest, " + least + ".", "Make it larger.");
        }
        if (wants == Wants.TEXT) {
            problems.at("most").within(most, 1, 500, "The longest text", " characters");
        }
        KIND.check(this, problems);
    }
}

package org.waxbell.score;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiPredicate;
import org.jspecify.annotations.Nullable;
import org.waxbell.check.Problems;
import org.waxbell.look.Look;
import org.waxbell.shelf.Shelf;
import org.waxbell.stage.Stage;
import org.waxbell.time.Spans;
import org.waxbell.words.Wording;

/**
 * What a part is checked against before it is saved.
 *
 * @param problems collects, standing at the part
 * @param ground   the rest of the wiring
 * @param fields   names of values that its words may use
 * @param some     names that only some pulls of the cue bring, for which a case must be given
 * @param numbers  those of all of them that are numbers
 */
public record PartCheck(Problems problems, Ground ground, Set<String> fields, Set<String> some, Set<String> numbers) {
    private static final int LONGEST_WORDS = 500;

    /** Checks a field of words: its length, its braces and the values it names. */
    public void words(String field, String pattern, boolean mayBeEmpty) {
        Problems here = problems.at(field);
        if (!mayBeEmpty || !pattern.isEmpty()) {
            here.text(pattern, LONGEST_WORDS, "The text");
        }
        Wording.Fault fault = Wording.faultOf(pattern);
        if (fault != null) {
            here.add(
                    pattern,
                    "The words cannot be read at character " + (fault.at() + 1) + ": " + fault.message() + ".",
                    "Write a value as {viewer}, a plural as {giftCount, plural, one {# sprig} other {# sprigs}}.");
            return;
        }
        for (Wording.Use use : Wording.uses(pattern)) {
            if (!fields.contains(use.name()) && !(use.guarded() && some.contains(use.name()))) {
                here.add(
                        "{" + use.name() + "}",
                        some.contains(use.name())
                                ? "Not every pull of this cue brings \"" + use.name() + "\"."
                                : "No value is called \"" + use.name() + "\" here.",
                        some.contains(use.name())
                                ? "Give it a case for its absence: {" + use.name() + ", select, none {nothing} other {"
                                        + use.name() + "}}."
                                : "Use one of "
                                        + fields.stream()
                                                .sorted()
                                                .map(known -> "{" + known + "}")
                                                .toList() + ".");
            } else if (use.number() && !numbers.contains(use.name())) {
                here.add(
                        "{" + use.name() + "}",
                        "This value is text, and a plural or number needs a number.",
                        "Use one of "
                                + numbers.stream()
                                        .sorted()
                                        .map(known -> "{" + known + "}")
                                        .toList() + ", or the value alone.");
            }
        }
    }

    /** The media there are. */
    Shelf shelf() {
        return ground.shelf();
    }

    /** The ids of all looks. */
    List<String> looks() {
        return ground.looks().stream().map(Look::id).toList();
    }

    /** Checks the fields of a part as its kind describes them. */
    public void fields(Part part) {
        part.kind().check(part, problems, (field, pattern) -> words(field.key(), pattern, !field.isNeeded()));
    }

    /** Checks that something lasts longer than it comes and goes. @param lengthMs how long it lasts at most */
    void easing(long entryMs, long exitMs, long lengthMs) {
        if (entryMs + exitMs > lengthMs) {
            problems.at("lengthMs")
                    .add(
                            lengthMs,
                            "It would be gone before it has come in and gone out (" + Spans.inWords(entryMs + exitMs)
                                    + ").",
                            "Make it longer, or its entry and exit shorter.");
        }
    }

    /** Checks that the file that a part cannot do without is named and lies on the shelf. */
    void media(MediaUse use) {
        if (use.file().isEmpty() || use.on(shelf()).isEmpty()) {
            problems.at(use.field())
                    .add(use.file(), "There is no such " + use.what() + " on the shelf.", "Choose one that is there.");
        }
    }

    /** Checks that a look-up of that id has found somebody by the time the part begins, also one that failed in a take that is played before. */
    void lookUp(String id) {
        if (!fields().contains(Brought.name(id, "name"))) {
            problems.at("lookUp")
                    .add(
                            id,
                            "No look-up of that name is over when this begins.",
                            "Let it begin after a part “Look up a broadcaster”, and write that part's name here.");
        }
    }

    /** Checks that there is a look of that id. */
    void look(String id) {
        if (!looks().contains(id)) {
            problems.at("look").add(id, "There is no such look.", "Choose one of " + looks() + ".");
        }
    }

    /** Whether there is a rack of that id. */
    boolean hasRack(String id) {
        return ground.hasRack(id);
    }

    /** Whether a value of the slate is a number; null where there is no such value. */
    @Nullable
    Boolean slateNumber(String value) {
        return ground.slate().get(value);
    }

    /** The same at another place, with more names for words. */
    PartCheck at(Problems place, Set<String> more) {
        Set<String> all = new HashSet<>(fields);
        all.addAll(more);
        return new PartCheck(place, ground, all, some, numbers);
    }

    /** Checks that the stage exists, and on it what {@code found} looks for. */
    void onStage(String stage, String field, String id, BiPredicate<Stage, String> found, String what) {
        Stage known = ground.stage(stage).orElse(null);
        if (known == null) {
            problems.at("stage").add(stage, "There is no such stage.", "Choose one that is in Stages.");
        } else if (!found.test(known, id)) {
            problems.at(field)
                    .add(id, "The stage " + known.name() + " has no such " + what + ".", "Choose one of its own.");
        }
    }
}

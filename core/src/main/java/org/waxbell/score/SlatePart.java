package org.waxbell.score;

import java.util.List;
import org.waxbell.directive.Directive;
import org.waxbell.directive.WriteSlate;

/**
 * Writes a value of the slate.
 *
 * @param value id of the value
 * @param act   what is done to it
 * @param words what is written or added, with values; not looked at where it is cleared
 */
public record SlatePart(String id, Anchor start, String value, Act act, String words, Manner manner) implements Part {
    /** What can be done to a value. */
    public enum Act {
        /** The words take the place of what stands there. */
        SET,
        /** A number is added to the number that stands there. */
        ADD,
        /** It is as at the start again. */
        CLEAR
    }

    @Override
    public Lane lane() {
        return Lane.BOOKS;
    }

    @Override
    public List<String> patterns() {
        return List.of(words);
    }

    @Override
    public Directive direct(Telling telling) {
        return new WriteSlate(
                telling.partRun(),
                telling.meantFor(),
                value,
                act == Act.ADD,
                act == Act.CLEAR,
                act == Act.CLEAR ? "" : telling.fill(words));
    }

    @Override
    public String label(Telling telling) {
        return act == Act.CLEAR ? value + " cleared" : value + (act == Act.ADD ? " + " : " = ") + telling.fill(words);
    }

    @Override
    public void check(PartCheck check) {
        Boolean number = check.slateNumber(value);
        if (number == null) {
            check.problems()
                    .at("value")
                    .add(
                            value,
                            "There is no such value on the slate.",
                            "Make it on the slate first, or choose one that is there.");
        } else if (act == Act.ADD && !number) {
            check.problems().at("act").add("add", "To a text nothing can be added.", "Set it, or choose a number.");
        }
        if (act != Act.CLEAR) {
            check.words("words", words, false);
        }
    }
}

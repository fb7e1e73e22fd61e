package org.waxbell.score;

import java.util.List;
import org.waxbell.directive.Directive;
import org.waxbell.directive.WriteSlate;
import org.waxbell.kind.Choice;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;

/**
 * Writes a value of the slate.
 *
 * @param value id of the value
 * @param act   what is done to it
 * @param words what is written or added, with values; not looked at where it is cleared
 */
public record SlatePart(String id, Anchor start, String value, Act act, String words, Manner manner) implements Part {
    /** What it says of itself. */
    public static final Kind<Part> KIND = Kind.<Part>of(SlatePart.class, "slate", "Write on the slate", "Slate")
            .also("variable counter value")
            .with(
                    Field.choice("value", "Value", From.SLATE).wide(3),
                    Field.choice(
                                    "act",
                                    "It",
                                    new Choice("set", "is set to"),
                                    new Choice("add", "goes up by"),
                                    new Choice("clear", "is cleared"))
                            .wide(3),
                    Field.words("words", "What").needed().when("act", "set", "add"))
            .making(on -> new SlatePart(on.id(), Anchor.START, on.first(From.SLATE), Act.SET, "1", Manner.PLAIN));

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
    public Kind<?> kind() {
        return KIND;
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
    public String label(Telling telling, Naming names) {
        String name = names.value(value);
        return act == Act.CLEAR ? name + " cleared" : name + (act == Act.ADD ? " + " : " = ") + telling.fill(words);
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
        check.fields(this);
    }
}

package org.waxbell.score;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.waxbell.directive.Directive;
import org.waxbell.directive.Switch;
import org.waxbell.event.Target;
import org.waxbell.kind.Field;
import org.waxbell.kind.Fresh;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;

/**
 * Switches a target for a while and puts it back, or for good.
 *
 * @param value    how it is to stand, as {@link Target.Kind} says for each; words with values for a text
 * @param lengthMs how long, in milliseconds; not looked at where it stays
 * @param stay     whether it stays so
 */
public record SwitchPart(
        String id, Anchor start, long lengthMs, Target target, String value, boolean stay, Manner manner)
        implements Part {
    private static final long LONGEST = 3_600_000;
    /** What it says of itself. */
    public static final Kind<Part> KIND = Kind.<Part>of(SwitchPart.class, "switch", "Switch something", "Switch")
            .also("scene source mixer lamp plug light room key press rack filter mute stream recording folder")
            .with(
                    Field.of(Field.Type.OTHER, "target", "Switches"),
                    Field.of(Field.Type.OTHER, "value", "To"),
                    Field.span("lengthMs", "For, then back", 100, LONGEST)
                            .called("The time")
                            .when("stay", "false"),
                    Field.flag("stay", "stays so"))
            .making(on -> new SwitchPart(
                    on.id(), Anchor.START, 5_000, begins(on), begins(on).kind().begins(), false, Manner.PLAIN));

    private static final int LONGEST_VALUE = 300;

    /** One source of the mixer, or a rack while no mixer tells its sources; which of them is for the host to say, until then nothing is switched. */
    private static Target begins(Fresh on) {
        return new Target(on.first(From.SOURCES).isEmpty() ? Target.Kind.RACK : Target.Kind.SOURCE, "");
    }

    @Override
    public boolean chosen() {
        return !target.kind().needsName() || !target.name().isEmpty();
    }

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Lane lane() {
        return target.kind().ofMixer()
                ? Lane.MIXER
                : target.kind().ofRoom() ? Lane.ROOM : target.kind() == Target.Kind.KEY ? Lane.KEYS : Lane.BOOKS;
    }

    @Override
    public boolean mayLastToEnd() {
        return true;
    }

    @Override
    public Settled settle(Shelf shelf, Draws draws) {
        return manner.toEnd() && !stay
                ? Settled.open(LONGEST, Media.NONE)
                : Settled.fixed(stay ? 0 : lengthMs, Media.NONE);
    }

    @Override
    public Optional<Target> holds() {
        return stay || !chosen() ? Optional.empty() : Optional.of(target);
    }

    private boolean isText() {
        return target.kind() == Target.Kind.TEXT;
    }

    @Override
    public String danger() {
        if (target.kind() == Target.Kind.KEY) {
            return "press " + target.inWords();
        }
        return target.kind() == Target.Kind.STREAM || target.kind() == Target.Kind.RECORDING
                ? (value.equals("off") ? "end " : "start ") + target.inWords()
                : "";
    }

    @Override
    public List<String> patterns() {
        return isText() ? List.of(value) : List.of();
    }

    @Override
    public Map<String, String> wordings() {
        return isText() ? Map.of("value", value) : Map.of();
    }

    @Override
    public @Nullable Directive direct(Telling telling) {
        return !chosen()
                ? null
                : new Switch(
                        telling.partRun(), telling.meantFor(), target, isText() ? telling.fill(value) : value, stay);
    }

    @Override
    public String label(Telling telling, Naming names) {
        return !chosen()
                ? "not chosen yet"
                : names.target(target).inWords() + ": " + (isText() ? telling.fill(value) : value);
    }

    @Override
    public void check(PartCheck check) {
        var problems = check.problems();
        if (!manner.toEnd()) {
            check.fields(this);
        }
        if (isText()) {
            check.words("value", value, false);
        } else {
            problems.at("value").text(value, LONGEST_VALUE, "The value");
        }
        if (chosen()) {
            target.check(value, problems);
        }
        if (target.kind() == Target.Kind.RACK && chosen() && !check.hasRack(target.name())) {
            problems.at("target")
                    .at("name")
                    .add(target.name(), "There is no such rack.", "Choose one that is in the list.");
        }
    }
}

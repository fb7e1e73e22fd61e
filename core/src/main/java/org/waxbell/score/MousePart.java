package org.waxbell.score;

import java.util.List;
import org.waxbell.directive.Directive;
import org.waxbell.directive.UseComputer;
import org.waxbell.keys.Verb;
import org.waxbell.kind.Choice;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;

/**
 * Moves the mouse of this computer, and clicks.
 *
 * @param left   pixels from the left of the screen
 * @param top    pixels from its top
 * @param button {@value #NONE}, {@code left}, {@code middle} or {@code right}
 */
public record MousePart(String id, Anchor start, int left, int top, String button, Manner manner) implements Part {
    private static final String NONE = "none";
    private static final int MOST = 20_000;
    private static final int MIDDLE_LEFT = 640;
    private static final int MIDDLE_TOP = 360;

    /** What it says of itself. */
    public static final Kind<Part> KIND = Kind.<Part>of(MousePart.class, "mouse", "Move or click the mouse", "Mouse")
            .also("pointer button computer")
            .with(
                    Field.number("left", "From the left", 0, MOST).in("px").wide(3),
                    Field.number("top", "From the top", 0, MOST).in("px").wide(3),
                    Field.choice(
                            "button",
                            "And clicks",
                            new Choice("left", "with the left button"),
                            new Choice("middle", "with the middle button"),
                            new Choice("right", "with the right button"),
                            new Choice(NONE, "nothing, it moves only")))
            .making(on -> new MousePart(on.id(), Anchor.START, MIDDLE_LEFT, MIDDLE_TOP, "left", Manner.PLAIN));

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Lane lane() {
        return Lane.KEYS;
    }

    @Override
    public String danger() {
        return "use the mouse of this computer";
    }

    @Override
    public Settled settle(Shelf shelf, Draws draws) {
        return Settled.open(TypePart.LIMIT_MS + TypePart.GRACE_MS, Media.NONE);
    }

    @Override
    public Directive direct(Telling telling) {
        String x = Integer.toString(left);
        String y = Integer.toString(top);
        boolean moves = button.equals(NONE);
        return new UseComputer(
                telling.partRun(),
                telling.meantFor(),
                moves ? Verb.MOVE : Verb.CLICK,
                moves ? List.of(x, y) : List.of(x, y, button),
                TypePart.LIMIT_MS);
    }

    @Override
    public String label(Telling telling, Naming names) {
        return (button.equals(NONE) ? "moves to " : "clicks at ") + left + ", " + top;
    }

    @Override
    public void check(PartCheck check) {
        check.fields(this);
    }
}

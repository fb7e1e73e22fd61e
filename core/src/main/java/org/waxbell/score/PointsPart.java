package org.waxbell.score;

import org.waxbell.directive.Directive;
import org.waxbell.directive.MovePoints;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;

/** Gives the viewer who rang points, or takes them: never more than they can spend. @param amount negative to take */
public record PointsPart(String id, Anchor start, long amount, Manner manner) implements Part {
    private static final long MOST = 1_000_000;
    /** What it says of itself. */
    public static final Kind<Part> KIND = Kind.<Part>of(PointsPart.class, "points", "Give points", "Points")
            .also("currency")
            .with(Field.number("amount", "Given; less than 0 takes", -MOST, MOST)
                    .called("The amount")
                    .in("points"))
            .making(on -> new PointsPart(on.id(), Anchor.START, 10, Manner.PLAIN));

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Lane lane() {
        return Lane.BOOKS;
    }

    @Override
    public String danger() {
        return amount > 0 ? "be paid points" : "";
    }

    @Override
    public Directive direct(Telling telling) {
        return new MovePoints(telling.partRun(), telling.meantFor(), amount);
    }

    @Override
    public String label(Telling telling, Naming names) {
        return (amount > 0 ? "+" : "") + names.points(amount);
    }

    @Override
    public void check(PartCheck check) {
        check.fields(this);
        if (amount == 0) {
            check.problems().at("amount").add(0, "Nothing would be given or taken.", "Give a number other than 0.");
        }
    }
}

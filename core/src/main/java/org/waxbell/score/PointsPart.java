package org.waxbell.score;

import org.waxbell.directive.Directive;
import org.waxbell.directive.MovePoints;

/** Gives the viewer who rang points, or takes them: never more than they can spend. @param amount negative to take */
public record PointsPart(String id, Anchor start, long amount, Manner manner) implements Part {
    private static final long MOST = 1_000_000;

    @Override
    public Lane lane() {
        return Lane.BOOKS;
    }

    @Override
    public Directive direct(Telling telling) {
        return new MovePoints(telling.partRun(), telling.meantFor(), amount);
    }

    @Override
    public String label(Telling telling) {
        return (amount > 0 ? "+" : "") + amount + " points";
    }

    @Override
    public void check(PartCheck check) {
        check.problems().at("amount").within(amount, -MOST, MOST, "The amount", " points");
        if (amount == 0) {
            check.problems().at("amount").add(0, "Nothing would be given or taken.", "Give a number other than 0.");
        }
    }
}

package org.waxbell.score;

import java.util.List;
import org.waxbell.directive.Directive;
import org.waxbell.directive.ShowThing;
import org.waxbell.directive.Shown;
import org.waxbell.event.Identity;
import org.waxbell.look.Contrast;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;
import org.waxbell.stage.Stage;

/**
 * Lets many small things fly from a spot and fall.
 *
 * @param shape   of each, one of {@link #SHAPES}
 * @param count   how many
 * @param colours of which each takes one
 */
public record BurstPart(
        String id,
        Anchor start,
        long lengthMs,
        String stage,
        String spot,
        String shape,
        int count,
        List<String> colours,
        Manner manner)
        implements SpotPart {
    /** The shapes, in the order in which they are offered. */
    public static final List<String> SHAPES = List.of("drops", "sparks", "petals", "shavings");

    private static final int MOST = 300;
    private static final int MOST_COLOURS = 8;

    public BurstPart {
        colours = List.copyOf(colours);
    }

    @Override
    public Settled settle(Shelf shelf, Draws draws) {
        return Settled.fixed(lengthMs, Media.NONE);
    }

    @Override
    public Directive direct(Telling telling) {
        // 31 bits, so that a page reads the very same number.
        long seed = Identity.key(telling.partRun()) & Integer.MAX_VALUE;
        return new ShowThing(
                telling.partRun(),
                telling.meantFor(),
                telling.settled().claimMs(),
                stage,
                spot,
                "",
                new Shown.Burst(shape, count, colours, seed));
    }

    @Override
    public String label(Telling telling) {
        return count + " " + shape;
    }

    @Override
    public void check(PartCheck check) {
        var problems = check.problems();
        problems.at("lengthMs").time(lengthMs, 500, 30_000, "The time");
        problems.at("count").within(count, 1, MOST, "How many", "");
        if (!SHAPES.contains(shape)) {
            problems.at("shape").add(shape, "There is no such shape.", "Choose one of " + SHAPES + ".");
        }
        if (colours.isEmpty() || colours.size() > MOST_COLOURS) {
            problems.at("colours")
                    .add(
                            colours.size() + " colours",
                            "A burst has from 1 to " + MOST_COLOURS + " colours.",
                            "Add or take away some.");
        }
        for (int i = 0; i < colours.size(); i++) {
            if (!Contrast.isColour(colours.get(i))) {
                problems.at("colours", i).add(colours.get(i), "This is no colour.", "Write one such as #c8841a.");
            }
        }
        check.onStage(stage, "spot", spot, Stage::hasSpot, "spot");
    }
}

package org.waxbell.score;

import java.util.List;
import org.waxbell.directive.Directive;
import org.waxbell.directive.ShowThing;
import org.waxbell.directive.Shown;
import org.waxbell.event.Identity;
import org.waxbell.kind.Choice;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
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
    /** What it says of itself. */
    public static final Kind<Part> KIND = Kind.<Part>of(BurstPart.class, "burst", "Burst", "Burst")
            .also("particles confetti effect")
            .with(
                    Field.choice(
                                    "shape",
                                    "Of",
                                    SHAPES.stream()
                                            .map(each -> new Choice(each, each))
                                            .toArray(Choice[]::new))
                            .called("The shape"),
                    Field.number("count", "How many", 1, MOST),
                    Field.of(Field.Type.COLOURS, "colours", "Colours").within(1, MOST_COLOURS),
                    Field.span("lengthMs", "Time", 500, 30_000).called("The time"))
            .and(SpotPart.where())
            .making(on -> new BurstPart(
                    on.id(),
                    Anchor.START,
                    3_500,
                    on.first(From.STAGES),
                    on.another(From.SPOTS),
                    SHAPES.get(0),
                    60,
                    List.of("#c8841a", "#fff4de", "#2f7468"),
                    Manner.PLAIN));

    public BurstPart {
        colours = List.copyOf(colours);
    }

    @Override
    public Kind<?> kind() {
        return KIND;
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
    public String label(Telling telling, Naming names) {
        return count + " " + shape;
    }

    @Override
    public void check(PartCheck check) {
        var problems = check.problems();
        check.fields(this);
        if (colours.isEmpty() || colours.size() > MOST_COLOURS) {
            problems.at("colours")
                    .add(
                            colours.size() + " colours",
                            "A burst has from 1 to " + MOST_COLOURS + " colours.",
                            "Add or take away some.");
        }
        for (int i = 0; i < colours.size(); i++) {
            if (!Field.isColour(colours.get(i))) {
                problems.at("colours", i).add(colours.get(i), "This is no colour.", "Write one such as #c8841a.");
            }
        }
        check.onStage(stage, "spot", spot, Stage::hasSpot, "spot");
    }
}

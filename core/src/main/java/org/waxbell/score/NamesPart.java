package org.waxbell.score;

import java.util.Arrays;
import java.util.List;
import org.waxbell.directive.Directive;
import org.waxbell.directive.ShowThing;
import org.waxbell.directive.Shown;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;
import org.waxbell.stage.Stage;

/**
 * Shows names one under another.
 *
 * @param heading above them, words with values
 * @param names   words with values; what a comma, semicolon or line break parts are names
 * @param colour  of the words
 * @param plate   behind them, empty text for none
 */
public record NamesPart(
        String id,
        Anchor start,
        long lengthMs,
        String stage,
        String spot,
        String heading,
        String names,
        String colour,
        String plate,
        Manner manner)
        implements SpotPart {
    /** What it says of itself. */
    public static final Kind<Part> KIND = Kind.<Part>of(NamesPart.class, "names", "List of names", "Names")
            .also("credits list")
            .with(
                    Field.words("heading", "Heading"),
                    Field.words("names", "Names, with a comma between").needed(),
                    Field.span("lengthMs", "Stays", 500, 600_000).called("The time on screen"),
                    Field.colour("colour", "Words in")
                            .called("The words")
                            .over("plate")
                            .wide(3),
                    Field.colour("plate", "Plate").optional().wide(3))
            .and(SpotPart.where())
            .making(on -> new NamesPart(
                    on.id(),
                    Anchor.START,
                    8_000,
                    on.first(From.STAGES),
                    on.another(From.SPOTS),
                    "With thanks to",
                    on.brings("viewer") ? "{viewer}" : "everyone",
                    "#fffaf0",
                    "#2b2724",
                    Manner.PLAIN));

    private static final int MOST = 200;

    /** The names are no alternatives, though they may stand on lines of their own. */
    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public List<String> patterns() {
        return List.of(heading, flat());
    }

    private String flat() {
        return names.replace('\n', ';');
    }

    @Override
    public Settled settle(Shelf shelf, Draws draws) {
        return Settled.fixed(lengthMs, Media.NONE);
    }

    @Override
    public Directive direct(Telling telling) {
        List<String> all = Arrays.stream(telling.fill(flat()).split("[,;]"))
                .map(String::strip)
                .filter(each -> !each.isEmpty())
                .limit(MOST)
                .toList();
        return new ShowThing(
                telling.partRun(),
                telling.meantFor(),
                telling.settled().claimMs(),
                stage,
                spot,
                "",
                new Shown.Names(telling.fill(heading), all, colour, plate));
    }

    @Override
    public String label(Telling telling, Naming names) {
        return telling.fill(heading);
    }

    @Override
    public void check(PartCheck check) {
        check.fields(this);
        check.onStage(stage, "spot", spot, Stage::hasSpot, "spot");
    }
}

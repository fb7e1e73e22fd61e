package org.waxbell.score;

import java.util.Arrays;
import java.util.List;
import org.waxbell.directive.Directive;
import org.waxbell.directive.ShowThing;
import org.waxbell.directive.Shown;
import org.waxbell.look.Contrast;
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
    private static final int MOST = 200;

    /** The names are no alternatives, though they may stand on lines of their own. */
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
    public String label(Telling telling) {
        return telling.fill(heading);
    }

    @Override
    public void check(PartCheck check) {
        var problems = check.problems();
        problems.at("lengthMs").time(lengthMs, 500, 600_000, "The time on screen");
        check.words("heading", heading, true);
        check.words("names", flat(), false);
        if (!Contrast.isColour(colour)) {
            problems.at("colour").add(colour, "This is no colour.", "Write one such as #fffaf0.");
        }
        if (!plate.isEmpty() && !Contrast.isColour(plate)) {
            problems.at("plate").add(plate, "This is no colour.", "Write one such as #2b2724, or nothing.");
        }
        check.onStage(stage, "spot", spot, Stage::hasSpot, "spot");
    }
}

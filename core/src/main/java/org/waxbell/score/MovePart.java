package org.waxbell.score;

import java.util.Optional;
import org.waxbell.booking.Place;
import org.waxbell.directive.Directive;
import org.waxbell.directive.ShowThing;
import org.waxbell.directive.Shown;
import org.waxbell.fixture.MascotFixture;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;
import org.waxbell.stage.Stage;

/** Lets a mascot make a move for a while; a move that is shorter begins anew. @param mascot id of the mascot on its stage @param move by name */
public record MovePart(String id, Anchor start, long lengthMs, String stage, String mascot, String move, Manner manner)
        implements Part {
    /** What it says of itself. */
    public static final Kind<Part> KIND = Kind.<Part>of(MovePart.class, "move", "Move a mascot", "Mascot")
            .also("figure avatar animation")
            .with(
                    Field.choice("stage", "Stage", From.STAGES).wide(3),
                    Field.choice("mascot", "Mascot", From.MASCOTS).wide(3),
                    Field.choice("move", "Move", From.MOVES),
                    Field.span("lengthMs", "For", 200, 600_000).called("The time"))
            .making(on -> new MovePart(
                    on.id(),
                    Anchor.START,
                    3_000,
                    on.first(From.STAGES),
                    on.first(From.MASCOTS),
                    on.first(From.MOVES),
                    Manner.PLAIN));

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Lane lane() {
        return Lane.SCREEN;
    }

    @Override
    public Optional<Place> place() {
        return Optional.of(new Place(stage, mascot));
    }

    @Override
    public Settled settle(Shelf shelf, Draws draws) {
        return Settled.fixed(lengthMs, Media.NONE);
    }

    @Override
    public Directive direct(Telling telling) {
        return new ShowThing(
                telling.partRun(),
                telling.meantFor(),
                telling.settled().claimMs(),
                stage,
                mascot,
                "",
                new Shown.Moving(move));
    }

    @Override
    public String label(Telling telling, Naming names) {
        return move;
    }

    @Override
    public void check(PartCheck check) {
        check.fields(this);
        check.onStage(stage, "mascot", mascot, Stage::hasMascot, "mascot");
        check.ground()
                .stage(stage)
                .flatMap(there -> there.fixture(mascot, MascotFixture.class))
                .filter(each -> !each.canDo().contains(move))
                .ifPresent(each -> check.problems()
                        .at("move")
                        .add(move, each.name() + " has no such move.", "Choose one of " + each.canDo() + "."));
    }
}

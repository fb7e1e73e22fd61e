package org.waxbell.score;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.waxbell.act.Asking;
import org.waxbell.actor.Actor;
import org.waxbell.booking.Place;
import org.waxbell.directive.Directive;
import org.waxbell.directive.ShowThing;
import org.waxbell.directive.Shown;
import org.waxbell.event.DeskFacts;
import org.waxbell.event.Fact;
import org.waxbell.fixture.WheelFixture;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;
import org.waxbell.stage.Stage;

/**
 * Spins a wheel. What comes of it is drawn when it begins, kept with the ring, and known to words after it as
 * {@code {spinResult}} and {@code {spinOdds}} where the part is called {@code spin}.
 *
 * @param wheel  id of the wheel on its stage
 * @param spinMs how long it turns, in milliseconds
 * @param stayMs how long the result stands
 * @param times  how many times, one after another
 */
public record SpinPart(
        String id, Anchor start, String stage, String wheel, long spinMs, long stayMs, int times, Manner manner)
        implements Part {
    /** What it says of itself. */
    public static final Kind<Part> KIND = Kind.<Part>of(SpinPart.class, "spin", "Spin a wheel", "Spin")
            .also("wheel draw random")
            .with(
                    Field.choice("stage", "Stage", From.STAGES).wide(3),
                    Field.choice("wheel", "Wheel", From.WHEELS).wide(3),
                    Field.span("spinMs", "Turns", 1_000, 60_000)
                            .called("The time it turns")
                            .wide(3),
                    Field.span("stayMs", "Result stands", 500, 60_000)
                            .called("The time the result stands")
                            .wide(3),
                    Field.number("times", "Times", 1, 10).called("How many times"))
            .making(on -> new SpinPart(
                    on.id(),
                    Anchor.START,
                    on.first(From.STAGES),
                    on.first(From.WHEELS),
                    5_000,
                    3_000,
                    1,
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
        return Optional.of(new Place(stage, wheel));
    }

    @Override
    public Map<String, String> results() {
        return Map.of(Brought.name(id, "result"), "Sea dye", Brought.name(id, "odds"), "25.0 %");
    }

    @Override
    public Settled settle(Shelf shelf, Draws draws) {
        return Settled.fixed((spinMs + stayMs) * times, Media.NONE);
    }

    @Override
    public Optional<Asking> asks() {
        return Optional.of(new Asking(
                WheelFixture.DESK,
                new Place(stage, wheel).toString(),
                WheelFixture.SPIN,
                Map.of("times", Integer.toString(times))));
    }

    @Override
    public Map<String, String> answered(Map<String, String> answer) {
        return Brought.named(id, Set.of("result", "odds", "segments", "words"), answer);
    }

    @Override
    public Optional<Fact> ends(Map<String, String> values) {
        return Optional.of(
                DeskFacts.WHEEL_STOPPED.by(Actor.PROGRAM, wheel, values.getOrDefault(Brought.name(id, "result"), "")));
    }

    @Override
    public Directive direct(Telling telling) {
        List<Integer> drawn = Arrays.stream(
                        telling.value(Brought.name(id, "segments")).split(","))
                .filter(each -> !each.isEmpty())
                .map(Integer::parseInt)
                .toList();
        return new ShowThing(
                telling.partRun(),
                telling.meantFor(),
                telling.settled().claimMs(),
                stage,
                wheel,
                "",
                new Shown.Spin(
                        drawn,
                        List.of(telling.value(Brought.name(id, "words")).split(WheelFixture.BETWEEN)),
                        spinMs,
                        stayMs));
    }

    @Override
    public String label(Telling telling, Naming names) {
        String result = telling.value(Brought.name(id, "result"));
        String name = names.standing(stage, wheel);
        return result.isEmpty()
                ? "spin " + name
                : name + ": " + result + " (" + telling.value(Brought.name(id, "odds")) + ")";
    }

    @Override
    public void check(PartCheck check) {
        check.fields(this);
        check.onStage(stage, "wheel", wheel, Stage::hasWheel, "wheel");
    }
}

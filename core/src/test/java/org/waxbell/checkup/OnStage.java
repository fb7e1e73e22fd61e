package org.waxbell.checkup;

import java.util.List;
import java.util.Map;
import org.waxbell.Samples;
import org.waxbell.booking.BusyRule;
import org.waxbell.booking.Spot;
import org.waxbell.clock.Clock;
import org.waxbell.fixture.ClockFixture;
import org.waxbell.fixture.Fixture;
import org.waxbell.kind.Fresh;
import org.waxbell.kind.Records;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.Wiring;

/** Wirings of one stage, for what is remarked of stages. */
final class OnStage {
    private OnStage() {}

    /** A stage with a clock that shows the desk of that id, where there is one called clock. */
    static Wiring showing(String id) {
        Clock clock = (Clock) Clock.KIND.fresh().apply(Fresh.NOTHING).called("clock", "Clock");
        Fixture shows =
                Records.with(ClockFixture.KIND.fresh().apply(Fresh.NOTHING), Map.of("id", "shown", "clock", id));
        List<Stage> stages = List.of(Samples.MAIN.with(shows));
        return new Wiring(Samples.house(), List.of(), List.of(), stages, List.of(clock), Samples.SHELF);
    }

    /** One with a spot that begins so far to the right. */
    static Wiring at(int x) {
        return new Wiring(
                Samples.house(),
                List.of(Samples.BENCH),
                List.of(),
                List.of(Stage.plain(
                        "main",
                        "Main",
                        1280,
                        720,
                        List.of(Spot.plain("s", "Spot", x, 0, 400, 100, new BusyRule.Share(2))),
                        List.of())),
                Samples.SHELF);
    }
}

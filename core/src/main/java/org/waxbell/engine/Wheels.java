package org.waxbell.engine;

import java.util.ArrayList;
import java.util.List;
import org.waxbell.fixture.WheelFixture;
import org.waxbell.fixture.WheelState;
import org.waxbell.score.WheelDraws;
import org.waxbell.wiring.Wiring;

/** How every wheel stands, and what is drawn on it; what stands there is kept with all else that chance fell on. */
final class Wheels {
    /** No cue has such an id. */
    private static final String OF_WHEELS = "*wheel";

    private final Chance chance;

    Wheels(Chance chance) {
        this.chance = chance;
    }

    /** How a wheel stands. @param place as {@code stage/wheel} */
    WheelState state(String place) {
        return WheelState.of(chance.last(OF_WHEELS, place));
    }

    /** The draws of one ring. */
    WheelDraws of(Ring ring, Wiring wiring, Outcome.Builder out) {
        return (purpose, stage, wheel, times) -> wiring.stage(stage)
                .flatMap(each -> each.fixture(wheel, WheelFixture.class))
                .map(fixture -> draw(ring, purpose, stage + "/" + wheel, fixture, times, out))
                .orElse(List.of());
    }

    private List<WheelDraws.Drawn> draw(
            Ring ring, String purpose, String place, WheelFixture wheel, int times, Outcome.Builder out) {
        List<WheelDraws.Drawn> drawn = new ArrayList<>();
        for (int i = 0; i < times; i++) {
            WheelState state = state(place);
            if (wheel.removeDrawn() && wheel.total(state.out()) == 0) {
                // An empty wheel is filled again rather than standing still.
                state = state.filled();
            }
            List<Integer> gone = wheel.removeDrawn() ? state.out() : List.of();
            int segment =
                    wheel.at(chance.below(ring.cueId(), purpose + "/spin" + i, ring.number(), wheel.total(gone)), gone);
            drawn.add(
                    new WheelDraws.Drawn(segment, wheel.segments().get(segment).words(), wheel.odds(segment, gone)));
            keep(place, state.drew(segment, wheel.removeDrawn()), out);
        }
        return drawn;
    }

    /** Everything is in again, on one wheel. */
    void fill(String place, Outcome.Builder out) {
        keep(place, state(place).filled(), out);
    }

    private void keep(String place, WheelState state, Outcome.Builder out) {
        chance.chose(OF_WHEELS, place, state.text(), out);
        out.moved();
    }
}

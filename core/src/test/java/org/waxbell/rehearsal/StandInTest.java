package org.waxbell.rehearsal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.waxbell.Samples.cue;
import static org.waxbell.Samples.housed;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.waxbell.actor.Actor;
import org.waxbell.cue.Cue;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.Ring;
import org.waxbell.engine.RingState;
import org.waxbell.event.Facts;
import org.waxbell.event.Tried;
import org.waxbell.port.Calendars;
import org.waxbell.score.Anchor;
import org.waxbell.score.Manner;
import org.waxbell.score.Part;
import org.waxbell.score.SoundPart;
import org.waxbell.score.VideoPart;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.Wiring;

/** What only a page can measure is stood in for where no page is told: its place is not held for minutes, and nothing fails. */
class StandInTest {
    private static final long NOW = 1_795_000_000_000L;
    private static final Anchor START = new Anchor.At(0);

    static Stream<Part> unmeasured() {
        return Stream.of(
                new SoundPart("sound", START, "main", "bench", "Odd", "odd.mp3", 80, Manner.PLAIN),
                new VideoPart(
                        "video", START, "main", "corner", "dip.webm", 80, 0, 0, 0, 0, "", "", 400, 400, Manner.PLAIN));
    }

    private static Wiring wiring(Part part) {
        Cue cue = cue("odd", List.of("!odd"), List.of(), part);
        Wiring wiring = housed(cue);
        List<Media> media = new ArrayList<>(wiring.shelf().all());
        media.add(new Media("odd.mp3", "Odd", "odd", "audio/mpeg", 0));
        media.add(new Media("dip.webm", "Videos", "dip", "video/webm", 0));
        return new Wiring(wiring.house(), wiring.racks(), wiring.cues(), wiring.stages(), new Shelf(media));
    }

    @ParameterizedTest
    @MethodSource("unmeasured")
    void aTryEndsAndNothingFails(Part part) {
        Tryout tryout = Tryout.of(
                new CueBook(wiring(part)),
                EngineState.fresh(7),
                NOW,
                new Tried("odd", "Odd", true, Facts.chat(), Actor.HOST),
                Calendars.NONE);
        Ring ring = Objects.requireNonNull(tryout.ring());
        assertThat(ring.state()).isEqualTo(RingState.ENDED);
        assertThat(ring.overOf(ring.parts().get(0)) - ring.start()).isBetween(1_000L, 10_000L);
    }

    @ParameterizedTest
    @MethodSource("unmeasured")
    void aMadeUpEveningDoesNotHoldItsPlaceForMinutes(Part part) {
        Step line = new Step.Happens(
                NOW, new org.waxbell.event.ChatLine("practice", Facts.chat().viewer(), "!odd"));
        Report report =
                Rehearsal.run(new CueBook(wiring(part)), List.of(line), 7, Calendars.NONE, percent -> {}, () -> true);
        assertThat(report.rings()).first().satisfies(ring -> {
            assertThat(ring.end()).isEqualTo("ended");
            assertThat(ring.over() - ring.start()).isLessThanOrEqualTo(10_000);
        });
    }
}

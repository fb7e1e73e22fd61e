package org.waxbell.score;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.waxbell.Samples;
import org.waxbell.cue.Cue;
import org.waxbell.directive.PlaySound;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.Wiring;

/** Sounds: a part of one, as loud as every other, and any of a folder by weight and never twice running. */
class SoundPartTest {
    private static final Anchor NOW = new Anchor.At(0);

    private static SoundPart part(long from, long to) {
        return new SoundPart("s", NOW, "main", "bench", "Pouring", "", 80, from, to, 20, 30, Manner.PLAIN);
    }

    private static List<PlaySound> rung(Shelf shelf, SoundPart part, int times) {
        Cue cue = Samples.cue("s", List.of("!s"), List.of(), part);
        Wiring housed = Samples.housed(cue);
        Engine engine = Samples.engine(
                new CueBook(new Wiring(housed.house(), housed.racks(), housed.cues(), housed.stages(), shelf)),
                EngineState.fresh(11));
        List<PlaySound> played = new java.util.ArrayList<>();
        for (int i = 0; i < times; i++) {
            long at = 1_000 + i * 20_000L;
            java.util.stream.Stream.concat(
                            engine.accept(at, Samples.line(Samples.WICKERBY, "!s")).directives().stream(),
                            engine.wake(at + 15_000).directives().stream())
                    .filter(PlaySound.class::isInstance)
                    .map(PlaySound.class::cast)
                    .forEach(played::add);
        }
        return played;
    }

    @ParameterizedTest
    @CsvSource({"0,0,2000", "500,0,1500", "500,1200,700", "0,9000,2000", "1900,1950,50"})
    void aPartOfItIsAsLongAsItIsHeard(long from, long to, long heard) {
        Media media = new Media("a.wav", "Pouring", "a", "audio/wav", 2_000, -150, 1);
        assertThat(part(from, to)
                        .settle(new Shelf(List.of(media)), (purpose, choices) -> media)
                        .lengthMs())
                .isEqualTo(heard);
    }

    @Test
    void thePageIsToldItsGainAndItsFades() {
        Shelf shelf = new Shelf(List.of(new Media("a.wav", "Pouring", "a", "audio/wav", 2_000, -150, 1)));
        assertThat(rung(shelf, part(500, 1_200), 1)).singleElement().satisfies(told -> {
            assertThat(told.gain()).isEqualTo(-150);
            assertThat(told.fromMs()).isEqualTo(500);
            assertThat(told.playMs()).isEqualTo(700);
            assertThat(told.fadeInMs()).isEqualTo(20);
            assertThat(told.fadeOutMs()).isEqualTo(30);
        });
    }

    @Test
    void heavierOnesComeMoreOftenLightestNeverAndNoneTwiceRunning() {
        Shelf shelf = new Shelf(List.of(
                new Media("often.wav", "Pouring", "often", "audio/wav", 500, 0, 6),
                new Media("now.wav", "Pouring", "now", "audio/wav", 500, 0, 1),
                new Media("then.wav", "Pouring", "then", "audio/wav", 500, 0, 1),
                new Media("never.wav", "Pouring", "never", "audio/wav", 500, 0, 0)));
        List<PlaySound> played = rung(shelf, part(0, 0), 200);
        assertThat(played).hasSize(200);
        Map<String, Integer> times = new HashMap<>();
        for (int i = 0; i < played.size(); i++) {
            times.merge(played.get(i).media(), 1, Integer::sum);
            if (i > 0) {
                assertThat(played.get(i).media()).isNotEqualTo(played.get(i - 1).media());
            }
        }
        assertThat(times).doesNotContainKey("never");
        assertThat(times.get("often")).isGreaterThan(80);
        assertThat(times.get("now")).isPositive();
        assertThat(times.get("then")).isPositive();
    }
}

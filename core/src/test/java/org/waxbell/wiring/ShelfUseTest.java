package org.waxbell.wiring;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.cue.Cue;
import org.waxbell.score.Anchor;
import org.waxbell.score.CardPart;
import org.waxbell.score.Manner;
import org.waxbell.score.Part;
import org.waxbell.score.SoundPart;
import org.waxbell.shelf.Media;

/** Who uses what lies on the shelf, and that what uses a file follows it to another name and folder. */
class ShelfUseTest {
    private static final Anchor NOW = new Anchor.At(0);
    private static final Media POUR = new Media("pour-1.wav", "Pouring", "a", "audio/wav", 1_000);
    private static final Media TAPER = new Media("taper.svg", "Pictures", "b", "image/svg+xml", 0);

    private static Part sound(String file) {
        return new SoundPart("s", NOW, "main", "bench", "Pouring", file, 80, 100, 900, 50, 60, Manner.PLAIN);
    }

    private static CardPart card(String picture, String portrait) {
        return new CardPart(
                "c",
                NOW,
                3_000,
                "main",
                "corner",
                "beeswax",
                "t",
                "w",
                picture,
                portrait,
                "",
                "",
                400,
                400,
                Manner.PLAIN);
    }

    private static Cue cue(String id, Part... parts) {
        return Samples.cue(id, List.of("!" + id), List.of(), parts);
    }

    private static List<ShelfUse.Use> used(Media media, Wiring wiring) {
        return ShelfUse.of(wiring).apply(media);
    }

    @Test
    void aFileIsUsedByNameOrAsAnyOfItsFolder() {
        Wiring wiring = Samples.housed(
                cue("one", sound("pour-1.wav")), cue("any", sound("")), cue("other", sound("pour-2.wav")));
        assertThat(used(POUR, wiring))
                .extracting(each -> each.id() + (each.any() ? " any" : ""))
                .containsExactly("one", "any any");
        assertThat(used(TAPER, wiring)).isEmpty();
    }

    @Test
    void aPictureThatIsNotMeantIsNotUsed() {
        assertThat(used(TAPER, Samples.housed(cue("shown", card("taper.svg", "")))))
                .hasSize(1);
        assertThat(used(TAPER, Samples.housed(cue("portrait", card("taper.svg", CardPart.WRITER)))))
                .isEmpty();
    }

    @Test
    void whatNamesAFileFollowsItAndNothingElseChanges() {
        Cue one = cue("one", sound("pour-1.wav"), card("taper.svg", ""));
        Cue any = cue("any", sound(""));
        ShelfUse.Moved moved = ShelfUse.moved(Samples.housed(one, any), POUR, "Bench", "tall.wav");
        assertThat(moved.stages()).isEmpty();
        assertThat(moved.cues()).singleElement().satisfies(cue -> {
            SoundPart sound = (SoundPart) cue.takes().get(0).score().parts().get(0);
            assertThat(sound)
                    .isEqualTo(new SoundPart(
                            "s", NOW, "main", "bench", "Bench", "tall.wav", 80, 100, 900, 50, 60, Manner.PLAIN));
            assertThat(cue.takes().get(0).score().parts().get(1)).isEqualTo(card("taper.svg", ""));
            assertThat(cue.named("x"))
                    .isEqualTo(one.withTakes(cue.takeRule(), cue.takes()).named("x"));
        });
        assertThat(ShelfUse.moved(Samples.housed(one, any), TAPER, "Pictures", "tall.svg")
                        .cues())
                .singleElement()
                .satisfies(cue ->
                        assertThat(cue.takes().get(0).score().parts().get(1)).isEqualTo(card("tall.svg", "")));
    }
}

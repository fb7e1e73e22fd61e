package org.waxbell.tally;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.cue.MarkPull;
import org.waxbell.directive.SayInChat;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.Outcome;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.score.Anchor;
import org.waxbell.wiring.CueBook;

/** The program counts what the channel tells; cues read it and wait for its marks like for any value. */
class TallyTest {
    private static final Fact HONEYCOMBS = Facts.GIFT.from("practice", Samples.INES, "Honeycomb", 50L, 3L);

    private static Engine engine() {
        var says = Samples.pulledBy(
                Samples.cue(
                        "three",
                        java.util.List.of("!three"),
                        java.util.List.of(),
                        Samples.says("r", new Anchor.At(0), "{slateLatestGiver} made it {slateGiftsTonight}")),
                new MarkPull("giftsTonight", 3, true));
        return Samples.engine(new CueBook(Samples.housed(says)), EngineState.fresh(3));
    }

    private static String said(Outcome outcome) {
        return outcome.directives().stream()
                .filter(SayInChat.class::isInstance)
                .map(each -> ((SayInChat) each).text())
                .findFirst()
                .orElse("");
    }

    @Test
    void everyKindThatAChannelTellsWritesOnlyValuesThatThereAre() {
        assertThat(Facts.ofChannel()).allSatisfy(kind -> {
            Fact event = kind.sample();
            assertThat(Tally.latest(event).keySet()).allMatch(Tally::counts);
            assertThat(Tally.adds(event).keySet()).allMatch(Tally::counts);
        });
        assertThat(Tally.adds(HONEYCOMBS)).isEqualTo(Map.of("giftsTonight", 3L, "giftWorthTonight", 150L));
    }

    @Test
    void aMarkOfTonightRingsAndANewShowBeginsAnewWhileTheLatestStays() {
        Engine engine = engine();
        assertThat(said(engine.accept(1_000, HONEYCOMBS))).isEqualTo("marshlight_ines made it 3");
        engine.accept(2_000, Facts.show(Actor.HOST, true));
        Engine later = Samples.engine(engine.book(), engine.save());
        assertThat(said(later.accept(3_000, Facts.GIFT.from("practice", Samples.SEDGE, "Sprig", 1L, 2L))))
                .as("two of tonight's three")
                .isEmpty();
        assertThat(said(later.accept(4_000, Facts.GIFT.from("practice", Samples.WICKERBY, "Sprig", 1L, 1L))))
                .isEqualTo("wickerby made it 3");
    }
}

package org.waxbell.tally;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.cue.MarkPull;
import org.waxbell.directive.SayInChat;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.Outcome;
import org.waxbell.event.ChannelEvent;
import org.waxbell.event.EventSamples;
import org.waxbell.event.HouseEvent;
import org.waxbell.score.Anchor;
import org.waxbell.wiring.CueBook;

/** The program counts what the channel tells; cues read it and wait for its marks like for any value. */
class TallyTest {
    private static final ChannelEvent.Gift HONEYCOMBS =
            new ChannelEvent.Gift("practice", Samples.INES, "Honeycomb", 50, 3);

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
        assertThat(EventSamples.all()).allSatisfy(event -> {
            assertThat(Tally.latest(event).keySet()).allMatch(Tally::counts);
            assertThat(Tally.adds(event).keySet()).allMatch(Tally::counts);
        });
        assertThat(Tally.adds(HONEYCOMBS)).isEqualTo(Map.of("giftsTonight", 3L, "giftWorthTonight", 150L));
    }

    @Test
    void aMarkOfTonightRingsAndANewShowBeginsAnewWhileTheLatestStays() {
        Engine engine = engine();
        assertThat(said(engine.accept(1_000, HONEYCOMBS))).isEqualTo("marshlight_ines made it 3");
        engine.accept(2_000, new HouseEvent.ShowMoved(true));
        Engine later = Samples.engine(engine.book(), engine.save());
        assertThat(said(later.accept(3_000, new ChannelEvent.Gift("practice", Samples.SEDGE, "Sprig", 1, 2))))
                .as("two of tonight's three")
                .isEmpty();
        assertThat(said(later.accept(4_000, new ChannelEvent.Gift("practice", Samples.WICKERBY, "Sprig", 1, 1))))
                .isEqualTo("wickerby made it 3");
    }
}

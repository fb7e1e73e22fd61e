package org.waxbell.ready;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.directive.ShowCard;
import org.waxbell.event.ShowEvent;
import org.waxbell.port.Calendars;
import org.waxbell.score.Anchor;
import org.waxbell.wiring.CueBook;

class ShowingTest {
    private static final CueBook BOOK = new CueBook(Samples.housed(Samples.cue(
            "t",
            List.of("!t"),
            List.of(),
            Samples.card("card", new Anchor.At(0), 5_000),
            Samples.reply("r", new Anchor.After("card", 200)))));
    private static final List<ShowEvent> LINE = List.of(Samples.line(Samples.INES, "!t"));

    @Test
    void whatIsSeenAtTheMomentIsDrawnAndWhatComesLaterIsNotSaidYet() {
        Showing showing = Showing.of(BOOK, LINE, 1_500, Calendars.NONE);
        assertThat(showing.parts()).hasSize(1).allMatch(ShowCard.class::isInstance);
        assertThat(showing.said()).isEmpty();
    }

    @Test
    void whatIsOverIsDrawnNoMoreAndWhatWasSaidStands() {
        Showing showing = Showing.of(BOOK, LINE, 9_000, Calendars.NONE);
        assertThat(showing.parts()).isEmpty();
        assertThat(showing.said()).hasSize(1);
    }

    @Test
    void itIsTheSameEachTime() {
        assertThat(Showing.of(BOOK, LINE, 1_500, Calendars.NONE))
                .isEqualTo(Showing.of(BOOK, LINE, 1_500, Calendars.NONE));
    }

    @Test
    void whereNothingHappensNothingIsSeen() {
        assertThat(Showing.of(BOOK, List.of(), 0, Calendars.NONE).parts()).isEmpty();
    }
}

package org.waxbell.engine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.cue.Cue;
import org.waxbell.directive.Directive;
import org.waxbell.directive.SayInChat;
import org.waxbell.directive.ShowCard;
import org.waxbell.event.Facts;
import org.waxbell.port.Calendars;
import org.waxbell.score.Anchor;
import org.waxbell.score.CardPart;
import org.waxbell.score.Manner;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.CueCheck;

/** Whom a writer names is shown by the portrait and the words of that person, however the name is typed. */
class NamedPersonTest {
    private static final Anchor NOW = new Anchor.At(0);
    private static final CardPart CARD = new CardPart(
            "card",
            NOW,
            3_000,
            "main",
            "corner",
            "beeswax",
            "{named}",
            "",
            "",
            CardPart.NAMED,
            "",
            "",
            400,
            400,
            Manner.PLAIN);

    @ParameterizedTest
    @CsvSource({"tallowmoth", "@tallowmoth", "TallowMoth", "@TALLOWMOTH please"})
    void theNamedOneIsFound(String behind) {
        Cue cue = Samples.cue(
                "out", List.of("!out"), List.of(), CARD, Samples.says("say", NOW, "{named} likes {namedSlateWish}"));
        CueBook book = new CueBook(Samples.housed(cue));
        assertThat(CueCheck.check(book.wiring(), cue, Calendars.NONE)).isEmpty();
        Engine engine = Samples.engine(book, EngineState.fresh(5));
        engine.accept(500, Facts.SLATE_WRITTEN.by(Actor.HOST, "wish", "practice:tallowmoth", "sage"));
        List<Directive> told =
                new java.util.ArrayList<>(engine.accept(1_000, Samples.line(Samples.WICKERBY, "!out " + behind))
                        .directives());
        told.addAll(engine.wake(5_000).directives());
        assertThat(told)
                .filteredOn(ShowCard.class::isInstance)
                .extracting(each -> ((ShowCard) each).portrait())
                .containsExactly("tallowmoth");
        assertThat(told)
                .filteredOn(SayInChat.class::isInstance)
                .extracting(each -> ((SayInChat) each).text())
                .singleElement()
                .asString()
                .endsWith("likes sage");
    }
}

package org.waxbell.rehearsal;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.cue.Cue;
import org.waxbell.cue.CuePull;
import org.waxbell.directive.SayInChat;
import org.waxbell.directive.ShowCard;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.PartRun;
import org.waxbell.event.Tried;
import org.waxbell.gate.CooldownGate;
import org.waxbell.port.Calendars;
import org.waxbell.score.Anchor;
import org.waxbell.score.ClipPart;
import org.waxbell.score.Manner;
import org.waxbell.wiring.CueBook;

class TryoutTest {
    private static final Anchor NOW = new Anchor.At(0);
    private static final long T0 = 5_000_000;

    private static Tryout of(CueBook book, EngineState state, boolean past) {
        return Tryout.of(
                book,
                state,
                T0 + 1_000,
                new Tried("t", "T", past, Samples.line(Samples.INES, "!t"), Actor.HOST),
                Calendars.NONE);
    }

    @Test
    void itTellsWhatEveryPartWouldBeToldAndWhenWithNothingElsePlaying() {
        CueBook book = new CueBook(Samples.housed(Samples.cue(
                "t",
                List.of("!t"),
                List.of(),
                Samples.card("card", NOW, 5_000),
                Samples.reply("r", new Anchor.After("card", 200)))));
        Engine engine = Samples.engine(book, EngineState.fresh(3));
        engine.accept(T0, Samples.line(Samples.INES, "!t"));
        Tryout tryout = of(book, engine.save(), false);
        assertThat(tryout.ring().start()).isEqualTo(T0 + 1_000);
        assertThat(tryout.ring().parts()).extracting(PartRun::fromMs).containsExactly(0L, 5_200L);
        assertThat(tryout.directives())
                .hasSize(2)
                .hasAtLeastOneElementOfType(ShowCard.class)
                .hasAtLeastOneElementOfType(SayInChat.class);
    }

    @Test
    void itsGatesStandAsTheEveningDoesAndMayBePassedOver() {
        CueBook book = new CueBook(Samples.housed(
                Samples.cue("t", List.of("!t"), List.of(new CooldownGate(30_000, 0)), Samples.reply("r", NOW))));
        Engine engine = Samples.engine(book, EngineState.fresh(3));
        engine.accept(T0, Samples.line(Samples.INES, "!t"));
        EngineState evening = engine.save();
        Tryout held = of(book, evening, false);
        assertThat(held.ring()).isNull();
        assertThat(held.decision().sentence()).isEqualTo("held T · resting, 29 s to go");
        assertThat(of(book, evening, true).ring()).isNotNull();
        assertThat(engine.save()).isEqualTo(evening);
    }

    @Test
    void aClipIsStoodInForAndWhatItLeadsToIsNotTold() {
        Cue clip = Samples.cue(
                "t",
                List.of("!t"),
                List.of(),
                new ClipPart("clip", NOW, 30, "Tonight", 20_000, Manner.PLAIN),
                Samples.says("r", new Anchor.After("clip", 0), "Kept {clipAddress}"));
        Cue led = Samples.pulledBy(
                Samples.cue("led", List.of(), List.of(), Samples.reply("r", NOW)), new CuePull("t", false));
        Tryout tryout = of(new CueBook(Samples.housed(clip, led)), EngineState.fresh(3), false);
        assertThat(tryout.directives())
                .filteredOn(SayInChat.class::isInstance)
                .extracting(each -> ((SayInChat) each).text())
                .containsExactly("Kept rehearsed-clip-1.clip");
    }
}

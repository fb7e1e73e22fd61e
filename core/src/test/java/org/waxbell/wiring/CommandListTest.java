package org.waxbell.wiring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.integers;
import static org.quicktheories.generators.SourceDSL.strings;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.waxbell.Samples;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.cue.PhrasePull;
import org.waxbell.cue.TakeRule;
import org.waxbell.cue.Urgency;
import org.waxbell.directive.Directive;
import org.waxbell.directive.SayInChat;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.Outcome;
import org.waxbell.event.Standing;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.PriceGate;
import org.waxbell.gate.WhoGate;
import org.waxbell.score.Anchor;

/** The words that viewers are told, and the one that was meant. */
class CommandListTest {
    private static Cue says(String id, String words, String... typed) {
        return Samples.cue(id, List.of(typed), List.of(), Samples.says("r", new Anchor.At(0), words));
    }

    private static CommandList list(Cue... cues) {
        return Samples.book(cues).commands();
    }

    private static List<String> said(Outcome outcome) {
        return outcome.directives().stream()
                .filter(SayInChat.class::isInstance)
                .map(each -> ((SayInChat) each).text())
                .toList();
    }

    private static Engine engine(Cue... cues) {
        Wiring wiring =
                new Wiring(House.PLAIN, List.of(Samples.BENCH), List.of(cues), List.of(Samples.MAIN), Samples.SHELF);
        return Samples.engine(new CueBook(wiring), EngineState.fresh(1));
    }

    @Test
    void aWordSaysInOneLineForWhomItIsAndWhatItCosts() {
        Cue dye = Samples.cue(
                "dye",
                List.of("!dye"),
                List.of(
                        new WhoGate(
                                Set.of(Standing.MODERATOR, Standing.MEMBER),
                                1,
                                List.of("wickerby"),
                                List.of(),
                                List.of()),
                        new PriceGate(1),
                        new CooldownGate(5_000, 60_000)),
                Samples.reply("r", new Anchor.At(0)));
        Cue pour = Samples.cue("pour", List.of("!pour", "!taper"), List.of(), Samples.reply("r", new Anchor.At(0)));
        List<PublicWord> told = list(dye, pour).told(Samples.wiring(dye, pour));
        assertThat(told.get(0).rule())
                .isEqualTo("for moderators, members of 1 month or some by name · costs 1 point · rests 1 min");
        assertThat(told.get(0).standings()).containsExactly(Standing.MODERATOR, Standing.MEMBER);
        assertThat(told.get(1))
                .isEqualTo(new PublicWord(
                        "pour", List.of("!pour", "!taper"), "", "At the bench", true, Set.of(Standing.values()), ""));
    }

    @Test
    void theAskerIsToldWhatTheyMayUseWhateverRests() {
        Cue bell = Samples.cue(
                "bell",
                List.of("!bell", "!ding"),
                List.of(Samples.only(Standing.MODERATOR)),
                Samples.reply("r", new Anchor.At(0)));
        Cue pour = Samples.cue(
                "pour", List.of("!pour"), List.of(new CooldownGate(60_000, 0)), Samples.reply("r", new Anchor.At(0)));
        Cue hidden = new Cue(
                Cue.FORMAT,
                "hidden",
                "Hidden",
                "",
                false,
                "bench",
                true,
                List.of(ChatWordPull.of("!hidden")),
                List.of(),
                List.of(),
                pour.takes(),
                pour.takeRule(),
                pour.urgency(),
                0,
                false);
        Cue ask = says("ask", "{viewer}: {commands}", "!what");
        Engine engine = engine(bell, pour, hidden, ask);
        engine.accept(0, Samples.line(Samples.WICKERBY, "!pour"));
        assertThat(said(engine.accept(1_000, Samples.line(Samples.WICKERBY, "!what"))))
                .containsExactly("wickerby: !pour, !what");
        assertThat(said(engine.accept(2_000, Samples.line(Samples.SEDGE, "!what"))))
                .containsExactly("captain_sedge: !bell, !pour, !what");
    }

    @Test
    void whoAsksAboutOneWordIsToldWhatItDoes() {
        Cue pour = new Cue(
                Cue.FORMAT,
                "pour",
                "Pour",
                "A tall taper is poured",
                true,
                "bench",
                true,
                List.of(ChatWordPull.of("!pour", "!taper")),
                List.of(),
                List.of(),
                says("x", "x", "!x").takes(),
                TakeRule.FIRST,
                Urgency.USUAL,
                0,
                false);
        Engine engine = engine(pour, says("dip", "x", "!dip"), says("ask", "{commands}", "!what"));
        assertThat(said(engine.accept(0, Samples.line(Samples.WICKERBY, "!what !taper"))))
                .containsExactly("!taper: A tall taper is poured");
        assertThat(said(engine.accept(1_000, Samples.line(Samples.WICKERBY, "!what POUR"))))
                .containsExactly("!pour: A tall taper is poured");
        assertThat(said(engine.accept(2_000, Samples.line(Samples.WICKERBY, "!what dip"))))
                .containsExactly("!dip");
        assertThat(said(engine.accept(3_000, Samples.line(Samples.WICKERBY, "!what else"))))
                .containsExactly("!pour, !dip, !what");
    }

    @Test
    void aListThatIsTooLongForALineIsCounted() {
        List<Cue> cues = new ArrayList<>();
        for (int i = 0; i < 100; i++) {
            cues.add(says("cue-" + i, "x", "!word" + i));
        }
        String line = list(cues.toArray(Cue[]::new)).inWords(each -> true);
        assertThat(line).startsWith("!word0, !word1, ").endsWith(" more").hasSizeLessThan(450);
        assertThat(line.split(", ").length + Integer.parseInt(line.replaceAll(".* and (\\d+) more", "$1")))
                .isEqualTo(100);
    }

    @ParameterizedTest
    @ValueSource(strings = {"!puor", "!por", "!poour", "!pous", "!POUT", "?pour"})
    void oneSlipIsUnderstood(String typed) {
        assertThat(list(says("pour", "x", "!pour")).near(typed, each -> true)).contains("!pour");
    }

    @ParameterizedTest
    @ValueSource(strings = {"!pruo", "!po", "pour", "!pourings", "!", "hello", "!dip"})
    void moreThanOneSlipOrOrdinaryTalkIsNot(String typed) {
        assertThat(list(says("pour", "x", "!pour")).near(typed, each -> true)).isEmpty();
        assertThat(list(says("pour", "x", "!pour")).near("!puor", each -> false))
                .as("a word that they may not use")
                .isEmpty();
    }

    @Test
    void anyOneLetterLeftOutOfALongWordIsUnderstood() {
        qt().withExamples(1_000)
                .forAll(
                        strings().betweenCodePoints('a', 'z').ofLengthBetween(4, 12),
                        integers().between(0, 11))
                .check((word, at) -> {
                    String whole = "!" + word;
                    int left = 1 + at % word.length();
                    return list(says("cue", "x", whole))
                            .near(whole.substring(0, left) + whole.substring(left + 1), each -> true)
                            .isPresent();
                });
    }

    @Test
    void aWordThatThereIsIsNotTakenForASlipOfAnother() {
        assertThat(list(says("pour", "x", "!pour"), says("pours", "x", "!pours"))
                        .near("!pours", each -> true))
                .isEmpty();
    }

    @Test
    void theyAreToldEvenWhereAnotherCueRangOnTheLine() {
        Cue phrase = Samples.pulledBy(says("kind", "Thank you", "!x"), new PhrasePull(List.of("please"), true));
        assertThat(said(engine(says("pour", "x", "!pour"), phrase)
                        .accept(0, Samples.line(Samples.SEDGE, "!puor please"))))
                .containsExactlyInAnyOrder("No cue has !puor. Did you mean !pour?", "Thank you");
    }

    @Test
    void onlyStaffAreTold() {
        Engine engine = engine(says("pour", "x", "!pour"));
        Outcome viewers = engine.accept(0, Samples.line(Samples.WICKERBY, "!puor"));
        assertThat(said(viewers)).isEmpty();
        assertThat(viewers.decisions().get(0).sentence())
                .as("the host reads it")
                .isEqualTo("no cue has this word · did they mean !pour?");
        assertThat(engine.accept(0, Samples.line(Samples.WICKERBY, "puor the wax"))
                        .decisions()
                        .get(0)
                        .sentence())
                .isEqualTo("just talk");
        Outcome told = engine.accept(0, Samples.line(Samples.SEDGE, "!puor"));
        assertThat(told.decisions().get(0).sentence())
                .isEqualTo("no cue has this word · perhaps !pour was meant, said to captain_sedge");
        Directive hint = told.directives().get(0);
        assertThat(hint)
                .isInstanceOfSatisfying(
                        SayInChat.class, say -> assertThat(say.to()).isEqualTo("captain_sedge"));
    }
}

package org.waxbell.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.waxbell.Samples.housed;
import static org.waxbell.Samples.pour;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.cue.EventPull;
import org.waxbell.cue.EveryPull;
import org.waxbell.cue.HandPull;
import org.waxbell.cue.Pull;
import org.waxbell.cue.Take;
import org.waxbell.cue.TakeRule;
import org.waxbell.event.FactKind;
import org.waxbell.event.Facts;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.Gate;
import org.waxbell.kind.Kind;
import org.waxbell.port.Calendars;
import org.waxbell.score.Anchor;
import org.waxbell.score.CardPart;
import org.waxbell.score.Part;
import org.waxbell.score.Parts;
import org.waxbell.score.ReplyPart;
import org.waxbell.score.Score;
import org.waxbell.wiring.CueCheck;
import org.waxbell.wiring.Kinds;
import org.waxbell.wiring.Wiring;

class NewCueTest {
    private static final Wiring WIRING = housed(pour());

    private static Cue made(Pull pull, String answer, boolean card, boolean sound) {
        List<String> parts = new ArrayList<>();
        if (card) {
            parts.add("card");
        }
        if (sound) {
            parts.add("sound");
        }
        return made(pull, answer, parts);
    }

    private static Cue made(Pull pull, String answer, List<String> parts) {
        return new NewCue(pull, answer, parts, "bench").made(Drafts.on(WIRING, pour(), ""), Parts.ALL);
    }

    static List<Pull> pulls() {
        return Facts.offered().stream()
                .map(FactKind::name)
                .<Pull>map(name -> new EventPull(name, Map.of(), Map.of()))
                .toList();
    }

    @ParameterizedTest
    @MethodSource("pulls")
    void aCueForEveryEventCanBeSavedAtOnce(Pull pull) {
        assertThat(CueCheck.check(WIRING, made(pull, "Good evening", true, true), Calendars.NONE))
                .isEmpty();
    }

    @Test
    void whatEverybodyCanTypeRestsAndLongerWhereItIsHeard() {
        Pull word = ChatWordPull.of("!hum");
        assertThat(made(word, "Hm", false, false).gates()).contains(new CooldownGate(5_000, 0));
        assertThat(made(word, "", false, true).gates()).contains(new CooldownGate(15_000, 0));
        assertThat(made(word, "", List.of("video")).gates())
                .as("a video that was not measured holds its place by the directive's stand-in")
                .filteredOn(CooldownGate.class::isInstance)
                .singleElement()
                .satisfies(gate -> assertThat(((CooldownGate) gate).forAllMs()).isGreaterThanOrEqualTo(5_000));
        assertThat(made(word, "Hm", true, false).gates()).contains(new CooldownGate(6_000, 0));
        assertThat(made(new EveryPull(60_000), "Hm", false, false).gates()).isEmpty();
    }

    @Test
    void itIsNamedByWhatSetsItOffAndHasAnIdOfItsOwn() {
        Cue hum = made(ChatWordPull.of("!hum"), "Hm", false, false);
        assertThat(hum.name()).isEqualTo("Answer to !hum");
        assertThat(hum.id()).isEqualTo("answer-to-hum");
        Wiring with = housed(pour(), hum);
        Cue again = new NewCue(ChatWordPull.of("!hum"), "Hm", List.of(), "bench")
                .made(Drafts.on(with, pour(), ""), Parts.ALL);
        assertThat(again.id()).isEqualTo("answer-to-hum-2");
    }

    @Test
    void theCardSaysWhatHappenedAndTheAnswerComesAfterIt() {
        List<Part> parts = made(new EventPull("gift", Map.of(), Map.of()), "Thanks", true, false)
                .takes()
                .get(0)
                .score()
                .parts();
        assertThat(parts.get(0))
                .isInstanceOfSatisfying(
                        CardPart.class, card -> assertThat(card.words()).startsWith("sent {giftCount, plural,"));
        assertThat(parts.get(1))
                .isInstanceOfSatisfying(
                        ReplyPart.class, reply -> assertThat(reply.start()).isEqualTo(new Anchor.After("card", 200)));
    }

    @Test
    void whatOnePartNeedsOneBeforeItBrings() {
        assertThat(made(ChatWordPull.of("!meet"), "", List.of("lookUp", "introduce"))
                        .takes()
                        .get(0)
                        .score()
                        .parts())
                .extracting(each -> each.kind().name())
                .containsExactly("lookUp", "introduce");
        assertThat(made(ChatWordPull.of("!meet"), "", List.of("introduce"))
                        .takes()
                        .get(0)
                        .score()
                        .parts())
                .isEmpty();
    }

    @Test
    void aCueCanBeginWithAnyPartThatCanStandSomewhere() {
        FreshOn on = Drafts.on(WIRING, pour(), "");
        for (Kind<? extends Part> kind : Parts.ALL.kinds()) {
            Cue made = made(ChatWordPull.of("!hum"), "Hm", List.of(kind.name()));
            assertThat(made.takes().get(0).score().parts())
                    .as(kind.name())
                    .hasSize(on.missing(kind).isEmpty() ? 2 : 1);
            assertThat(CueCheck.check(WIRING, made, Calendars.NONE))
                    .as(kind.name())
                    .isEmpty();
        }
        assertThat(made(ChatWordPull.of("!hum"), "Hm", List.of("nothing of the kind"))
                        .takes()
                        .get(0)
                        .score()
                        .parts())
                .hasSize(1);
    }

    @Test
    void everyFreshPartThatCanStandSomewhereCanBeSaved() {
        FreshOn none = Drafts.on(WIRING, pour(), "");
        for (Kind<? extends Part> kind : Parts.ALL.kinds()) {
            if (none.missing(kind).isEmpty()) {
                Part fresh = kind.fresh().apply(Drafts.on(WIRING, pour(), kind.name()));
                assertThat(fresh.kind()).isSameAs(kind);
                List<Part> parts = new ArrayList<>(pour().takes().get(0).score().parts());
                parts.add(fresh);
                Cue with = pour().withTakes(TakeRule.FIRST, List.of(Take.only(new Score(parts))));
                assertThat(CueCheck.check(WIRING, with, Calendars.NONE))
                        .as(kind.name())
                        .isEmpty();
            }
        }
    }

    @Test
    void everyFreshGateIsOneOfItsKind() {
        for (Kind<? extends Gate> kind : Kinds.ALL.gates().kinds()) {
            assertThat(kind.fresh()
                            .apply(Drafts.on(WIRING, pour(), kind.name()))
                            .kind())
                    .isSameAs(kind);
        }
    }

    @Test
    void copiesHaveWordsAndKeysThatNobodyHas() {
        Cue keyed = pour().withPulls(List.of(ChatWordPull.of("!pour"), new HandPull("", "Alt+3")));
        Cue taken = pour().called("pour-the-taper-2").withPulls(List.of(ChatWordPull.of("!Pour2")));
        List<Cue> copies = NewCue.copiesOf(List.of(keyed, keyed), housed(keyed, taken));
        assertThat(copies).extracting(Cue::id).containsExactly("pour-the-taper-3", "pour-the-taper-4");
        assertThat(copies.get(0).pulls()).containsExactly(ChatWordPull.of("!pour3"), new HandPull("Ring it", ""));
        assertThat(copies.get(1).pulls()).first().isEqualTo(ChatWordPull.of("!pour4"));
        assertThat(copies.get(0).name()).isEqualTo("Pour the taper, copied");
    }

    @Test
    void aCueIsFoundByItsWordsItsPartsAndTheTradesOtherWords() {
        String text = FindText.of(pour(), new Names(WIRING));
        for (String typed :
                Set.of("taper", "!pour", "reply in chat", "thanks", "message", "alert", "14 s", "pouring")) {
            assertThat(text).contains(typed);
        }
        assertThat(text).doesNotContain("lantern");
        Cue gift = pour().withPulls(List.of(new EventPull("gift", Map.of(), Map.of())));
        assertThat(FindText.of(gift, new Names(WIRING))).contains("a gift arrives");
    }
}

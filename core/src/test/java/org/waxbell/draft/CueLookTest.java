package org.waxbell.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.waxbell.Samples.cue;
import static org.waxbell.Samples.housed;
import static org.waxbell.Samples.pour;
import static org.waxbell.Samples.pulledBy;
import static org.waxbell.Samples.reply;
import static org.waxbell.Samples.says;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.waxbell.check.Problem;
import org.waxbell.checkup.Remark;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.cue.EventPull;
import org.waxbell.cue.HeldAnswer;
import org.waxbell.cue.MarkPull;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Fact;
import org.waxbell.event.ShowEvent;
import org.waxbell.gate.ArgumentGate;
import org.waxbell.gate.ConditionGate;
import org.waxbell.gate.CooldownGate;
import org.waxbell.port.Calendars;
import org.waxbell.score.Anchor;
import org.waxbell.score.ClipPart;
import org.waxbell.score.Manner;
import org.waxbell.score.SlatePart;
import org.waxbell.slate.SlateValue;
import org.waxbell.wiring.Kinds;
import org.waxbell.wiring.Wiring;

class CueLookTest {
    private static final Anchor NOW = new Anchor.At(0);

    private static CueLook look(Cue cue) {
        return CueLook.at(cue, Drafts.on(housed(pour()), cue, ""), Calendars.NONE, Kinds.ALL);
    }

    private static ShowEvent event(Cue cue) {
        return look(cue).events().get(0).event();
    }

    @Test
    void aValidCueIsLookedAtWhole() {
        CueLook look = look(pour());
        assertThat(look.problems()).isEmpty();
        assertThat(look.text()).startsWith("When !pour or !taper is typed by anyone");
        assertThat(look.plans()).hasSize(1);
        assertThat(look.values()).containsEntry("viewer", "wickerby").containsEntry("argument", "tall");
        assertThat(look.filled())
                .containsEntry("takes[0].score.parts[0].title", "wickerby")
                .containsEntry("takes[0].score.parts[2].words", "Thanks, wickerby");
        assertThat(look.needs()).containsExactly("stage/main");
        assertThat(look.gates()).contains("price").doesNotContain("cooldown");
        assertThat(look.held()).containsEntry("on", "switched off").containsEntry("cooldown", "resting");
        assertThat(look.missing())
                .containsEntry("spin", "the stage has no wheel")
                .containsEntry("video", "no video is on the shelf")
                .doesNotContainKeys("card", "sound", "points", "switch");
    }

    @Test
    void whatIsWrongIsToldWithEverythingElse() {
        Cue wrong = cue("new-one", List.of("!pour"), List.of(), says("answer", NOW, "{nobody"));
        CueLook look = look(wrong);
        assertThat(look.problems())
                .extracting(Problem::path)
                .contains("pulls[0].words[0]", "takes[0].score.parts[0].words");
        assertThat(look.text()).startsWith("When !pour is typed by anyone");
        assertThat(look.filled()).containsEntry("takes[0].score.parts[0].words", "{nobody");
        assertThat(look.remarks()).as("what cannot be saved is not examined").isEmpty();
    }

    @Test
    void whatCanGoWrongOnAirIsToldOfTheCueAsItIsWritten() {
        Cue loud = cue("loud", List.of("!loud"), List.of(), org.waxbell.Samples.pouring("sound"));
        assertThat(look(loud).remarks()).extracting(Remark::rule).contains("loud-without-rest");
        assertThat(look(loud.withGates(List.of(new CooldownGate(60_000, 0)))).remarks())
                .extracting(Remark::rule)
                .doesNotContain("loud-without-rest");
    }

    @Test
    void theEventsToTryItWithSetItOff() {
        Cue dye = cue(
                "dye",
                List.of("dye"),
                List.of(new ArgumentGate(ArgumentGate.Wants.ONE_OF, 0, 0, List.of("sage"), false, "")),
                reply("answer", NOW));
        assertThat(event(pulledBy(dye, new ChatWordPull(List.of("dye"), true, ""))))
                .isInstanceOfSatisfying(
                        ChatLine.class, line -> assertThat(line.text()).isEqualTo("!dye sage"));
        assertThat(event(pulledBy(pour(), new MarkPull("pours", 10, true))))
                .isInstanceOfSatisfying(
                        Fact.class, moved -> assertThat(moved.number("before")).isEqualTo(9));
    }

    @Test
    void aFilterByRewardOrByADesksNameIsInItsEvent() {
        assertThat(event(pulledBy(pour(), new EventPull("reward", Map.of(), Map.of("rewardName", "Dim the lamp")))))
                .isInstanceOfSatisfying(
                        Fact.class,
                        redeemed -> assertThat(redeemed.text("reward")).isEqualTo("Dim the lamp"));
        assertThat(event(pulledBy(pour(), new EventPull("wheelStopped", Map.of(), Map.of("deskName", "Sweets")))))
                .isInstanceOfSatisfying(
                        Fact.class, stopped -> assertThat(stopped.text("name")).isEqualTo("Sweets"));
        assertThat(event(pulledBy(pour(), new EventPull("gift", Map.of("giftWorth", 500L), Map.of()))))
                .isInstanceOfSatisfying(
                        Fact.class, gift -> assertThat(gift.number("worth")).isEqualTo(500));
    }

    @Test
    void wordsMayUseOnlyWhatEveryPullBringsAndWhatPartsWillKnow() {
        Cue both = pulledBy(pour(), ChatWordPull.of("!x"), new EventPull("gift", Map.of(), Map.of()));
        assertThat(look(both).values()).containsKey("viewer").doesNotContainKeys("argument", "giftItem");
        Cue clip =
                cue("clip-it", List.of("!clip"), List.of(), new ClipPart("clip", NOW, 30, "x", 20_000, Manner.PLAIN));
        assertThat(look(clip).values()).containsKeys("clipAddress", "clipTitle");
    }

    @Test
    void conditionsAreToldAsRowsWhereRowsCanSayThem() {
        Cue gated = pour().withGates(List.of(new ConditionGate("viewer.months >= 3")));
        assertThat(look(gated).rows()).containsKeys("gates[0].condition", "takes[0].when");
        Cue more = pour().withGates(List.of(new ConditionGate("size(viewer.name) > 3")));
        assertThat(look(more).rows()).doesNotContainKey("gates[0].condition");
    }

    @Test
    void theSlateKnowsWhoWritesAndWhoReadsIt() {
        Cue writer = cue(
                "writer",
                List.of("!w"),
                List.of(),
                new SlatePart("s", NOW, "pours", SlatePart.Act.ADD, "1", Manner.PLAIN));
        Cue inWords = cue("in-words", List.of("!a"), List.of(), reply("answer", NOW))
                .withAnswers(List.of(new HeldAnswer("on", "{slatePours, plural, one {#} other {#}}")));
        Cue inCondition =
                cue("in-condition", List.of("!b"), List.of(new ConditionGate("slate.pours > 3")), reply("answer", NOW));
        Cue waiting = pulledBy(
                cue("waiting", List.of("!c"), List.of(), reply("answer", NOW)), new MarkPull("pours", 3, true));
        Wiring wiring = housed(writer, inWords, inCondition, waiting, pour());
        SlateValue pours = wiring.house().slate().get(0);
        SlateUse use = SlateUse.of(pours, wiring);
        assertThat(use.writers()).containsExactly(writer);
        assertThat(use.readers()).containsExactly(inWords, inCondition, waiting);
    }
}

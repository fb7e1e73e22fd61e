package org.waxbell.evening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.waxbell.check.Problems;
import org.waxbell.event.Identity;
import org.waxbell.points.Ledger;
import org.waxbell.points.LedgerEntry;
import org.waxbell.slate.Slate;
import org.waxbell.slate.SlateEntry;
import org.waxbell.slate.SlateValue;
import org.waxbell.state.Numbers;
import org.waxbell.wiring.Circle;
import org.waxbell.wiring.House;

/** First lines, names, points and the slate: what each remembers, and that another goes on from it. */
class MemoriesTest {
    private static final SlateValue POURS = new SlateValue("pours", "Pours", true, false, false, "0");
    private static final SlateValue WISH = new SlateValue("wish", "Wish", false, true, true, "none");

    @Test
    void aFirstLineIsSpentOncePerCueAndPerson() {
        FirstLines lines = new FirstLines(List.of());
        assertThat(lines.spend("greet", "a")).isTrue();
        assertThat(lines.spend("greet", "a")).isFalse();
        assertThat(lines.isSpent("greet", "b")).isFalse();
        assertThat(lines.isSpent("other", "a")).isFalse();
        assertThat(new FirstLines(lines.save()).isSpent("greet", "a")).isTrue();
        lines.clear();
        assertThat(lines.isSpent("greet", "a")).isFalse();
    }

    @Test
    void namesAreKnownWhateverTheirCapitals() {
        KnownPeople people = new KnownPeople(new Numbers());
        people.see("Marshlight_Ines");
        people.see("Marshlight_Ines");
        assertThat(people.knows("marshlight_INES")).isTrue();
        assertThat(people.knows("wickerby")).isFalse();
        assertThat(people.save().size()).isOne();
        assertThat(new KnownPeople(people.save()).knows("marshlight_ines")).isTrue();
    }

    @Test
    void manyNamesThatShareASlotAreAllKnown() {
        KnownPeople people = new KnownPeople(new Numbers());
        for (int i = 0; i < 10_000; i++) {
            people.see("reed_" + i);
        }
        assertThat(people.save().size()).isEqualTo(10_000);
        assertThat(people.knows("reed_9999")).isTrue();
    }

    @Test
    void pointsArePromisedPaidAndGivenBack() {
        Ledger ledger = new Ledger(Ledger.State.EMPTY);
        assertThat(ledger.move(5, "a", 50, "gift")).contains(new LedgerEntry(1, 5, "a", 50, "gift"));
        ledger.reserve(7, "a", 40, "Dye");
        assertThat(ledger.canSpend("a")).isEqualTo(10);
        assertThat(ledger.balance("a")).isEqualTo(50);
        assertThatThrownBy(() -> ledger.reserve(8, "a", 11, "Dye")).isInstanceOf(IllegalStateException.class);
        assertThat(new Ledger(ledger.save()).canSpend("a")).isEqualTo(10);
        assertThat(ledger.release(7)).isPresent();
        assertThat(ledger.release(7)).isEmpty();
        assertThat(ledger.canSpend("a")).isEqualTo(50);
        ledger.reserve(9, "a", 50, "Dye");
        assertThat(ledger.pay(9, 6)).map(LedgerEntry::amount).contains(-50L);
        assertThat(ledger.pay(9, 6)).isEmpty();
        assertThat(ledger.balance("a")).isZero();
    }

    @Test
    void neverMoreIsTakenThanCanBeSpent() {
        Ledger ledger = new Ledger(Ledger.State.EMPTY);
        ledger.move(1, "a", 30, "");
        ledger.reserve(2, "a", 20, "");
        assertThat(ledger.move(3, "a", -25, "").map(LedgerEntry::amount)).contains(-10L);
        assertThat(ledger.move(3, "a", -25, "")).isEmpty();
        assertThat(ledger.save().balances().size()).isOne();
        assertThat(ledger.save().balances().get(Identity.key("a"))).isEqualTo(20);
    }

    @Test
    void theSlateKeepsNumbersAndTextsForAllOrForEach() {
        Slate slate = new Slate(List.of(POURS, WISH), List.of());
        assertThat(slate.write(POURS, "a", " 12 ")).isEqualTo(new SlateEntry("pours", "", "12"));
        assertThat(slate.write(POURS, "a", "many").text()).isEqualTo("0");
        slate.write(WISH, "a", "a tall taper");
        assertThat(slate.seenBy("a")).isEqualTo(Map.of("pours", 0L, "wish", "a tall taper"));
        assertThat(slate.seenBy("b")).containsEntry("wish", "none");
        assertThat(new Slate(List.of(POURS, WISH), slate.save()).seenBy("a")).isEqualTo(slate.seenBy("a"));
    }

    @Test
    void aNewShowWipesWhatIsNotKept() {
        Slate slate = new Slate(List.of(POURS, WISH), List.of());
        slate.write(POURS, "", "7");
        slate.write(WISH, "a", "sage");
        assertThat(slate.wipe()).containsExactly("pours");
        assertThat(slate.wipe()).isEmpty();
        assertThat(slate.seenBy("a")).isEqualTo(Map.of("pours", 0L, "wish", "sage"));
    }

    @Test
    void aHouseIsRefusedByPlace() {
        House house = new House(
                9,
                "much too long",
                " ",
                "",
                "drips",
                true,
                List.of(Circle.named("a", "A", List.of()), Circle.named("a", " ", List.of(" "))),
                List.of(""),
                List.of(POURS, POURS, new SlateValue("2x", "X", true, false, false, "many")),
                List.of(),
                org.waxbell.voice.Reading.USUAL,
                org.waxbell.wiring.ShutterRule.BY_HAND,
                List.of());
        Problems problems = new Problems();
        house.check(problems);
        assertThat(problems.found())
                .extracting(each -> each.path())
                .containsExactly(
                        "formatVersion",
                        "prefix",
                        "pointsOne",
                        "neighbours[0]",
                        "home",
                        "circles[1].id",
                        "circles[1].name",
                        "circles[1].people[0]",
                        "slate[1].id",
                        "slate[2].id",
                        "slate[2].start");
        Problems none = new Problems();
        House.PLAIN.check(none);
        assertThat(none.found()).isEmpty();
    }

    @Test
    void keysOfPeopleAreNeverNothing() {
        assertThat(Identity.key("")).isNotZero();
        assertThat(Identity.key("a")).isNotEqualTo(Identity.key("b"));
    }
}

package org.waxbell.engine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.integers;
import static org.quicktheories.generators.SourceDSL.lists;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.cue.Cue;
import org.waxbell.cue.FirstLinePull;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.Identity;
import org.waxbell.event.PrivateLine;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.gate.PriceGate;
import org.waxbell.points.LedgerEntry;
import org.waxbell.score.Anchor;
import org.waxbell.state.Book;
import org.waxbell.state.Memory;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.Wiring;

/** Several accounts of one person: whatever one of them does, the person does; parted, nothing rings again. */
class AccountsTest {
    private static final Viewer ASH =
            new Viewer("practice:juniper_and_ash", "juniper_and_ash", Set.of(Standing.MEMBER), 5);
    private static final Viewer JUNI = new Viewer("tower:juni", "juni", Set.of(Standing.MODERATOR), 0);
    private static final Viewer MOTH = Samples.viewer("tallowmoth");
    private static final CueBook BOOK = book();

    private long at = 1_000_000;
    private Engine engine = Samples.engine(BOOK, EngineState.fresh(7));

    private static CueBook book() {
        Cue greets = Samples.pulledBy(
                Samples.cue("greet", List.of("!x"), List.of(), Samples.reply("say", new Anchor.At(0))),
                new FirstLinePull(FirstLinePull.Whose.EACH, "", false));
        Cue members = Samples.cue(
                "members",
                List.of("!wax"),
                List.of(Samples.only(Standing.MEMBER)),
                Samples.reply("r", new Anchor.At(0)));
        Cue costs =
                Samples.cue("dye", List.of("!dye"), List.of(new PriceGate(10)), Samples.reply("d", new Anchor.At(0)));
        Wiring wiring = Samples.housed(greets, members, costs);
        return new CueBook(wiring);
    }

    private static Fact joined(Viewer account, Viewer person) {
        return Facts.JOINED.by(
                Actor.HOST,
                account.id(),
                account.name(),
                "MODERATOR",
                (long) account.months(),
                person.id(),
                person.name(),
                "MEMBER",
                (long) person.months());
    }

    private static Fact parted(Viewer account) {
        return Facts.PARTED.by(Actor.HOST, account.id(), account.name());
    }

    private Outcome happens(org.waxbell.event.ShowEvent event) {
        return engine.accept(at += 1_000, event);
    }

    private String says(Viewer who, String from, String text) {
        return happens(new ChatLine(from, who, text)).decisions().stream()
                .filter(each -> each.event() instanceof ChatLine)
                .map(each -> each.sentence())
                .findFirst()
                .orElse("");
    }

    private void opens() {
        happens(Facts.show(Actor.HOST, true));
    }

    @Test
    void theOtherAccountIsThePersonAndOnlyStaffStaysOnItsLink() {
        happens(joined(JUNI, ASH));
        Outcome outcome = happens(new ChatLine("tower", JUNI, "!wax"));
        Viewer by = outcome.decisions().get(0).event().by().orElseThrow();
        assertThat(by.id()).isEqualTo(ASH.id());
        assertThat(by.name()).isEqualTo("juniper_and_ash");
        assertThat(by.months()).isEqualTo(5);
        assertThat(by.standings()).contains(Standing.MEMBER, Standing.MODERATOR);
        assertThat(outcome.decisions().get(0).sentence()).startsWith("rang");
        Viewer here = happens(new ChatLine("practice", ASH, "good evening"))
                .decisions()
                .get(0)
                .event()
                .by()
                .orElseThrow();
        assertThat(here.standings()).doesNotContain(Standing.MODERATOR);
    }

    @Test
    void aPrivateLineIsAnsweredToTheAccountThatWroteIt() {
        happens(joined(JUNI, ASH));
        PrivateLine line = (PrivateLine) happens(new PrivateLine("tower", JUNI, "hello"))
                .decisions()
                .get(0)
                .event();
        assertThat(line.privately()).contains("juni");
        assertThat(line.viewer().id()).isEqualTo(ASH.id());
    }

    @Test
    void whatIsNewOfAnAccountIsKeptOverARestart() {
        happens(joined(JUNI, ASH));
        happens(new ChatLine("practice", Samples.viewer("juniper_and_ash"), "not a member any more"));
        engine = Samples.engine(BOOK, engine.save());
        Viewer by = happens(new ChatLine("tower", JUNI, "hello"))
                .decisions()
                .get(0)
                .event()
                .by()
                .orElseThrow();
        assertThat(by.standings()).doesNotContain(Standing.MEMBER);
    }

    @Test
    void pointsAreThePersonsAndTheLedgerAddsUp() {
        owns(JUNI, 15);
        Outcome outcome = happens(joined(JUNI, ASH));
        assertThat(outcome.now(Books.ENTRIES)).extracting(LedgerEntry::amount).containsExactly(-15L, 15L);
        assertThat(says(ASH, "practice", "!dye")).contains("rang");
        assertThat(says(JUNI, "tower", "!dye")).contains("held");
    }

    @Test
    void joiningAndPartingNeverGreetsTwice() {
        opens();
        assertThat(says(JUNI, "tower", "good evening")).contains("rang");
        happens(joined(JUNI, ASH));
        assertThat(says(ASH, "practice", "it is me")).doesNotContain("rang");
        happens(parted(JUNI));
        assertThat(says(JUNI, "tower", "again")).doesNotContain("rang");
        assertThat(says(ASH, "practice", "again")).doesNotContain("rang");
        assertThat(says(MOTH, "practice", "good evening")).contains("rang");
    }

    @Test
    void whatCannotBeJoinedOrPartedIsRefused() {
        happens(joined(JUNI, ASH));
        assertThat(happens(joined(JUNI, ASH)).decisions().get(0).note()).contains("one person already");
        assertThat(happens(joined(ASH, JUNI)).decisions().get(0).note()).contains("one person already");
        assertThat(happens(joined(JUNI, MOTH)).decisions().get(0).note()).contains("belongs to somebody else");
        assertThat(happens(parted(MOTH)).decisions().get(0).note()).contains("belongs to nobody else");
        assertThat(happens(joined(ASH, MOTH)).decisions().get(0).note()).isEmpty();
        assertThat(happens(new ChatLine("tower", JUNI, "hello"))
                        .decisions()
                        .get(0)
                        .event()
                        .by()
                        .orElseThrow()
                        .id())
                .as("whoever belonged to the account belongs to the person too")
                .isEqualTo(MOTH.id());
    }

    @Test
    void inNoOrderOfJoiningPartingWritingAndPayingDoesAnythingRingTwiceOrALedgerNotAddUp() {
        qt().withExamples(400)
                .forAll(lists().of(integers().between(0, 8)).ofSizeBetween(1, 25))
                .check(this::holds);
    }

    private boolean holds(List<Integer> steps) {
        engine = Samples.engine(BOOK, EngineState.fresh(7));
        at = 1_000_000;
        owns(ASH, 20);
        owns(JUNI, 20);
        Map<String, Long> sums = new HashMap<>(Map.of(ASH.id(), 20L, JUNI.id(), 20L));
        opens();
        boolean joined = false;
        Set<Viewer> greeted = new HashSet<>();
        for (int step : steps) {
            Viewer who = step % 2 == 0 ? ASH : JUNI;
            boolean writes = step / 2 > 1;
            Outcome outcome = happens(
                    switch (step / 2) {
                        case 0 -> joined(JUNI, ASH);
                        case 1 -> parted(JUNI);
                        case 2 -> new ChatLine(who == ASH ? "practice" : "tower", who, "!dye");
                        default -> new ChatLine(who == ASH ? "practice" : "tower", who, "hello");
                    });
            joined = step / 2 == 0 || joined && step / 2 != 1;
            for (LedgerEntry entry : outcome.now(Books.ENTRIES)) {
                if (sums.merge(entry.person(), entry.amount(), Long::sum) < 0) {
                    return false;
                }
            }
            boolean rang = outcome.decisions().stream()
                    .flatMap(each -> each.cues().stream())
                    .anyMatch(each -> each.cueId().equals("greet") && !each.held());
            boolean first = writes && greeted.add(who);
            // What one of both spent the other has spent too, from the moment on at which they are one.
            if (joined && !greeted.isEmpty()) {
                first &= greeted.size() == 1;
                greeted.addAll(List.of(ASH, JUNI));
            }
            if (rang != first) {
                return false;
            }
            engine = Samples.engine(BOOK, engine.save());
        }
        Memory memory = engine.save().memory();
        return sums.values().stream().mapToLong(each -> each).sum()
                == memory.all(Books.BALANCES).stream()
                        .mapToLong(Long::longValue)
                        .sum();
    }

    private void owns(Viewer viewer, long points) {
        EngineState state = engine.save();
        long key = Identity.key(viewer.id());
        state.memory().put(Books.BALANCES, Book.key(key), points);
        engine = Samples.engine(BOOK, state);
    }
}

package org.waxbell.link;

import static org.assertj.core.api.Assertions.assertThat;
import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.integers;
import static org.quicktheories.generators.SourceDSL.strings;

import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.waxbell.check.Problem;
import org.waxbell.check.Problems;
import org.waxbell.event.Standing;
import org.waxbell.kind.Fresh;

/** How links come up again, what they may send, and who is who on them. */
class LinkRulesTest {
    private static final Trouble CUT = Trouble.passing("The line was cut.", "Wait.");

    @Test
    void everyFailureWaitsTwiceAsLongUpToHalfAMinuteAndHalfOfItIsDrawn() {
        assertThat(List.of(Backoff.after(1, 0), Backoff.after(1, 1), Backoff.after(2, 0), Backoff.after(3, 0)))
                .containsExactly(250L, 500L, 500L, 1_000L);
        assertThat(Backoff.after(1_000, 0.5)).isEqualTo(22_500L);
        qt().forAll(integers().between(0, 10_000), integers().between(0, 999)).check((failures, lot) -> {
            long wait = Backoff.after(failures, lot / 1_000.0);
            return wait >= Backoff.FIRST / 2 && wait <= Backoff.LONGEST;
        });
    }

    @Test
    void aLinkKeepsWhatWasWrongWhileItTriesAgainAndForgetsItWhenItIsUp() {
        LinkState broken = LinkState.NEW.connecting(100).up(200).broken(1_000, CUT, 0);
        assertThat(broken.nextTry()).isEqualTo(1_250);
        assertThat(broken.refusal("The mixer")).isEqualTo("The mixer is down: The line was cut");
        LinkState again = broken.connecting(1_250);
        assertThat(again.trouble()).isEqualTo(CUT);
        assertThat(again.broken(1_300, CUT, 0).failures()).isEqualTo(2);
        LinkState up = again.up(1_400);
        assertThat(up.trouble()).isNull();
        assertThat(up.failures()).isZero();
        assertThat(up.up(9_000).since()).as("it is up since it came up").isEqualTo(1_400);
    }

    @Test
    void whatOnlyTheHostCanMendIsNotTriedAgainAndAPausedLinkStaysPaused() {
        LinkState wrong = LinkState.NEW.broken(50, Trouble.lasting("The password is wrong.", "Write another."), 0.5);
        assertThat(wrong.nextTry()).isZero();
        LinkState paused = wrong.paused(60);
        assertThat(paused.broken(70, CUT, 0)).isSameAs(paused);
        assertThat(paused.refusal("Tower")).isEqualTo("Tower is paused");
        assertThat(LinkState.NEW.unset(1).refusal("Tower")).isEqualTo("Tower is not set up");
        assertThat(LinkState.NEW.hears(5, "x".repeat(500)).heard()).hasSize(120);
    }

    @Test
    void aLongAnswerIsSplitAtWordsWithNothingLostAndNoCharacterTorn() {
        assertThat(LineSplit.split("one two three", 16)).containsExactly("one two three");
        assertThat(LineSplit.split("one two three four five", 16)).containsExactly("one two three", "four five");
        assertThat(LineSplit.split("a 🕯🕯🕯🕯🕯 b", 16)).containsExactly("a", "🕯🕯🕯🕯", "🕯 b");
        qt().forAll(
                        strings().betweenCodePoints(0x20, 0x1FFFF).ofLengthBetween(1, 200),
                        integers().between(16, 60))
                .check((text, most) -> {
                    String clean = text.replaceAll("[\\uD800-\\uDFFF]", "x").strip();
                    List<String> lines = LineSplit.split(clean, most);
                    String joined = String.join("", lines).replace(" ", "");
                    return joined.equals(clean.replace(" ", ""))
                            && lines.stream()
                                    .noneMatch(line -> line.isEmpty()
                                            || line.codePoints()
                                                            .map(point -> Character.toString(point)
                                                                    .getBytes(StandardCharsets.UTF_8)
                                                                    .length)
                                                            .sum()
                                                    > most);
                });
    }

    @Test
    void onlySoMuchIsSentAtATimeInOrderAndWhatWaitsTooLongIsGivenUp() {
        SendQueue<Integer> queue = new SendQueue<>(2, 1_000, 3_000);
        for (int i = 1; i <= 6; i++) {
            queue.add(0, i);
        }
        List<String> sent = new ArrayList<>();
        for (long at = 0; at <= 5_000; at += 100) {
            long now = at;
            queue.expired(at).forEach(item -> sent.add("lost " + item));
            for (Optional<Integer> item = queue.take(at); item.isPresent(); item = queue.take(at)) {
                sent.add(item.get() + "@" + now);
            }
        }
        assertThat(sent).containsExactly("1@0", "2@0", "3@1000", "4@2000", "5@3000", "lost 6");
        assertThat(queue.pause(9_000)).isEqualTo(Long.MAX_VALUE);
        assertThat(new SendQueue<Integer>(1, 0, 10).pause(0)).isEqualTo(Long.MAX_VALUE);
    }

    @Test
    void noMoreIsSentThanTheRateAllowsWhateverComes() {
        qt().forAll(
                        integers().between(1, 5),
                        integers().between(50, 500),
                        integers().between(1, 60))
                .check((burst, every, step) -> {
                    SendQueue<Integer> queue = new SendQueue<>(burst, every, 1_000_000);
                    int sent = 0;
                    for (int at = 0; at < 5_000; at += step) {
                        queue.add(at, at);
                        while (queue.take(at).isPresent()) {
                            sent++;
                        }
                    }
                    return sent <= burst + 5_000 / every;
                });
    }

    @Test
    void marksAndListsMakeStandingsAndABareNicknameIsOnNoList() {
        ModeMap map = new ModeMap(ModeMap.USUAL.modes(), List.of("Odalys"), List.of("wickerby"), List.of());
        assertThat(map.standings("odalys", List.of())).containsExactlyInAnyOrder(Standing.HOST, Standing.ANYONE);
        assertThat(map.standings("", List.of("o", "v")))
                .containsExactlyInAnyOrder(Standing.MODERATOR, Standing.VIP, Standing.ANYONE);
        assertThat(map.standings("", List.of("x"))).isEqualTo(Set.of(Standing.ANYONE));
        assertThat(map.standings("wickerby", List.of())).contains(Standing.MEMBER);
    }

    @Test
    void settingsOfAChatAreRefusedByPlace() {
        IrcSettings fresh =
                IrcSettings.KIND.type().cast(IrcSettings.KIND.fresh().apply(Fresh.NOTHING));
        assertThat(fresh.complete()).isFalse();
        Problems none = new Problems();
        fresh.check(none);
        assertThat(none.found()).isEmpty();
        Problems problems = new Problems();
        new IrcSettings(
                        "irc example",
                        0,
                        true,
                        "",
                        List.of("#bench", "bench"),
                        new IrcSettings.Account("2bell", ""),
                        new IrcSettings.Account("", ""),
                        true,
                        new ModeMap(Map.of("op", Standing.HOST), List.of(""), List.of(), List.of()),
                        0,
                        -1)
                .check(problems);
        assertThat(problems.found())
                .extracting(Problem::path)
                .containsExactly(
                        "host",
                        "port",
                        "channels[1]",
                        "helper.nick",
                        "standings.hosts[0]",
                        "burst",
                        "everyMs",
                        "standings.modes",
                        "owner.nick");
    }

    @Test
    void theMixerIsThePracticeMixerOrHasAnAddressThatCanBeReached() {
        for (String good : List.of("ws://192.168.1.20:4466/link", "wss://studio.local", "ws://[::1]:4466/a/b?c=1")) {
            Problems problems = new Problems();
            new MixerSettings(false, good).check(problems);
            assertThat(problems.found()).as(good).isEmpty();
            assertThat(URI.create(good).getHost()).isNotNull();
        }
        for (String bad :
                List.of("http://x", "ws://a@b/link", "ws://", "ws://studio local", "practice", "ws://x/%zz")) {
            Problems problems = new Problems();
            new MixerSettings(false, bad).check(problems);
            assertThat(problems.found()).as(bad).extracting(Problem::path).containsExactly("address");
            Problems practice = new Problems();
            new MixerSettings(true, bad).check(practice);
            assertThat(practice.found()).isEmpty();
        }
        assertThat(new MixerSettings(false, "").complete()).isFalse();
        assertThat(new MixerSettings(true, "").complete()).isTrue();
    }

    @Test
    void aCodeProvesOnceWithinTenMinutesAndBearsTwoWrongOnes() {
        ChannelProof proof = new ChannelProof(0, "Abcd2345");
        assertThat(proof.code()).isEqualTo("mybell-abcd2345");
        assertThat(proof.hears(1, "hello")).isFalse();
        assertThat(proof.hears(2, "mybell-nope")).isFalse();
        assertThat(proof.triesLeft()).isEqualTo(2);
        assertThat(proof.hears(3, " MYBELL-abcd2345 ")).isTrue();
        assertThat(proof.hears(4, "mybell-abcd2345")).as("once only").isFalse();
        ChannelProof spoilt = new ChannelProof(0, "abcd");
        List.of("mybell-1", "mybell-2", "mybell-3").forEach(line -> spoilt.hears(1, line));
        assertThat(spoilt.hears(2, "mybell-abcd")).isFalse();
        assertThat(spoilt.result(2)).isEqualTo(ChannelProof.Result.VOID);
        ChannelProof late = new ChannelProof(0, "abcd");
        assertThat(late.hears(ChannelProof.GOOD_FOR + 1, "mybell-abcd")).isFalse();
        assertThat(late.result(ChannelProof.GOOD_FOR + 1)).isEqualTo(ChannelProof.Result.OVER);
    }

    @Test
    void whoAnswersOurWordsIsSuspectedAndAChattyViewerIsNot() {
        NeighbourWatch watch = new NeighbourWatch();
        for (int i = 0; i < 4; i++) {
            long at = i * 20_000L;
            watch.hears(at, "tower", "wickerby", "!pour", "!pour");
            watch.hears(at + 400, "tower", "reed_helper", "poured for wickerby", "");
            watch.hears(at + 900, "tower", "pip_in_the_reeds", "nice one", "");
            watch.hears(at + 9_000, "tower", "pip_in_the_reeds", "what is next", "");
            watch.hears(at + 500, "cellar", "lowtide_lou", "nobody asked here", "");
        }
        assertThat(watch.suspects(List.of()))
                .containsExactly(new NeighbourWatch.Suspect("reed_helper", List.of("!pour"), 4));
        assertThat(watch.suspects(List.of("Reed_Helper"))).isEmpty();
        assertThat(watch.freePrefix("!")).contains("+");
        watch.hears(1, "tower", "wickerby", "+dye", "");
        assertThat(watch.freePrefix("!")).contains("~");
    }
}

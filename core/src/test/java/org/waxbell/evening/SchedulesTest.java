package org.waxbell.evening;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.cue.AfterLinesPull;
import org.waxbell.cue.CalendarPull;
import org.waxbell.cue.Cue;
import org.waxbell.cue.EveryPull;
import org.waxbell.cue.Pull;
import org.waxbell.port.Calendars;
import org.waxbell.score.Anchor;

class SchedulesTest {
    private static final long OPENED = 1_000_000;
    private static final Evening SHOW = Evening.NONE.opened(OPENED);
    /** Comes at every full hundred seconds. */
    private static final Calendars HUNDREDS = new Calendars() {
        @Override
        public long next(CalendarPull pull, long after) {
            return (after / 100_000 + 1) * 100_000;
        }

        @Override
        public Optional<String> faultOf(String rule) {
            return Optional.empty();
        }
    };

    private final List<Came> kept = new ArrayList<>();

    private static Cue cue(Pull... pulls) {
        return Samples.pulledBy(
                Samples.cue("timed", List.of("!x"), List.of(), Samples.reply("r", new Anchor.At(0))), pulls);
    }

    private static Schedules of(Evening evening, Pull... pulls) {
        Schedules schedules = new Schedules(HUNDREDS, List.of());
        schedules.define(List.of(cue(pulls)), evening, evening.openedAt(), came -> {});
        schedules.restart(evening, came -> {});
        return schedules;
    }

    private List<Long> comes(Schedules schedules, Evening evening, long until) {
        List<Long> moments = new ArrayList<>();
        while (schedules.nextAt() <= until) {
            moments.add(schedules.nextAt() - OPENED);
            assertThat(schedules.take(schedules.nextAt(), evening, kept::add)).isPresent();
        }
        return moments;
    }

    @Test
    void everySoOftenCountsFromTheOpeningOfTheShow() {
        Schedules schedules = of(SHOW, new EveryPull(60_000));
        assertThat(comes(schedules, SHOW, OPENED + 200_000)).containsExactly(60_000L, 120_000L, 180_000L);
        assertThat(kept).extracting(Came::at).containsExactly(OPENED + 60_000, OPENED + 120_000, OPENED + 180_000);
    }

    @Test
    void withNoShowOpenNothingComes() {
        assertThat(of(Evening.NONE, new EveryPull(60_000), new AfterLinesPull(1, 0))
                        .nextAt())
                .isEqualTo(Long.MAX_VALUE);
    }

    @Test
    void whatWasMissedIsNotMadeUpFor() {
        Schedules schedules = of(SHOW, new EveryPull(60_000));
        schedules.skipTo(OPENED + 300_000, SHOW, came -> {});
        assertThat(schedules.nextAt()).isEqualTo(OPENED + 360_000);
    }

    @Test
    void linesAreCountedFromWhenItCameLast() {
        Schedules schedules = of(SHOW, new AfterLinesPull(2, 0));
        Evening evening = SHOW;
        for (int i = 1; i <= 5; i++) {
            evening = evening.line();
            schedules.line(OPENED + i * 1_000L, evening, kept::add);
            comes(schedules, evening, OPENED + i * 1_000L);
        }
        assertThat(kept)
                .filteredOn(each -> each.ready() == 0)
                .extracting(each -> each.at() - OPENED)
                .containsExactly(2_000L, 4_000L);
        assertThat(schedules.countsLines()).isTrue();
        assertThat(of(SHOW, new EveryPull(60_000)).countsLines()).isFalse();
    }

    @Test
    void linesThatCameTooSoonWaitForTheirTime() {
        Schedules schedules = of(SHOW, new AfterLinesPull(1, 30_000));
        schedules.line(OPENED + 1_000, SHOW.line(), kept::add);
        assertThat(schedules.nextAt()).isEqualTo(OPENED + 30_000);
    }

    @Test
    void aCalendarRuleComesWithoutAShow() {
        Schedules schedules = new Schedules(HUNDREDS, List.of());
        schedules.define(
                List.of(cue(new CalendarPull("FREQ=DAILY", "2026-11-23T19:55:00", "UTC"))),
                Evening.NONE,
                250_000,
                came -> {});
        assertThat(schedules.nextAt()).isEqualTo(300_000);
        schedules.take(300_000, Evening.NONE, kept::add);
        assertThat(schedules.nextAt()).isEqualTo(400_000);
    }

    @Test
    void whatItRemembersGoesOnInAnother() {
        Schedules schedules = of(SHOW, new EveryPull(60_000), new AfterLinesPull(3, 0));
        comes(schedules, SHOW, OPENED + 70_000);
        schedules.line(OPENED + 71_000, SHOW.line().line().line(), kept::add);
        Schedules other = new Schedules(HUNDREDS, schedules.save());
        other.define(
                List.of(cue(new EveryPull(60_000), new AfterLinesPull(3, 0))),
                SHOW.line().line().line(),
                OPENED + 72_000,
                came -> {});
        assertThat(other.nextAt()).isEqualTo(schedules.nextAt()).isEqualTo(OPENED + 71_000);
    }

    @Test
    void aPullThatIsNewCountsFromNowAndOneThatIsGoneNeverComes() {
        Schedules schedules = of(SHOW, new EveryPull(60_000));
        schedules.define(List.of(), SHOW, OPENED + 10_000, came -> {});
        assertThat(schedules.nextAt()).isEqualTo(Long.MAX_VALUE);
        schedules.define(
                List.of(cue(new CalendarPull("FREQ=DAILY", "2026-11-23T19:55:00", "UTC"))),
                SHOW,
                OPENED + 10_000,
                came -> {});
        assertThat(schedules.nextAt()).isEqualTo(1_100_000);
    }
}

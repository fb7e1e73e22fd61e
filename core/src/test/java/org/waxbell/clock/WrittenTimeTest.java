package org.waxbell.clock;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.waxbell.time.Spans;

class WrittenTimeTest {
    private static final ZoneId LONDON = ZoneId.of("Europe/London");

    private static long at(String local) {
        return LocalDateTime.parse(local).atZone(LONDON).toInstant().toEpochMilli();
    }

    private static WrittenTime read(String text) {
        return WrittenTime.of(text, at("2026-11-28T20:00:00"), LONDON);
    }

    @ParameterizedTest
    @CsvSource({
        "90, 90",
        "1:30, 90",
        "1:05:00, 3900",
        "1h 5m, 3900",
        "2 minutes, 120",
        "90s, 90",
        "1.5h, 5400",
        "'1,5 min', 90",
        "'1 hour, 5 minutes', 3900",
        "1 h and 5 min, 3900",
        "  5M , 300",
        "0:45, 45",
        "24h, 86400"
    })
    void aTimeIsReadAsPeopleWriteIt(String text, long seconds) {
        assertThat(read(text)).isEqualTo(new WrittenTime(seconds * 1_000, false, ""));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "soon",
                "0",
                "0:00",
                "-5",
                "25h",
                "5 kg",
                "1:2:3:4",
                "until",
                "until then",
                "until 25:00",
                "until 13pm",
                "<b>5</b>",
                "٥",
                "999999h",
                "5 5x"
            })
    void whatIsNoTimeIsToldWithSamples(String text) {
        assertThat(read(text).fault()).endsWith("Write one such as 90, 1:30, 1h 5m or until 21:00.");
        assertThat(read(text.repeat(100)).fault().length()).isLessThan(160);
    }

    @Test
    void aTimeOfDayIsTheNextOne() {
        assertThat(read("until 21:00")).isEqualTo(new WrittenTime(at("2026-11-28T21:00:00"), true, ""));
        assertThat(read("until 9pm").ms()).isEqualTo(at("2026-11-28T21:00:00"));
        assertThat(read("until 12am").ms()).isEqualTo(at("2026-11-29T00:00:00"));
        assertThat(read("until 20:00").ms()).isEqualTo(at("2026-11-29T20:00:00"));
        assertThat(read("until 24:00").ms()).isEqualTo(at("2026-11-29T00:00:00"));
    }

    @Test
    void anHourThatDoesNotExistIsRefusedAndOneThatComesTwiceIsTheFirst() {
        WrittenTime gap = WrittenTime.of("until 1:30", at("2026-03-28T23:00:00"), LONDON);
        assertThat(gap.fault()).startsWith("There is no 01:30 that night, for the clocks are put forward.");
        WrittenTime twice = WrittenTime.of("until 1:30", at("2026-10-24T23:00:00"), LONDON);
        assertThat(twice.ms() - at("2026-10-24T23:00:00")).isEqualTo(150 * 60_000);
    }

    @Test
    void whatIsShownIsReadAgain() {
        Random random = new Random(7);
        for (int i = 0; i < 500; i++) {
            long ms = (1 + random.nextInt(86_400)) * 1_000L;
            assertThat(read(WrittenTime.shown(ms, true)).ms()).isEqualTo(ms);
            assertThat(read(Spans.inWords(ms)).ms()).isEqualTo(ms);
        }
    }
}

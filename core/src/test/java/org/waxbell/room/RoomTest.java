package org.waxbell.room;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.waxbell.check.Problem;
import org.waxbell.check.Problems;
import org.waxbell.kind.Fresh;
import org.waxbell.kind.Records;
import org.waxbell.link.Device;
import org.waxbell.link.RoomSettings;
import org.waxbell.words.Wording;

class RoomTest {
    private static final Light WARM = new Light(true, "#FFE0A8", 70);

    @ParameterizedTest
    @CsvSource({
        "off, off",
        "on, #ffe0a8 70",
        "#C8841A, #c8841a",
        "#c8841a 60, #c8841a 60",
        "#c8841a 100, #c8841a",
        "breathe #c8841a, #c8841a 12",
        "blink #c8841a, #c8841a",
    })
    void aWishBeginsSo(String value, String begins) {
        assertThat(LampWish.of(value, WARM).orElseThrow().at(0).inWords()).isEqualTo(begins);
    }

    @ParameterizedTest
    @CsvSource({"bright", "#c8841", "#c8841a 101", "#c8841a 0", "breathe", "breathe red", "''", "off off", "ON"})
    void whatIsNoWishIsNone(String value) {
        assertThat(LampWish.of(value, WARM)).isEmpty();
    }

    @Test
    void aBreathSwellsToItsMiddleAndBlinkingIsSlow() {
        LampWish breath = LampWish.of("breathe #c8841a", WARM).orElseThrow();
        assertThat(breath.at(1_500).brightness()).isEqualTo(100);
        assertThat(breath.at(750).brightness()).isEqualTo(56);
        assertThat(breath.at(3_000)).isEqualTo(breath.at(0));
        LampWish blink = LampWish.of("blink #c8841a", WARM).orElseThrow();
        int changes = 0;
        for (long ms = 10; ms <= 1_000; ms += 10) {
            changes += blink.at(ms).on() == blink.at(ms - 10).on() ? 0 : 1;
        }
        assertThat(changes).as("nothing in a room flashes").isLessThanOrEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({
        "off, off, true",
        "off, #c8841a, false",
        "on, #123456 5, true",
        "on, off, false",
        "#c8841a, #C8841A 100, true",
        "#c8841a, #c8841a 99, false",
        "breathe #c8841a, #c8841a 37, true",
        "breathe #c8841a, #c8841b 37, false",
        "breathe #c8841a, off, false",
        "blink #c8841a, off, true",
        "blink #c8841a, #c8841a, true",
        "blink #c8841a, #ffffff, false",
    })
    void aLampStillDoesWhatItWasAsked(String wished, String told, boolean still) {
        assertThat(LampWish.stillDoes(wished, told)).isEqualTo(still);
    }

    private static Device device() {
        return Records.with(
                Device.KIND.fresh().apply(Fresh.NOTHING), Map.of("name", "Bench", "topic", "room/bench/set"));
    }

    @Test
    void aDeviceIsSpokenToInItsOwnWay() {
        assertThat(device().values(WARM))
                .containsEntry("state", "ON")
                .containsEntry("brightness", "70")
                .containsEntry("level", "179")
                .containsEntry("red", "255")
                .containsEntry("green", "224")
                .containsEntry("blue", "168");
        assertThat(device().values(WARM.dark())).containsEntry("state", "OFF").containsEntry("level", "0");
        assertThat(Wording.of(Device.JSON_LAMP).fill(device().values(WARM)))
                .isEqualTo("{\"state\":\"ON\",\"brightness\":179,\"color\":{\"r\":255,\"g\":224,\"b\":168}}");
    }

    private static List<String> wrong(Device... devices) {
        Problems problems = new Problems();
        new RoomSettings(false, "mqtt://127.0.0.1", "", "", "", List.of(devices)).check(problems);
        return problems.found().stream().map(Problem::path).toList();
    }

    @Test
    void whatCannotBeSpokenToIsRefusedAtItsField() {
        assertThat(wrong(device())).isEmpty();
        assertThat(wrong(Records.with(device(), Map.of("payload", "{\"state\": 1}"))))
                .containsExactly("devices[0].payload");
        assertThat(wrong(Records.with(device(), Map.of("payload", "{heat}")))).containsExactly("devices[0].payload");
        assertThat(wrong(Records.with(device(), Map.of("topic", "room/#")))).containsExactly("devices[0].topic");
        assertThat(wrong(Records.with(device(), Map.of("state", "state")))).containsExactly("devices[0].state");
        assertThat(wrong(device(), Records.with(device(), Map.of("name", "bench"))))
                .containsExactly("devices[1].name");
        Problems address = new Problems();
        new RoomSettings(false, "http://broker", "", "", "", List.of()).check(address);
        assertThat(address.found()).extracting(Problem::path).containsExactly("address");
    }
}

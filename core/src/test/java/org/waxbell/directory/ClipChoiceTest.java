package org.waxbell.directory;

import static org.assertj.core.api.Assertions.assertThat;
import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.integers;
import static org.quicktheories.generators.SourceDSL.lists;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.waxbell.directory.ClipChoice.Order;

/** Which clip of a broadcaster is shown. */
class ClipChoiceTest {
    private static final long DAY = 86_400_000;
    private static final long NOW = 1_000 * DAY;

    private static TheirClip clip(String id, long views, long daysAgo, long lengthMs) {
        return new TheirClip(id, "Clip " + id, views, NOW - daysAgo * DAY, lengthMs);
    }

    private static final List<TheirClip> ALL = List.of(
            clip("a", 10, 3, 8_000), clip("b", 90, 40, 9_000), clip("c", 30, 5, 9_000), clip("d", 60, 9, 70_000));

    private static ClipChoice.Picked pick(Order order, int days, long views, List<String> lately, long draw) {
        return new ClipChoice(order, days, views, 30_000).pick(ALL, lately, NOW, draw);
    }

    @Test
    void theNewestTheMostSeenOrAnyOfThoseThatFit() {
        assertThat(pick(Order.NEWEST, 0, 0, List.of(), 0).clip())
                .map(TheirClip::id)
                .contains("a");
        assertThat(pick(Order.NEWEST, 0, 20, List.of(), 0).clip())
                .map(TheirClip::id)
                .contains("c");
        assertThat(pick(Order.MOST_SEEN, 0, 0, List.of(), 0).why())
                .isEqualTo("3 of 4 fit, took the one that was seen most");
        assertThat(pick(Order.MOST_SEEN, 31, 0, List.of(), 0).clip())
                .map(TheirClip::id)
                .contains("c");
        assertThat(pick(Order.ANY, 0, 0, List.of(), 2).why()).isEqualTo("3 of 4 fit, drew the third");
        assertThat(pick(Order.ANY, 0, 0, List.of(), 2).clip())
                .map(TheirClip::id)
                .contains("c");
    }

    @Test
    void thoseShownLatelyArePassedOverWhileAnotherFits() {
        assertThat(pick(Order.NEWEST, 0, 0, List.of("a"), 0).clip())
                .map(TheirClip::id)
                .contains("c");
        assertThat(pick(Order.NEWEST, 0, 0, List.of("a", "b", "c"), 0).clip())
                .map(TheirClip::id)
                .contains("a");
    }

    @Test
    void whyThereIsNoneIsSaid() {
        assertThat(pick(Order.ANY, 1, 500, List.of(), 0))
                .isEqualTo(new ClipChoice.Picked(Optional.empty(), "none of their 4 clips fits"));
        assertThat(new ClipChoice(Order.ANY, 0, 0, 1)
                        .pick(List.of(), List.of(), NOW, 0)
                        .why())
                .isEqualTo("they have no clips");
    }

    @Test
    void whatIsPickedFitsAndHangsOnNothingButTheClipsAndTheDraw() {
        qt().forAll(
                        lists().of(integers().between(0, 60)).ofSizeBetween(1, 40),
                        integers().between(0, 999),
                        integers().between(1, 60))
                .check((ages, draw, days) -> {
                    List<TheirClip> clips = IntStream.range(0, ages.size())
                            .mapToObj(i -> clip("x" + i, i * 7 % 50, ages.get(i), 4_000 + i * 900L))
                            .toList();
                    ClipChoice choice = new ClipChoice(Order.ANY, days, 20, 30_000);
                    Optional<TheirClip> picked =
                            choice.pick(clips, List.of(), NOW, draw).clip();
                    List<TheirClip> turned = clips.stream()
                            .sorted((one, other) -> other.id().compareTo(one.id()))
                            .toList();
                    boolean fits = picked.map(clip ->
                                    clip.views() >= 20 && clip.lengthMs() <= 30_000 && clip.made() > NOW - days * DAY)
                            .orElse(true);
                    return fits
                            && picked.equals(
                                    choice.pick(turned, List.of(), NOW, draw).clip());
                });
    }
}

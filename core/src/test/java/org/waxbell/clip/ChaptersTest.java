package org.waxbell.clip;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Chapters of marks and clips, and which clips show the same. */
class ChaptersTest {
    private static final long T0 = 1_700_000_000_000L;

    @Test
    void timesCountFromTheBeginningAndEachLastsUntilTheNext() {
        Chapters chapters = new Chapters(
                T0,
                T0 + 7_200_000,
                List.of(
                        new Mark(T0 + 3_661_500, "the tall one", "marshlight_ines"),
                        new Mark(T0 + 5_000, "begins", ""),
                        new Mark(T0 - 1, "before", ""),
                        new Mark(T0 + 7_200_000, "after", "")));
        assertThat(chapters.vtt()).isEqualTo("""
                        WEBVTT

                        00:00:05.000 --> 01:01:01.500
                        begins

                        01:01:01.500 --> 02:00:00.000
                        the tall one (marshlight_ines)
                        """);
        assertThat(chapters.list()).isEqualTo("00:00:05  begins\n01:01:01  the tall one (marshlight_ines)\n");
    }

    @Test
    void whatStrangersWroteEndsNoCueAndIsNoMarkup() {
        Chapters chapters =
                new Chapters(T0, T0 + 9_000, List.of(new Mark(T0, "a --> b\n\n<b>&", "<i>"), new Mark(T0, "", "")));
        assertThat(chapters.vtt())
                .isEqualTo("WEBVTT\n\n00:00:00.000 --> 00:00:00.001\na --&gt; b &lt;b&gt;&amp; (&lt;i&gt;)\n"
                        + "\n00:00:00.000 --> 00:00:09.000\na mark\n");
        assertThat(new Chapters(T0, T0, List.of()).list()).isEmpty();
    }

    @Test
    void aClipIsOldWhenItsEndIsMoreThanSoManyDaysAgo() {
        long day = 86_400_000;
        Stretch clip = new Stretch(T0 - 30_000, T0);
        assertThat(clip.isOlderThan(3, T0 + 3 * day)).isFalse();
        assertThat(clip.isOlderThan(3, T0 + 3 * day + 1)).isTrue();
    }

    @ParameterizedTest
    @CsvSource({
        "0, 30, 0, 30, true",
        "0, 30, 5, 35, true",
        "0, 30, 7, 37, false",
        "0, 30, 20, 30, false",
        "0, 30, 40, 70, false"
    })
    void aClipShowsTheSameWhereMostOfItIsShared(long from, long to, long otherFrom, long otherTo, boolean same) {
        Stretch one = new Stretch(from, to);
        Stretch other = new Stretch(otherFrom, otherTo);
        assertThat(one.sameAs(other)).isEqualTo(same);
        assertThat(other.sameAs(one)).isEqualTo(same);
    }
}

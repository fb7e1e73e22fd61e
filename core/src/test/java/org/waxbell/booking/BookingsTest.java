package org.waxbell.booking;

import static org.assertj.core.api.Assertions.assertThat;
import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.integers;
import static org.quicktheories.generators.SourceDSL.lists;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class BookingsTest {
    private static final List<Want> CARD = List.of(new Want(new Place("main", "card"), 0, 5_000));

    private static Bookings bookings(int together) {
        return new Bookings(place -> together == 1 ? new BusyRule.Wait(5, 20_000) : new BusyRule.Share(together));
    }

    @Test
    void aFreePlaceIsHadAtOnce() {
        assertThat(bookings(1).earliest(1_000, 0, CARD)).isEqualTo(1_000);
    }

    @Test
    void aTakenPlaceIsHadWhenTheOtherGoes() {
        Bookings bookings = bookings(1);
        bookings.book(1, 0, 1_000, CARD);
        assertThat(bookings.earliest(2_000, 0, CARD)).isEqualTo(6_000);
        bookings.release(1);
        assertThat(bookings.earliest(2_000, 0, CARD)).isEqualTo(2_000);
    }

    @Test
    void aScoreStartsAsOneWhereAllItsPlacesAreFree() {
        Bookings bookings = bookings(1);
        bookings.book(
                1,
                0,
                0,
                List.of(new Want(new Place("main", "a"), 0, 1_000), new Want(new Place("main", "b"), 3_000, 4_000)));
        assertThat(bookings.earliest(
                        0,
                        0,
                        List.of(
                                new Want(new Place("main", "a"), 0, 500),
                                new Want(new Place("main", "b"), 1_500, 2_500))))
                .isEqualTo(2_500);
    }

    @Test
    void aShortOneMaySlipIntoAGapOfWhatPlaysButNeverBeforeOneThatWaits() {
        Bookings bookings = bookings(1);
        bookings.book(
                1,
                0,
                0,
                List.of(new Want(new Place("main", "a"), 0, 1_000), new Want(new Place("main", "a"), 4_000, 9_000)));
        List<Want> brief = List.of(new Want(new Place("main", "a"), 0, 2_000));
        assertThat(bookings.earliest(500, 0, brief)).isEqualTo(1_000);
        bookings.bookWaiting(2, 0, 9_000, List.of(new Want(new Place("main", "a"), 0, 5_000)));
        assertThat(bookings.earliest(500, 0, brief)).isEqualTo(14_000);
    }

    @Test
    void whatEndsEarlyFreesItsPlaceAndNoOther() {
        Place card = new Place("main", "card");
        Bookings bookings = bookings(1);
        bookings.book(1, 0, 0, CARD);
        bookings.book(1, 0, 10_000, CARD);
        bookings.trim(2, card, 0, 1_000);
        bookings.trim(1, card, 500, 1_000);
        bookings.trim(1, new Place("main", "other"), 0, 1_000);
        bookings.trim(1, card, 0, 7_000);
        assertThat(bookings.earliest(100, 0, CARD)).isEqualTo(5_000);
        bookings.trim(1, card, 0, 1_000);
        assertThat(bookings.earliest(100, 0, CARD)).isEqualTo(1_000);
        bookings.trim(1, card, 10_000, 10_000);
        assertThat(bookings.earliest(8_000, 0, CARD)).isEqualTo(8_000);
        assertThat(bookings.earliest(100, 0, CARD)).isEqualTo(1_000);
    }

    @Test
    void whatOnlyTouchesTheEndOfAnotherIsNotInItsWay() {
        Bookings bookings = bookings(2);
        bookings.book(1, 0, 0, CARD);
        bookings.book(2, 0, 5_000, CARD);
        bookings.book(3, 0, 10_000, CARD);
        assertThat(bookings.earliest(2_000, 0, List.of(new Want(new Place("main", "card"), 0, 9_000))))
                .isEqualTo(2_000);
    }

    @Test
    void aSharedPlaceTakesSoManyAndNoMore() {
        Bookings bookings = bookings(2);
        bookings.book(1, 0, 0, CARD);
        assertThat(bookings.earliest(100, 0, CARD)).isEqualTo(100);
        bookings.book(2, 0, 2_000, CARD);
        assertThat(bookings.earliest(100, 0, CARD)).isEqualTo(5_000);
    }

    @Test
    void atNoMomentDoMoreStandThereThanTheRuleAllows() {
        qt().withExamples(1_000)
                .forAll(
                        integers().between(1, 3),
                        lists().of(integers().between(0, 9_999)).ofSizeBetween(1, 25))
                .check((together, numbers) -> {
                    Bookings bookings = bookings(together);
                    List<long[]> taken = new ArrayList<>();
                    for (int i = 0; i < numbers.size(); i++) {
                        long length = 1 + numbers.get(i) % 700;
                        List<Want> wants = List.of(
                                new Want(new Place("main", "a"), numbers.get(i) % 50, numbers.get(i) % 50 + length));
                        long start = bookings.earliest(numbers.get(i) / 10, 0, wants);
                        bookings.book(i, 0, start, wants);
                        taken.add(new long[] {
                            start + wants.get(0).fromMs(), start + wants.get(0).toMs()
                        });
                    }
                    return taken.stream()
                            .allMatch(one -> taken.stream()
                                            .filter(each -> each[0] <= one[0] && one[0] < each[1])
                                            .count()
                                    <= together);
                });
    }
}

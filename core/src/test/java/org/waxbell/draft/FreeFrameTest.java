package org.waxbell.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.waxbell.booking.Frame;
import org.waxbell.stage.Stage;

class FreeFrameTest {
    private static final Stage STAGE = Stage.plain("", "", 1_280, 720, List.of(), List.of());

    private static boolean overlap(Frame one, Frame other) {
        return one.x() < other.x() + other.width()
                && other.x() < one.x() + one.width()
                && one.y() < other.y() + other.height()
                && other.y() < one.y() + one.height();
    }

    @Test
    void whatComesOneAfterAnotherStandsBesideAndLeavesTheMiddle() {
        List<Frame> there = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            Frame next = new FreeFrame(STAGE, there).of(340, 200);
            assertThat(next.layer()).isEqualTo(i + 1);
            assertThat(there).noneMatch(each -> overlap(each, next));
            there.add(next);
        }
        assertThat(there).noneMatch(each -> overlap(each, new Frame(600, 320, 80, 80, 0)));
        assertThat(there.get(0)).isEqualTo(new Frame(876, 36, 340, 200, 1));
    }

    @Test
    void whereThereIsNoRoomAsLittleAsCanBeIsCovered() {
        Frame all = new Frame(0, 0, 1_280, 500, 1);
        assertThat(new FreeFrame(STAGE, List.of(all)).of(400, 180).y()).isGreaterThanOrEqualTo(500);
        assertThat(new FreeFrame(STAGE, List.of(all)).of(400, 300).y()).isEqualTo(384);
    }

    @RepeatedTest(40)
    void itIsAlwaysWhollyOnTheStage(RepetitionInfo turn) {
        Random random = new Random(turn.getCurrentRepetition());
        Stage stage = Stage.plain("", "", 20 + random.nextInt(2_000), 20 + random.nextInt(2_000), List.of(), List.of());
        List<Frame> there = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            Frame next = new FreeFrame(stage, there).of(1 + random.nextInt(900), 1 + random.nextInt(900));
            assertThat(next.beyond(stage.width(), stage.height())).isFalse();
            there.add(next);
        }
    }
}

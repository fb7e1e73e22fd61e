package org.waxbell.app.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.waxbell.app.hub.RoomHub;
import org.waxbell.app.hub.RoomHub.By;
import org.waxbell.app.link.LinkLife;
import org.waxbell.room.DeviceSort;
import org.waxbell.room.DeviceStands;
import org.waxbell.room.Light;

/** A lamp that breathes, and a hand that comes in between. */
class RoomLinkTest {
    private static final Light OFF = new Light(false, "#ffe0a8", 70);
    private final RoomHub hub = mock();
    private final List<Light> asked = new ArrayList<>();
    private final List<Runnable> turns = new ArrayList<>();
    private final RoomLink link = new RoomLink("a room", hub, life(), (from, now, by) -> {});

    private LinkLife life() {
        ScheduledExecutorService timer = mock();
        when(timer.scheduleAtFixedRate(any(), anyLong(), anyLong(), any())).thenAnswer(call -> {
            turns.add(call.getArgument(0));
            return mock(ScheduledFuture.class);
        });
        LinkLife life = mock();
        when(life.timer()).thenReturn(timer);
        return life;
    }

    @BeforeEach
    void breathes() {
        when(hub.set(any(), any())).thenAnswer(call -> {
            asked.add(call.getArgument(1));
            return CompletableFuture.completedFuture(null);
        });
        link.ask(new DeviceStands("Bench", DeviceSort.LAMP, new Light(true, "#ffe0a8", 70)), "breathe #c8841a");
    }

    private void hand() {
        link.stands(new DeviceStands("Bench", DeviceSort.LAMP, OFF), By.PERSON);
    }

    @Test
    void aLampIsMovedOnUntilAHandStopsIt() {
        turns.get(0).run();
        turns.get(0).run();
        assertThat(asked)
                .hasSize(3)
                .allSatisfy(each -> assertThat(each.colour()).isEqualTo("#c8841a"));
        hand();
        int before = asked.size();
        turns.get(0).run();
        assertThat(asked).as("a step whose turn had come does not leave").hasSize(before);
    }

    @Test
    void aStepThatCrossedTheHandIsMadeGood() {
        turns.get(0).run();
        hand();
        assertThat(asked).endsWith(OFF);
    }

    @Test
    void aHandAtALampThatDoesNotMoveIsNotAnswered() {
        hand();
        asked.clear();
        hand();
        assertThat(asked).isEmpty();
    }

    @Test
    void whatWasAskedBeforeTakesNoStepOnceSomethingElseIsAsked() {
        link.ask(new DeviceStands("Bench", DeviceSort.LAMP, OFF), "blink #336699");
        asked.clear();
        turns.get(0).run();
        assertThat(asked).isEmpty();
        turns.get(1).run();
        assertThat(asked)
                .singleElement()
                .satisfies(each -> assertThat(each.colour()).isEqualTo("#336699"));
    }
}

package org.waxbell.turns;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.waxbell.actor.Actor;
import org.waxbell.desk.OnDesk;
import org.waxbell.event.Facts;
import org.waxbell.event.Viewer;

/** Several accounts of one person in a queue. */
class JoinedInQueueTest {
    private static final Viewer ASH = OnDesk.viewer("juniper_and_ash");
    private static final Viewer JUNI = OnDesk.viewer("juni");
    private static final Viewer MOTH = OnDesk.viewer("tallowmoth");
    private final OnQueue queue = new OnQueue(Map.of());

    @BeforeEach
    void opens() {
        queue.ask("open");
    }

    private void joins(Viewer account, Viewer person) {
        queue.engine.accept(
                ++queue.at,
                Facts.JOINED.by(Actor.HOST, account.id(), account.name(), "", 0L, person.id(), person.name(), "", 0L));
    }

    @Test
    void whoWaitsUnderTheOtherAccountWaitsAsThePersonAndOnlyOnce() {
        queue.say(JUNI, "!bench a tall one");
        queue.say(MOTH, "!bench sage");
        joins(JUNI, ASH);
        assertThat(queue.waiting()).containsExactly("juniper_and_ash", "tallowmoth");
        queue.restart();
        queue.say(ASH, "!bench once more");
        queue.say(JUNI, "!bench and again");
        assertThat(queue.waiting()).containsExactly("juniper_and_ash", "tallowmoth");
        queue.say(JUNI, "!benchleave");
        assertThat(queue.waiting()).containsExactly("tallowmoth");
    }

    @Test
    void whereBothWaitBothStayAsTheyAre() {
        queue.say(JUNI, "!bench a tall one");
        queue.say(ASH, "!bench sage");
        joins(JUNI, ASH);
        assertThat(queue.waiting()).containsExactly("juni", "juniper_and_ash");
    }

    @Test
    void aBanHoldsForThePersonByEitherAccount() {
        queue.say(JUNI, "!bench a tall one");
        queue.ask("ban", "name", "juni");
        joins(JUNI, ASH);
        queue.say(ASH, "!bench sage");
        queue.say(JUNI, "!bench sage");
        assertThat(queue.waiting()).isEmpty();
        assertThat(new TurnsDesk().of(OnQueue.BENCH, queue.state(), ASH.id())).contains("may not join");
    }
}

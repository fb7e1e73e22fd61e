package org.waxbell.turns;

import java.io.IOException;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.waxbell.desk.GoldenDesk;

/** An evening of turns in which everything goes wrong. */
class GoldenTurnsTest {
    @Test
    void anEveningOfTurnsGoesAsWritten() throws IOException {
        OnQueue on = new OnQueue(Map.of(
                "first",
                First.MEMBERS,
                "note",
                Queue.Note.MUST,
                "pattern",
                "[a-z, ]+",
                "most",
                4,
                "again",
                Again.ONCE));
        new GoldenDesk(on, () -> "up " + on.up() + " wait " + on.waiting()).goesAsWritten("an-evening-of-turns");
    }
}

package org.waxbell.turns;

import java.util.List;
import org.waxbell.desk.Csv;

/** Turns that are over, as comma-separated values (RFC 4180), in UTC. */
public final class PastTurns {
    private PastTurns() {}

    /** All of a queue, the oldest first. */
    public static String written(TurnsState now) {
        StringBuilder text = new StringBuilder("number,name,note,joined,up,ended,seconds,outcome\r\n");
        for (PastTurn turn : now.past()) {
            text.append(String.join(
                            ",",
                            List.of(
                                    Long.toString(turn.number()),
                                    Csv.text(turn.name()),
                                    Csv.text(turn.note()),
                                    Csv.time(turn.joined()),
                                    Csv.time(turn.began()),
                                    Csv.time(turn.ended()),
                                    Long.toString((turn.ended() - turn.began()) / 1_000),
                                    Csv.text(turn.outcome()))))
                    .append("\r\n");
        }
        return text.toString();
    }
}

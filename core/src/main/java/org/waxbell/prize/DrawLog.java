package org.waxbell.prize;

import java.util.HashMap;
import java.util.Map;
import org.waxbell.desk.Csv;

/** What was published of a draw, as comma-separated values (RFC 4180), in UTC: seal, seed, who was in with which lots, and on whom each draw fell. */
public final class DrawLog {
    private DrawLog() {}

    /** All of it; the seed stands there once a draw was made. */
    public static String written(PrizeState now) {
        return written(now.head(), now.entrants());
    }

    /** All of one whose entrants are these. */
    public static String written(PrizeHead head, Iterable<Entrant> entrants) {
        Map<Integer, Drawn> drawn = new HashMap<>();
        head.draws().forEach(each -> drawn.put(each.number(), each));
        StringBuilder text = new StringBuilder("what,number,name,lots,draw,prize,when,outcome\r\n");
        if (!head.seed().isEmpty()) {
            line(text, "seal", "", FairDraw.sealed(head.seed()), "", "", "", "", "");
        }
        if (!head.draws().isEmpty()) {
            line(text, "seed", "", head.seed(), "", "", "", "", "");
        }
        for (Entrant each : entrants) {
            Drawn fell = drawn.get(each.number());
            line(
                    text,
                    "entrant",
                    Integer.toString(each.number()),
                    each.name(),
                    Integer.toString(each.lots()),
                    fell == null ? "" : Integer.toString(fell.round()),
                    fell == null ? "" : fell.prize(),
                    fell == null ? "" : Csv.time(fell.at()),
                    fell == null ? "" : outcome(fell.claim()));
        }
        return text.toString();
    }

    private static String outcome(Drawn.Claim claim) {
        return switch (claim) {
            case WAITS -> "drawn";
            case WON -> "has it";
            case MISSED -> "did not speak up";
        };
    }

    private static void line(
            StringBuilder text,
            String what,
            String number,
            String name,
            String lots,
            String draw,
            String prize,
            String when,
            String outcome) {
        text.append(String.join(",", what, number, Csv.text(name), lots, draw, Csv.text(prize), when, outcome))
                .append("\r\n");
    }
}

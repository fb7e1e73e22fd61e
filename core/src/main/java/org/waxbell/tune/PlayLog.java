package org.waxbell.tune;

import org.waxbell.desk.Csv;

/** What was played, as comma-separated values (RFC 4180), in UTC: with its licence, as whoever answers for the air needs it. */
public final class PlayLog {
    private PlayLog() {}

    /** All of it, the oldest first. */
    public static String written(TunesState now) {
        StringBuilder text = new StringBuilder("number,began,seconds,title,maker,licence,link,asked by,how\r\n");
        for (PastTune each : now.past()) {
            text.append(String.join(
                            ",",
                            Long.toString(each.number()),
                            Csv.time(each.began()),
                            Long.toString(Math.round(each.playedMs() / 1_000.0)),
                            Csv.text(each.tune().title()),
                            Csv.text(each.tune().maker()),
                            Csv.text(each.tune().licence()),
                            Csv.text(each.tune().link()),
                            Csv.text(each.name()),
                            each.how().says()))
                    .append("\r\n");
        }
        return text.toString();
    }
}

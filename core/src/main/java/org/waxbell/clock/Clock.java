package org.waxbell.clock;

import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import org.waxbell.act.Act;
import org.waxbell.act.ActField;
import org.waxbell.act.DeskSheet;
import org.waxbell.check.Problems;
import org.waxbell.kind.Choice;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Piece;
import org.waxbell.sentence.Pieces;
import org.waxbell.time.Spans;

/**
 * A clock as the host wrote it.
 *
 * @param way      how it runs
 * @param lengthMs from where it counts down, in milliseconds
 * @param until    the time of day to which it counts down, such as {@code 21:00}
 * @param zone     the time zone in which times of day are meant, by its name
 * @param rounds   of one with rounds
 * @param nearMs   how long before its end it is nearly over, in milliseconds; 0 for never
 * @param adding   what events add
 * @param mostMs   how much they add in one run at the most, in milliseconds; 0 for any
 * @param latest   the time of day beyond which they add nothing, empty text for none
 */
public record Clock(
        int formatVersion,
        String id,
        String name,
        Way way,
        long lengthMs,
        String until,
        String zone,
        Rounds rounds,
        long nearMs,
        List<Adding> adding,
        long mostMs,
        String latest)
        implements DeskSheet {
    /** The version of the document that this program writes. */
    public static final int FORMAT = 1;
    /** The desk that runs clocks, by name. */
    public static final String DESK = "clock";

    static final String START = "start";
    static final String PAUSE = "pause";
    static final String ADD = "add";
    static final String TAKE = "take";
    static final String SET = "set";
    static final String RESTART = "restart";
    static final String SKIP = "skip";
    static final String RESET = "reset";
    static final String UNDO = "undo";
    private static final long DAY = 24L * 60 * 60_000;
    private static final int MOST_LINES = 40;

    /** What it says of itself. */
    public static final Kind<DeskSheet> KIND = Kind.<DeskSheet>of(Clock.class, "clock", "Clock", "Clock")
            .also("timer countdown rounds stopwatch time candle")
            .with(
                    Field.text("name", "Name", 40).called("The name").needed(),
                    Field.choice(
                            "way",
                            "It",
                            new Choice("down", "counts down from a length"),
                            new Choice("until", "counts down to a time of day"),
                            new Choice("up", "counts up"),
                            new Choice("rounds", "goes round: work and rest in turn")),
                    Field.span("lengthMs", "Length", 1_000, DAY)
                            .called("The length")
                            .when("way", "down"),
                    Field.text("until", "Until", 8).when("way", "until").wide(3),
                    Field.text("zone", "Time zone", 60)
                            .hint("In which times of day are meant.")
                            .under("Bounds and time zone"),
                    round("rounds.workMs", "Work", 1_000).called("The work"),
                    round("rounds.restMs", "Rest", 0).called("The rest"),
                    Field.number("rounds.count", "How often", 1, 100)
                            .called("The number of rounds")
                            .when("way", "rounds")
                            .wide(2),
                    round("rounds.longRestMs", "Long rest, 0 for none", 0)
                            .called("The long rest")
                            .wide(3),
                    Field.number("rounds.longEvery", "behind every", 1, 100)
                            .called("The number of works before a long rest")
                            .in("th work")
                            .when("way", "rounds")
                            .wide(3),
                    Field.span("nearMs", "Nearly over, before the end", 1_000, DAY)
                            .called("Nearly over")
                            .orZero()
                            .when("way", "down", "until", "rounds"),
                    Field.of(Field.Type.OTHER, "adding", "Events add time").when("way", "down", "until", "rounds"),
                    Field.span("mostMs", "All events together add at most", 1_000, DAY)
                            .called("What events add at most")
                            .orZero()
                            .under("Bounds and time zone"),
                    Field.text("latest", "and never beyond", 8)
                            .hint("A time of day such as 23:30; empty for any.")
                            .under("Bounds and time zone"))
            .making(on -> new Clock(
                    FORMAT,
                    on.id(),
                    on.name("Clock"),
                    Way.DOWN,
                    10 * 60_000,
                    "21:00",
                    on.zone().isEmpty() ? "UTC" : on.zone(),
                    Rounds.USUAL,
                    60_000,
                    List.of(),
                    0,
                    ""));

    private static final ActField TIME = ActField.text("time", "How long, such as 90, 1:30 or 1h 5m", 500);
    private static final List<Act> ACTS = List.of(
            act(START, "Start it, or let it go on", "started", "wentOn")
                    .undone("started", RESET)
                    .undone("wentOn", PAUSE),
            act(PAUSE, "Pause it", "paused").undone("paused", START),
            Act.of(ADD, "Add time", List.of(TIME), "added"),
            Act.of(TAKE, "Take time away", List.of(TIME), "taken"),
            Act.of(
                    SET,
                    "Set it to a time",
                    List.of(ActField.text("time", "What it shows then, or until when, such as until 21:00", 500)),
                    "set"),
            act(RESTART, "Start it anew", "started"),
            act(SKIP, "Go to the next round", "skipped"),
            act(RESET, "Put it back to its beginning", "reset"),
            act(UNDO, "Take the last step back", "undone"));

    public Clock {
        adding = List.copyOf(adding);
    }

    private static Field round(String key, String label, long least) {
        return Field.span(key, label, least, DAY / 2).when("way", "rounds").wide(2);
    }

    private static Act act(String name, String title, String... outcomes) {
        return Act.of(name, title, List.of(), outcomes);
    }

    /** Whether it counts up. */
    boolean up() {
        return way == Way.UP;
    }

    /** The time zone in which times of day are meant; it was checked when it was saved. */
    ZoneId place() {
        return ZoneId.of(zone);
    }

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public List<Act> acts() {
        return ACTS;
    }

    @Override
    public Map<String, Boolean> values() {
        return Map.of(value("Left"), false, value("Seconds"), true, value("State"), false, value("Round"), false);
    }

    @Override
    public void check(Problems problems) {
        problems.version(formatVersion, FORMAT);
        problems.at("id").id(id, "break");
        KIND.check(this, problems);
        ofDay(problems.at("until"), until, way == Way.UNTIL);
        ofDay(problems.at("latest"), latest, false);
        try {
            ZoneId.of(zone);
        } catch (DateTimeException none) {
            problems.at("zone").add(zone, "There is no time zone of that name.", "Write one such as Europe/London.");
        }
        if (adding.size() > MOST_LINES) {
            problems.at("adding")
                    .add(adding.size() + " lines", "The table is too long.", "Keep it to " + MOST_LINES + " lines.");
        }
        for (int i = 0; i < adding.size(); i++) {
            adding.get(i).check(problems.at("adding", i));
        }
    }

    private static void ofDay(Problems here, String time, boolean needed) {
        if ((needed || !time.isEmpty()) && WrittenTime.ofDay(time).isEmpty()) {
            here.add(time, "This is no time of day.", "Write one such as 21:00.");
        }
    }

    @Override
    public List<Piece> sentence(Naming names) {
        Pieces all = new Pieces().words(name).chip("way", way.says());
        switch (way) {
            case DOWN -> all.words("from").chip("lengthMs", Spans.inWords(lengthMs));
            case UNTIL -> all.words("").chip("until", until);
            case ROUNDS ->
                all.words("")
                        .chip(
                                "rounds.workMs",
                                Spans.inWords(rounds.workMs()) + " of work and " + Spans.inWords(rounds.restMs())
                                        + " of rest, " + (rounds.count() == 1 ? "once" : rounds.count() + " times"));
            default -> all.words("from nothing");
        }
        if (up()) {
            return all.words(".").all();
        }
        all.words("and is")
                .chip("nearMs", nearMs == 0 ? "never nearly over" : "nearly over " + Spans.inWords(nearMs) + " before");
        all.words(".").chip("adding", adding.isEmpty() ? "No event adds time" : "Events add time");
        if (!adding.isEmpty()) {
            all.words(": "
                            + String.join(
                                    "; ", adding.stream().map(Adding::inWords).toList()) + "; in all")
                    .chip("mostMs", mostMs == 0 ? "as much as comes" : "at most " + Spans.inWords(mostMs))
                    .words("and")
                    .chip("latest", latest.isEmpty() ? "at any hour" : "never beyond " + latest);
        }
        return all.words(".").all();
    }
}

package org.waxbell.tune;

import java.util.List;
import java.util.stream.Stream;
import org.waxbell.kind.Choice;
import org.waxbell.kind.Field;

/** What the form of the desk of tunes asks. */
final class TunesFields {
    private static final long MINUTE = 60_000;
    private static final long DAY = 24 * 60 * MINUTE;
    private static final String LIMITS = "Limits and price";
    private static final String RIGHTS = "What may be played";
    private static final String PLAYING = "Playing and votes";

    private TunesFields() {}

    static Field[] all() {
        return Stream.of(people(), limits(), rights(), playing(), TunesAnswers.fields())
                .flatMap(List::stream)
                .toArray(Field[]::new);
    }

    private static List<Field> people() {
        return List.of(
                Field.text("name", "Name", 40).called("The name").needed(),
                Field.choice(
                                "who",
                                "Who may ask",
                                new Choice("anyone", "anyone"),
                                new Choice("follower", "followers"),
                                new Choice("member", "members"),
                                new Choice("vip", "VIPs"),
                                new Choice("moderator", "moderators"))
                        .wide(3),
                Field.span("longestMs", "Longest tune", MINUTE / 2, DAY)
                        .called("The longest tune")
                        .wide(3),
                Field.choice(
                                "fallback",
                                "While nobody asks",
                                new Choice("nothing", "nothing plays"),
                                new Choice("kept", "your own list plays, shuffled"),
                                new Choice("all", "all that may be played, shuffled"))
                        .wide(3),
                Field.choice(
                                "givesWay",
                                "which gives way",
                                new Choice("now", "at once"),
                                new Choice("after", "after its tune"))
                        .when("fallback", "kept", "all")
                        .wide(3));
    }

    private static List<Field> limits() {
        return List.of(
                number("each", "Each viewer at most, 0 for any", 0, 100)
                        .called("How many of each viewer wait at most")
                        .wide(2),
                number("most", "All at most", 1, 1_000)
                        .called("How many wait at most")
                        .wide(2),
                number("perHour", "Each in an hour, 0 for any", 0, 100)
                        .called("How many each viewer asks for in an hour")
                        .wide(2),
                Field.span("repeatMs", "Not again within", MINUTE, DAY)
                        .called("How long a tune is not repeated")
                        .orZero()
                        .under(LIMITS)
                        .wide(3),
                number("price", "It costs, 0 for nothing", 0, 1_000_000)
                        .called("The price")
                        .in("points")
                        .wide(3));
    }

    private static Field number(String key, String label, long least, long most) {
        return Field.number(key, label, least, most).under(LIMITS);
    }

    private static List<Field> rights() {
        return List.of(
                Field.flag("clearedOnly", "only what is cleared by its licence").under(RIGHTS),
                Field.many("licences", "Licences that clear a tune")
                        .most(20)
                        .matching("\\S.{0,39}", "This is no licence.", "Write one such as CC-BY-4.0.")
                        .when("clearedOnly", "true")
                        .under(RIGHTS),
                Field.many("unwelcome", "Makers and titles that are not wanted")
                        .most(200)
                        .matching("\\S.{0,79}", "This is no name.", "Write a maker or a title.")
                        .under(RIGHTS));
    }

    private static List<Field> playing() {
        return List.of(
                Field.number("voteShare", "To skip, of those present", 1, 100)
                        .called("The share of votes")
                        .in("%")
                        .under(PLAYING)
                        .wide(2),
                Field.span("presentMs", "Present is who wrote within", MINUTE, DAY)
                        .called("How long who wrote counts as present")
                        .under(PLAYING)
                        .wide(2),
                Field.span("crossMs", "One tune fades into the next for", 100, 12_000)
                        .called("How long tunes overlap")
                        .orZero()
                        .under(PLAYING)
                        .wide(2));
    }
}

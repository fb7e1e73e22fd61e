package org.waxbell.turns;

import java.util.List;
import java.util.stream.Stream;
import org.waxbell.kind.Choice;
import org.waxbell.kind.Field;

/** What the form of a queue asks. */
final class QueueFields {
    private static final long DAY = 24L * 60 * 60_000;
    private static final String RULES = "Who may join again, and prices";

    private QueueFields() {}

    static Field[] all() {
        return Stream.of(people(), notes(), rules(), QueueAnswers.fields())
                .flatMap(List::stream)
                .toArray(Field[]::new);
    }

    private static List<Field> people() {
        return List.of(
                Field.text("name", "Name", 40).called("The name").needed(),
                Field.text("purpose", "What it is for", 80)
                        .hint("As answers say it: you are number 3 for … what you would like poured.")
                        .called("What it is for")
                        .needed(),
                Field.choice(
                                "who",
                                "Who may join",
                                new Choice("anyone", "anyone"),
                                new Choice("follower", "followers"),
                                new Choice("member", "members"),
                                new Choice("vip", "VIPs"),
                                new Choice("moderator", "moderators"))
                        .wide(3),
                months("months", "with at least", 0).called("The months").when("who", "member"),
                Field.choice(
                                "first",
                                "Who comes first",
                                new Choice("came", "whoever came first"),
                                new Choice("members", "members"),
                                new Choice("fresh", "whoever was not up yet"))
                        .wide(3),
                months("firstMonths", "of at least", 1)
                        .called("The months of who comes first")
                        .when("first", "members"));
    }

    private static Field months(String key, String label, long least) {
        return Field.number(key, label, least, 1_200).in("months").wide(3);
    }

    private static List<Field> notes() {
        return List.of(
                Field.choice(
                                "note",
                                "A note",
                                new Choice("may", "may be written"),
                                new Choice("must", "must be written"))
                        .wide(3),
                Field.text("sample", "such as", 80)
                        .called("The sample")
                        .needed()
                        .wide(3),
                Field.number("most", "At most so many wait, 0 for any", 0, 100_000)
                        .called("How many wait at most"),
                Field.many("outcomes", "A turn ends as")
                        .most(8)
                        .matching("\\S.{0,29}", "This is no way to end.", "Write one of 30 characters at most.")
                        .hint("The first is the one that is hoped for."));
    }

    private static List<Field> rules() {
        return List.of(
                Field.choice(
                                "again",
                                "May join again",
                                new Choice("always", "at once"),
                                new Choice("rested", "after a rest"),
                                new Choice("once", "in the next show"))
                        .under(RULES)
                        .wide(3),
                Field.span("restMs", "The rest", 1_000, DAY)
                        .when("again", "rested")
                        .under(RULES)
                        .wide(3),
                Field.number("price", "It costs, 0 for nothing", 0, 1_000_000)
                        .called("The price")
                        .in("points")
                        .under(RULES)
                        .wide(3),
                Field.span("goneMs", "Counts as away after", 60_000, DAY)
                        .called("The time after which somebody counts as away")
                        .under(RULES)
                        .wide(3),
                Field.of(Field.Type.CODE, "pattern", "What a note must look like; empty for anything")
                        .most(200)
                        .under(RULES));
    }
}

package org.waxbell.wiring;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.waxbell.check.Problems;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.look.Look;
import org.waxbell.slate.SlateValue;
import org.waxbell.tally.Tally;
import org.waxbell.voice.Reading;

/**
 * What holds for the whole wiring.
 *
 * @param prefix     put before chat words that use the general prefix
 * @param home       the link to which answers go that no link asked for
 * @param pointsOne  what one point is called
 * @param pointsMany what several are called
 * @param hints      whether staff who misspell a word are told, they alone, which was meant
 * @param circles    people named together
 * @param neighbours names of other helper accounts: never answered, counted or greeted
 * @param slate      the values of the slate
 * @param looks      looks of cards beside those that ship, or in their place
 * @param reading    how text is read aloud
 * @param shutters   when strangers are kept from ringing
 * @param filters    which people are looked for again and again
 */
public record House(
        int formatVersion,
        String prefix,
        String home,
        String pointsOne,
        String pointsMany,
        boolean hints,
        List<Circle> circles,
        List<String> neighbours,
        List<SlateValue> slate,
        List<Look> looks,
        Reading reading,
        ShutterRule shutters,
        List<PeopleRule> filters) {
    /** The version of the document that this program writes. */
    public static final int FORMAT = 6;
    /** A house in which nothing is set. */
    public static final House PLAIN = new House(
            FORMAT,
            "!",
            "practice",
            "point",
            "points",
            true,
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            Reading.USUAL,
            ShutterRule.BY_HAND,
            List.of());

    private static final int MOST = 1_000;

    /** So many points in words: {@code 40 drips}. */
    public String points(long amount) {
        return amount + " " + (amount == 1 ? pointsOne : pointsMany);
    }

    /** What it says of itself. */
    public static final Kind<House> KIND = Kind.<House>of(House.class, "house", "House", "House")
            .also("prefix points settings")
            .with(
                    Field.of(Field.Type.TEXT, "prefix", "Before chat words")
                            .matching(
                                    "[^ ]{1,5}",
                                    "A prefix is at most 5 characters without spaces.",
                                    "Write one such as !.")
                            .wide(2),
                    Field.text("pointsOne", "One point", 30)
                            .called("The name of one point")
                            .needed()
                            .wide(2),
                    Field.text("pointsMany", "Several points", 30)
                            .called("The name of points")
                            .needed()
                            .wide(2),
                    Field.choice("home", "Answers go to", From.LINKS)
                            .hint("The chat for answers that no chat asked for."),
                    Field.number("shutters.floodLines", "The shutters come down at", 0, 100_000)
                            .called("The bound of a flood")
                            .in("lines of strangers in 10 s")
                            .hint("0 is never by themselves.")
                            .wide(3),
                    Field.span("shutters.forMs", "They stay down for", 10_000, 86_400_000)
                            .called("How long the shutters stay down")
                            .orZero()
                            .hint("0 is until you lift them.")
                            .wide(3),
                    Field.flag("hints", "staff who misspell a word are told, they alone, which was meant"),
                    Field.many("neighbours", "Other helper accounts")
                            .most(MOST)
                            .matching("\\S.{0,39}", "This is no name.", "Write one of 40 characters at most.")
                            .hint("Never answered, counted or greeted."));

    public House {
        circles = List.copyOf(circles);
        neighbours = List.copyOf(neighbours);
        slate = List.copyOf(slate);
        looks = List.copyOf(looks);
        filters = List.copyOf(filters);
    }

    /** All that stands on the slate: the host's values, and those that the program counts by itself. */
    public List<SlateValue> values() {
        return Stream.concat(slate.stream(), Tally.VALUES.stream()).toList();
    }

    /** The values that belong to the channel by their names in words, whether each is a number: what a stage may show. */
    public Map<String, Boolean> inWords() {
        Map<String, Boolean> all = new LinkedHashMap<>();
        values().stream().filter(each -> !each.perViewer()).forEach(each -> all.put(each.inWords(), each.number()));
        return all;
    }

    /** Everything on the slate by its name in words. @param brought what the events of a cue bring: where one names somebody, that person's values stand there too */
    public Map<String, SlateValue> inWords(Set<String> brought) {
        Map<String, SlateValue> all = new LinkedHashMap<>();
        for (SlateValue value : values()) {
            all.put(value.inWords(), value);
            if (value.perViewer() && brought.contains("named")) {
                all.put(value.ofNamed(), value);
            }
        }
        return all;
    }

    /** Every look that a card may have: those that ship, with the host's in place of or behind them. */
    public List<Look> allLooks() {
        Map<String, Look> all = new LinkedHashMap<>();
        Look.SHIPPED.forEach(each -> all.put(each.id(), each));
        looks.forEach(each -> all.put(each.id(), each));
        return List.copyOf(all.values());
    }

    /** Adds what is wrong with it. */
    public void check(Problems problems) {
        problems.version(formatVersion, FORMAT);
        KIND.check(this, problems);
        problems.at("home").text(home, 40, "The link");
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < circles.size(); i++) {
            Problems here = problems.at("circles", i);
            if (!circles.get(i).id().matches("[a-z0-9][a-z0-9-]{0,39}")
                    || !seen.add(circles.get(i).id())) {
                here.at("id")
                        .add(
                                circles.get(i).id(),
                                "An id has small letters, digits and hyphens, and no two are alike.",
                                "Write another, such as dippers.");
            }
            circles.get(i).check(here);
            names(here, "people", circles.get(i).people());
        }
        for (int i = 0; i < filters.size(); i++) {
            filters.get(i).check(problems.at("filters", i));
        }
        checkLooks(problems);
        checkSlate(problems);
        reading.check(problems.at("reading"));
    }

    private void checkSlate(Problems problems) {
        Set<String> values = new HashSet<>();
        for (int i = 0; i < slate.size(); i++) {
            slate.get(i).check(problems.at("slate", i));
            if (Tally.counts(slate.get(i).id())) {
                problems.at("slate", i)
                        .at("id")
                        .add(
                                slate.get(i).id(),
                                "A value of that name is counted by the program itself.",
                                "Choose another name.");
            }
            if (!values.add(slate.get(i).id())) {
                problems.at("slate", i)
                        .at("id")
                        .add(slate.get(i).id(), "Another value has that name.", "Give each its own.");
            }
        }
    }

    private void checkLooks(Problems problems) {
        Set<String> ids = new HashSet<>();
        for (int i = 0; i < looks.size(); i++) {
            looks.get(i).check(problems.at("looks", i));
            if (!ids.add(looks.get(i).id())) {
                problems.at("looks", i)
                        .at("id")
                        .add(looks.get(i).id(), "Another look has that id.", "Give each its own.");
            }
        }
    }

    private static void names(Problems problems, String field, List<String> names) {
        if (names.size() > MOST) {
            problems.at(field).add(names.size() + " names", "The list is too long.", "Keep it to " + MOST + ".");
        }
        for (int i = 0; i < names.size(); i++) {
            problems.at(field, i).text(names.get(i), 40, "The name");
        }
    }
}

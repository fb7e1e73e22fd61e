package org.waxbell.wiring;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.waxbell.check.Problems;
import org.waxbell.slate.SlateValue;

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
 */
public record House(int formatVersion, String prefix, String home, String pointsOne, String pointsMany, boolean hints, List<Circle> circles,
                    List<String> neighbours, List<SlateValue> slate) {
    /** The version of the document that this program writes. */
    public static final int FORMAT = 2;
    /** A house in which nothing is set. */
    public static final House PLAIN = new House(FORMAT, "!", "practice", "point", "points", true, List.of(), List.of(), List.of());
    private static final int MOST = 1_000;

    public House {
        circles = List.copyOf(circles);
        neighbours = List.copyOf(neighbours);
        slate = List.copyOf(slate);
    }

    /** Adds what is wrong with it. */
    public void check(Problems problems) {
        problems.version(formatVersion, FORMAT);
        if (prefix.length() > 5 || prefix.contains(" ")) {
            problems.at("prefix").add(prefix, "A prefix is at most 5 characters without spaces.", "Write one such as !.");
        }
        problems.at("home").text(home, 40, "The link");
        problems.at("pointsOne").text(pointsOne, 30, "The name of one point");
        problems.at("pointsMany").text(pointsMany, 30, "The name of points");
        names(problems, "neighbours", neighbours);
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < circles.size(); i++) {
            Problems here = problems.at("circles", i);
            if (!circles.get(i).id().matches("[a-z0-9][a-z0-9-]{0,39}") || !seen.add(circles.get(i).id())) {
                here.at("id").add(circles.get(i).id(), "An id has small letters, digits and hyphens, and no two are alike.", "Write another, such as dippers.");
            }
            here.at("name").text(circles.get(i).name(), 40, "The name");
            names(here, "people", circles.get(i).people());
        }
        Set<String> values = new HashSet<>();
        for (int i = 0; i < slate.size(); i++) {
            slate.get(i).check(problems.at("slate", i));
            if (!values.add(slate.get(i).id())) {
                problems.at("slate", i).at("id").add(slate.get(i).id(), "Another value has that name.", "Give each its own.");
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

package org.waxbell.look;

import java.util.List;
import java.util.stream.Stream;
import org.waxbell.check.Problems;
import org.waxbell.kind.Choice;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;

/**
 * How a card looks: saved under a name and used by any card.
 *
 * @param plate     colour of the plate, such as {@code #fff4de}
 * @param plateTo   colour to which it runs; the same where it is plain
 * @param angle     of the run, in degrees clockwise from upwards
 * @param ink       colour of the large line
 * @param second    colour of the line below
 * @param seal      colour behind the picture
 * @param edge      what the plate's edge is like
 * @param corner    radius of its corners, in pixels
 * @param outline   whether words have an outline in the plate's colour; the plate itself is left out then
 * @param face      in which type the large line is set
 * @param titleSize in pixels
 * @param lineSize  in pixels
 * @param entry     how it comes in
 * @param exit      how it goes out
 * @param easing    how both spend their time
 */
public record Look(
        String id,
        String name,
        String plate,
        String plateTo,
        int angle,
        String ink,
        String second,
        String seal,
        Edge edge,
        int corner,
        boolean outline,
        Face face,
        int titleSize,
        int lineSize,
        Motion entry,
        Motion exit,
        Easing easing) {
    /** The looks that ship; one saved under the same id takes its place. */
    public static final List<Look> SHIPPED = List.of(
            new Look(
                    "beeswax",
                    "Beeswax",
                    "#fff4de",
                    "#fff4de",
                    90,
                    "#2a211a",
                    "#5a4836",
                    "#c8841a",
                    Edge.DRIP,
                    24,
                    false,
                    Face.FRAUNCES,
                    32,
                    19,
                    Motion.POUR,
                    Motion.RISE,
                    Easing.SOFT),
            new Look(
                    "tide",
                    "Tide",
                    "#1f4f5c",
                    "#2b6a5f",
                    115,
                    "#fffaf0",
                    "#d6ebe5",
                    "#173e49",
                    Edge.CLEAN,
                    14,
                    false,
                    Face.FRAUNCES,
                    30,
                    19,
                    Motion.TIDE,
                    Motion.TIDE,
                    Easing.SOFT),
            new Look(
                    "pewter",
                    "Pewter",
                    "#2b2724",
                    "#2b2724",
                    90,
                    "#fffaf0",
                    "#d9cdbb",
                    "#46403b",
                    Edge.BAR,
                    10,
                    false,
                    Face.HYPERLEGIBLE,
                    30,
                    19,
                    Motion.SETTLE,
                    Motion.SETTLE,
                    Easing.SOFT));

    private static final int LONGEST_NAME = 40;
    /** What it says of itself. */
    public static final Kind<Look> KIND = Kind.<Look>of(Look.class, "look", "Look of cards", "Look")
            .also("style theme plate")
            .with(
                    Field.text("name", "Name", LONGEST_NAME).called("The name").needed(),
                    Field.colour("plate", "Plate"),
                    Field.colour("plateTo", "Turning into"),
                    Field.number("angle", "Direction in which it turns", 0, 360)
                            .called("The angle")
                            .in("°"),
                    Field.flag("outline", "no plate: words with an outline in its colour"),
                    Field.colour("ink", "Colour of the large line")
                            .called("The large line")
                            .over("plate", "plateTo"),
                    Field.colour("second", "Colour of the line below")
                            .called("The line below")
                            .over("plate", "plateTo"),
                    Field.colour("seal", "Behind the picture"),
                    Field.choice(
                            "face",
                            "Type",
                            new Choice("fraunces", "soft and a little wonky"),
                            new Choice("hyperlegible", "plain and very readable"),
                            new Choice("mono", "all letters of one width")),
                    Field.number("titleSize", "Size of the large line", 12, 160)
                            .called("The size of the large line")
                            .in("px"),
                    Field.number("lineSize", "Size of the line below", 10, 120)
                            .called("The size of the line below")
                            .in("px"),
                    Field.choice(
                            "edge",
                            "Edge",
                            new Choice("drip", "wax runs from it"),
                            new Choice("clean", "clean"),
                            new Choice("bar", "a bar at its left"),
                            new Choice("line", "a line all around")),
                    Field.number("corner", "Corners", 0, 80)
                            .called("The corner")
                            .in("px"),
                    moving("entry", "Comes in"),
                    moving("exit", "Goes out"),
                    Field.choice(
                            "easing",
                            "Moving",
                            new Choice("soft", "softly"),
                            new Choice("even", "evenly"),
                            new Choice("springy", "a little beyond, and back")));

    private static Field moving(String key, String label) {
        return Field.choice(
                key,
                label,
                Stream.of(Motion.values())
                        .map(each -> new Choice(Kind.written(each), each.inWords()))
                        .toArray(Choice[]::new));
    }

    /** The edge of a plate. */
    public enum Edge {
        /** Nothing but its corners. */
        CLEAN,
        /** Wax runs from its lower edge. */
        DRIP,
        /** A bar along its left side. */
        BAR,
        /** A line all around. */
        LINE
    }

    /** The type of the large line. */
    public enum Face {
        /** Soft and a little wonky. */
        FRAUNCES,
        /** Plain and very readable. */
        HYPERLEGIBLE,
        /** All letters of one width. */
        MONO
    }

    /** Adds what is wrong with it; words that would not stand out from their plate are refused. */
    public void check(Problems problems) {
        problems.at("id").id(id, "beeswax");
        KIND.check(this, problems);
    }
}

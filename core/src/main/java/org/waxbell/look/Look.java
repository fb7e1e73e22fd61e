package org.waxbell.look;

import java.util.List;
import org.waxbell.check.Problems;

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
        problems.at("name").text(name, LONGEST_NAME, "The name");
        boolean known = colour(problems.at("plate"), plate)
                & colour(problems.at("plateTo"), plateTo)
                & colour(problems.at("ink"), ink)
                & colour(problems.at("second"), second)
                & colour(problems.at("seal"), seal);
        if (known) {
            standsOut(problems.at("ink"), ink, "The large line");
            standsOut(problems.at("second"), second, "The line below");
        }
        problems.at("angle").within(angle, 0, 360, "The angle", " degrees");
        problems.at("corner").within(corner, 0, 80, "The corner", " pixels");
        problems.at("titleSize").within(titleSize, 12, 160, "The size of the large line", " pixels");
        problems.at("lineSize").within(lineSize, 10, 120, "The size of the line below", " pixels");
    }

    private static boolean colour(Problems here, String colour) {
        boolean known = Contrast.isColour(colour);
        if (!known) {
            here.add(colour, "This is no colour.", "Write one such as #c8841a.");
        }
        return known;
    }

    private void standsOut(Problems here, String words, String what) {
        double least = Math.min(Contrast.of(words, plate), Contrast.of(words, plateTo));
        if (least < Contrast.LEAST) {
            here.add(
                    words,
                    String.format(
                            java.util.Locale.ROOT,
                            "%s would not stand out from the plate: contrast %.1f.",
                            what,
                            least),
                    "Choose colours further apart: at least " + Contrast.LEAST + ".");
        }
    }
}

package org.waxbell.rig;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

/**
 * How the dipping rig stands: an arm with a taper that moves along a bench of pots. A taper that is dipped has one more layer of the
 * pot's wax; with the layers that the order names, in its order, it is a candle, and the next order comes. A layer that the order does
 * not want next slides off with all below it.
 *
 * @param place  of the arm, 0 to {@value #LAST}
 * @param depth  how far the taper is let down, 0 for above the pots, {@value #DEEP} for in the wax
 * @param layers of the taper, colours by the name of their pot
 * @param order  which layers are wanted, from the innermost
 * @param made   how many candles were made
 */
public record Rig(int place, int depth, List<String> layers, List<String> order, int made) {
    /** The last place of the arm. */
    public static final int LAST = 8;
    /** How deep the taper goes. */
    public static final int DEEP = 2;
    /** What stands on the bench. */
    public static final List<Pot> POTS = List.of(
            new Pot("honey", "#c8841a", 1),
            new Pot("clay", "#b4623a", 3),
            new Pot("verdigris", "#2f7468", 5),
            new Pot("rose", "#a45a63", 7));

    private static final int LEAST_LAYERS = 2;
    private static final int MOST_MORE = 3;
    /** Any number that stays the same: orders follow from how many candles were made. */
    private static final long SEED = 0x77a8;

    /** A pot of wax. @param name of its colour @param place of the arm above it */
    public record Pot(String name, String colour, int place) {}

    public Rig {
        layers = List.copyOf(layers);
        order = List.copyOf(order);
    }

    /** One that nobody has moved yet. */
    public static Rig fresh() {
        return new Rig(0, 0, List.of(), order(0), 0);
    }

    private static List<String> order(int made) {
        SplittableRandom lots = new SplittableRandom(SEED + made);
        int count = LEAST_LAYERS + Math.min(MOST_MORE, made / 2);
        List<String> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            all.add(POTS.get(lots.nextInt(POTS.size())).name());
        }
        return all;
    }

    /** The same after a key went down; keys that it does not know leave it as it is, and so does what the arm cannot do. */
    public Rig pressed(String key) {
        return switch (key) {
            case "ArrowLeft" -> beside(-1);
            case "ArrowRight" -> beside(1);
            case "ArrowDown" -> depth == DEEP ? this : lowered();
            case "ArrowUp" -> depth == 0 ? this : new Rig(place, depth - 1, layers, order, made);
            default -> this;
        };
    }

    /** The arm moves only while the taper hangs above the pots. */
    private Rig beside(int by) {
        int next = place + by;
        return depth > 0 || next < 0 || next > LAST ? this : new Rig(next, 0, layers, order, made);
    }

    private Rig lowered() {
        Rig lower = new Rig(place, depth + 1, layers, order, made);
        return lower.depth < DEEP
                ? lower
                : POTS.stream()
                        .filter(pot -> pot.place() == place)
                        .findFirst()
                        .map(pot -> lower.dipped(pot.name()))
                        .orElse(lower);
    }

    private Rig dipped(String colour) {
        List<String> next = new ArrayList<>(layers);
        next.add(colour);
        if (!order.subList(0, next.size()).equals(next)) {
            // A layer that is wanted first may still begin anew.
            return new Rig(place, depth, order.get(0).equals(colour) ? List.of(colour) : List.of(), order, made);
        }
        return next.size() < order.size()
                ? new Rig(place, depth, next, order, made)
                : new Rig(place, depth, List.of(), order(made + 1), made + 1);
    }
}

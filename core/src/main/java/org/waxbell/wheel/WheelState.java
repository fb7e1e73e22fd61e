package org.waxbell.wheel;

import java.util.List;
import java.util.stream.Stream;

/** How a wheel stands. @param last which segment it drew last, -1 for none @param out segments that were drawn and taken out */
public record WheelState(int last, List<Integer> out) {
    /** Nothing was drawn yet. */
    public static final WheelState NEW = new WheelState(-1, List.of());

    public WheelState {
        out = List.copyOf(out);
    }

    /** The same after a draw. */
    WheelState drew(int segment, boolean removed) {
        return new WheelState(
                segment,
                removed ? Stream.concat(out.stream(), Stream.of(segment)).toList() : out);
    }

    /** All segments are in again. */
    WheelState filled() {
        return new WheelState(last, List.of());
    }
}

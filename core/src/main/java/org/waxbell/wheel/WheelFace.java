package org.waxbell.wheel;

import java.util.List;
import org.waxbell.fixture.Face;

/** What a wheel shows. @param last which segment it drew last, -1 for none yet @param out segments that were taken out */
public record WheelFace(int last, List<Integer> out) implements Face {
    public WheelFace {
        out = List.copyOf(out);
    }
}

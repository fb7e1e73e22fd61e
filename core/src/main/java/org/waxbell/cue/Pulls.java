package org.waxbell.cue;

import java.util.List;
import org.waxbell.kind.Family;

/** Every kind of pull: the one list to which a new one adds its line. */
public final class Pulls {
    /** The kinds. */
    public static final Family<Pull> ALL = new Family<>(
            Pull.class,
            "pull",
            List.of(
                    ChatWordPull.KIND,
                    EventPull.KIND,
                    PhrasePull.KIND,
                    PatternPull.KIND,
                    FirstLinePull.KIND,
                    PrivatePull.KIND,
                    HandPull.KIND,
                    EveryPull.KIND,
                    AfterLinesPull.KIND,
                    CalendarPull.KIND,
                    MarkPull.KIND,
                    ScenePull.KIND,
                    WebPull.KIND,
                    OscPull.KIND,
                    CuePull.KIND));

    private Pulls() {}
}

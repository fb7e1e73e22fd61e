package org.waxbell.app.wiring;

import java.util.Locale;
import org.waxbell.act.DeskSheet;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.House;
import tools.jackson.databind.EnumNamingStrategies;
import tools.jackson.databind.annotation.EnumNaming;

/** The kinds of document. */
@EnumNaming(EnumNamingStrategies.LowerCamelCaseStrategy.class)
public enum DocumentKind {
    /** One wiring of pulls, gates and scores. */
    CUE(Cue.class),
    /** A folder of cues. */
    RACK(Rack.class),
    /** An overlay page. */
    STAGE(Stage.class),
    /** A standing job that stands by itself. */
    DESK(DeskSheet.class),
    /** What holds for the whole wiring; there is one, called {@code house}. */
    HOUSE(House.class);

    private final Class<?> type;

    DocumentKind(Class<?> type) {
        this.type = type;
    }

    /** What the log of edits puts before its name. */
    String words() {
        return this == HOUSE ? "" : stored() + " ";
    }

    /** The class of its values. */
    public Class<?> type() {
        return type;
    }

    /** How the store names it. */
    public String stored() {
        return name().toLowerCase(Locale.ROOT);
    }
}

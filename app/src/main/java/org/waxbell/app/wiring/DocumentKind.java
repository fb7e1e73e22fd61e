package org.waxbell.app.wiring;

import java.util.Locale;
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
    CUE(Cue.class, "cue "),
    /** A folder of cues. */
    RACK(Rack.class, "rack "),
    /** An overlay page. */
    STAGE(Stage.class, "stage "),
    /** What holds for the whole wiring; there is one, called {@code house}. */
    HOUSE(House.class, "");

    private final Class<?> type;
    private final String words;

    DocumentKind(Class<?> type, String words) {
        this.type = type;
        this.words = words;
    }

    /** What the log of edits puts before its name. */
    String words() {
        return words;
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

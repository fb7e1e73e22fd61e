package org.waxbell.condition;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.waxbell.event.FactKind;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Tried;
import org.waxbell.kind.Choice;

/** What set a cue off, as conditions ask for it. */
public final class SetOff {
    /** Its name in conditions. */
    public static final String NAME = "event.how";

    /** What is no fact, by the kind of its event and in the order in which it is offered. */
    private static final Map<String, Choice> OWN = new LinkedHashMap<>();

    static {
        OWN.put("chatLine", new Choice("typed", "typed in chat"));
        OWN.put("hand", new Choice("pressed", "pressed by me"));
        OWN.put("privateLine", new Choice("private", "written privately"));
        OWN.put("time", new Choice("time", "its time came"));
        OWN.put("cue", new Choice("cue", "another cue"));
    }

    private SetOff() {}

    /** How {@code event} is written in a condition: {@code typed}, {@code pressed}, or the name of its kind. */
    static String of(ShowEvent event) {
        ShowEvent cause = event instanceof Tried tried ? tried.cause() : event;
        Choice own = OWN.get(cause.kind());
        return own == null ? cause.kind() : own.value();
    }

    /** All that there are, in the order in which they are offered. */
    public static List<Choice> choices() {
        List<Choice> all = new ArrayList<>(OWN.values());
        for (FactKind kind : Facts.all()) {
            if (kind.isOffered()) {
                all.add(new Choice(kind.name(), kind.happens()));
            }
        }
        all.add(new Choice(Facts.SCENE.name(), "another scene is on"));
        all.add(new Choice(Facts.VALUE_MOVED.name(), "a number moved"));
        all.add(new Choice(Facts.WEB_CALLED.name(), "a web call"));
        return List.copyOf(all);
    }
}

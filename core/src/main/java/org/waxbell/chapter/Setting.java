package org.waxbell.chapter;

import java.util.EnumSet;
import java.util.Set;
import org.waxbell.check.Problems;
import org.waxbell.event.Target;
import org.waxbell.words.Wording;

/** How a chapter lets one target stand as long as it lasts. */
public record Setting(Target target, String value) {
    /** What must not begin or end by itself when a chapter is left, or cannot stay so for half an hour. */
    private static final Set<Target.Kind> NEVER =
            EnumSet.of(Target.Kind.STREAM, Target.Kind.RECORDING, Target.Kind.KEY);

    /** Whether a chapter may set targets of that kind. */
    public static boolean allows(Target.Kind kind) {
        return !NEVER.contains(kind);
    }

    void check(Problems problems) {
        if (!allows(target.kind())) {
            problems.at("target")
                    .add(
                            target.inWords(),
                            "A chapter cannot set that, for it would be put back when the chapter is left.",
                            "Make a cue that is set off when the chapter begins.");
            return;
        }
        if (value.isBlank()) {
            problems.at("value").add(value, "It is not chosen how it stands.", "Choose one.");
        }
        target.check(value, problems);
        if (target.kind() == Target.Kind.TEXT
                && Wording.faultOf(value) == null
                && !Wording.uses(value).isEmpty()) {
            problems.at("value").add(value, "A chapter knows no values.", "Write the words as they are to stand.");
        }
    }
}

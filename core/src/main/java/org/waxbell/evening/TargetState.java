package org.waxbell.evening;

import org.waxbell.event.Target;

/**
 * How a target stands and to what it is put back.
 *
 * @param base    how it stands when no cue holds it; empty text where that is not known
 * @param shown   how it stands now, as far as is known; empty text where it is not
 * @param restore whether it is to be put back as soon as it reports that it still shows what we set, after a restart
 */
public record TargetState(Target target, String base, String shown, boolean restore) {
    /** A target of which nothing is known but how it rests. */
    public static TargetState unknown(Target target) {
        String rests = target.kind().rests();
        return new TargetState(target, rests, rests, false);
    }

    /** It stands so now, and this is what it is put back to. */
    public TargetState based(String value) {
        return new TargetState(target, value, value, false);
    }

    /** It stands so now. */
    public TargetState showing(String value) {
        return new TargetState(target, base, value, false);
    }

    /** It waits for a report to be put back. */
    public TargetState waiting() {
        return new TargetState(target, base, shown, true);
    }
}

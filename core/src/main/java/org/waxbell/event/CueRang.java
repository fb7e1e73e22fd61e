package org.waxbell.event;

import org.waxbell.actor.Actor;

/**
 * A cue rang, or its ring is over; other cues may wait for that. It brings along what set the first of them off.
 *
 * @param cue   id of the cue
 * @param name  its name
 * @param ended whether its ring is over, else it was let through just now
 * @param cause what happened first, never itself of this kind
 */
public record CueRang(String cue, String name, boolean ended, ShowEvent cause) implements Caused {
    public CueRang {
        if (cause instanceof CueRang earlier) {
            cause = earlier.cause();
        }
    }

    @Override
    public Actor actor() {
        return Actor.cue(cue);
    }

    @Override
    public String kind() {
        return "cue";
    }

    @Override
    public String sentence() {
        return name + (ended ? " is over" : " rang");
    }
}

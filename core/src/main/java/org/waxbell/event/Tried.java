package org.waxbell.event;

import java.util.Optional;
import org.waxbell.actor.Actor;

/**
 * A person tries one cue with a made-up event, or plays again what it once played; no other cue is asked.
 *
 * @param cue   id of the cue
 * @param name  its name
 * @param past  whether its gates are passed over: then it costs nothing and no cooldown counts it
 * @param cause the event, never itself of this kind or a {@link CueRang}
 * @param actor who tries it
 */
public record Tried(String cue, String name, boolean past, ShowEvent cause, Actor actor) implements Caused {
    public Tried {
        while (cause instanceof Caused earlier) {
            cause = earlier.cause();
        }
    }

    @Override
    public String kind() {
        return "tried";
    }

    @Override
    public String sentence() {
        return "tried: " + cause.sentence();
    }

    @Override
    public Optional<String> privately() {
        return cause.privately();
    }
}

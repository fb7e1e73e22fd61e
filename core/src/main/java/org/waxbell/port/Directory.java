package org.waxbell.port;

import java.util.Optional;
import org.waxbell.directory.Broadcaster;
import org.waxbell.directory.TheirClip;

/** Port: knows other broadcasters. It may take its time, so it is asked apart from the engine, and what it told is kept for a while. */
public interface Directory {
    /** What it knows of somebody, by their name in small letters without a sign before it; empty where it does not know them. */
    Optional<Broadcaster> find(String name);

    /** Fetches the film of a clip: its hash among our files; empty where it cannot be had. */
    Optional<String> film(TheirClip clip);
}

package org.waxbell.wiring;

import org.jspecify.annotations.Nullable;
import org.waxbell.cue.FirstLinePull;

/**
 * A cue that an event concerns.
 *
 * @param exactness how exactly its pull says so; higher is more exact
 * @param first     the pull by a first line, where nothing else of the cue concerns the event; else null
 */
public record Match(
        ReadyCue ready, long exactness, @Nullable FirstLinePull first) {}

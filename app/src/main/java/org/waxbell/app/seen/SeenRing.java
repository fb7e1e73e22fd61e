package org.waxbell.app.seen;

import org.waxbell.seen.Seen;

/** It is known now whether a ring could be seen and heard. @param ring its number */
public record SeenRing(long ring, Seen seen) {}

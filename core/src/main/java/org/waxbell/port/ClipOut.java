package org.waxbell.port;

import org.waxbell.directive.MakeClip;

/** Port: makes clips on the channel of one link; how that went is reported as a completion of the part. */
public interface ClipOut {
    /** The link whose channel it is. */
    String link();

    /** Begins to make a clip; it must not block. */
    void make(MakeClip clip);
}

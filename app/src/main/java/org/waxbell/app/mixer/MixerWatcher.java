package org.waxbell.app.mixer;

import org.waxbell.app.rpc.MixerCalls.News.Levels;
import org.waxbell.mixer.MixerPicture;

/** Is told how the mixer stands; it must not block. */
public interface MixerWatcher {
    /** It stands so now. */
    void mixerStands(MixerPicture picture);

    /** So loud are its sources. */
    default void mixerSounds(Levels levels) {}
}

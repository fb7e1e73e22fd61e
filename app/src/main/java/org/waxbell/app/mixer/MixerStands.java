package org.waxbell.app.mixer;

import org.waxbell.mixer.MixerPicture;

/** The mixer stands so now. */
public record MixerStands(MixerPicture picture) {}

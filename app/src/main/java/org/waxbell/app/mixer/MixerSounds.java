package org.waxbell.app.mixer;

import org.waxbell.app.rpc.MixerCalls.News.Levels;

/** So loud are the mixer's sources just now. */
public record MixerSounds(Levels levels) {}

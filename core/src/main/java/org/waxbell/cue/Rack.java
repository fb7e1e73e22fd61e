package org.waxbell.cue;

/** A folder of cues that can be switched on and off together. */
public record Rack(int formatVersion, String id, String name, boolean on) {
}

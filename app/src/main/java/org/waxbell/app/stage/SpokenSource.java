package org.waxbell.app.stage;

import org.waxbell.directive.Speak;

/** Where pages fetch what is said; made once, heard by all. */
public interface SpokenSource {
    /** Where nothing is made: what is only looked at. */
    SpokenSource NONE = speak -> new Spoken("", true, speak.meantFor());

    /** Where it is fetched, as it is now; the first to ask has it made. */
    Spoken of(Speak speak);

    /** @param address where it is fetched; who is early waits there @param coming whether it is still being made @param begins the moment it begins, milliseconds since 1970 UTC */
    record Spoken(String address, boolean coming, long begins) {}
}

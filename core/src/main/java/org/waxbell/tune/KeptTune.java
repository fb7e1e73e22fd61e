package org.waxbell.tune;

import org.waxbell.catalogue.Tune;

/** A tune of the host's own list. @param number where it stands, and by which it is named */
public record KeptTune(long number, Tune tune) {}

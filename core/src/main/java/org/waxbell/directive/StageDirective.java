package org.waxbell.directive;

/** A directive that a stage page carries out over a span of time, so that a page which joins late can pick it up. */
public sealed interface StageDirective permits ShowCard, PlaySound, Speak, Quieten, ShowThing {
    /** The run of the part that it belongs to. */
    String partRun();

    /** The stage whose pages carry it out. */
    String stage();

    /** The moment it starts, in milliseconds since 1970 UTC. */
    long meantFor();

    /** How long it lasts, in milliseconds. */
    long lengthMs();

    /** The moment from which a page shows nothing of it any more. */
    default long over() {
        return meantFor() + lengthMs();
    }
}

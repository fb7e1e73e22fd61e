package org.waxbell.gate;

import org.waxbell.check.Problems;

/** One check between a pull and the score; asking it changes nothing. */
public sealed interface Gate permits OnGate, WhoGate, ArgumentGate, CooldownGate, ChanceGate {
    /** What the wiring calls its kind. */
    String kind();

    /** Its place among the gates; lower ones, which are cheaper, are asked first. */
    int order();

    /** Its answer, with reason and numbers. */
    GateAnswer ask(GateQuery query);

    /** How long it needs to remember a ring that was let through, in milliseconds. */
    default long remembersMs() {
        return 0;
    }

    /** Adds what is wrong with its settings. */
    default void check(Problems problems) {
    }
}

package org.waxbell.gate;

/** A gate made ready for asking; asking it changes nothing. */
@FunctionalInterface
public interface Check {
    /** Its answer, with reason and numbers. */
    GateAnswer ask(GateQuery query);
}

package org.waxbell.sentence;

import org.waxbell.event.Target;

/** How things are called that documents name by ids; an id that nothing has is its own name. */
public interface Naming {
    /** The prefix of the house, put before general chat words. */
    String prefix();

    /** So many points, in the words of the house. */
    String points(long amount);

    /** A circle. */
    String circle(String id);

    /** A cue. */
    String cue(String id);

    /** A rack. */
    String rack(String id);

    /** What can be switched, as people call it. */
    default Target target(Target target) {
        return target.kind() == Target.Kind.RACK ? new Target(Target.Kind.RACK, rack(target.name())) : target;
    }

    /** What stands on a stage: a spot, an outlet, a wheel. */
    String standing(String stage, String id);

    /** What a desk runs, by the place at which it is asked. */
    String desk(String about);

    /** A value of the slate. */
    String value(String id);
}

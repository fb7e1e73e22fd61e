package org.waxbell.port;

import org.waxbell.directive.SetTarget;
import org.waxbell.event.Target;

/** Port: switches targets outside, such as scenes and lamps. */
public interface TargetOut extends Carrier<SetTarget> {
    /** Whether it knows targets of that kind. */
    boolean knows(Target.Kind kind);

    /** Lets a target stand so; it must not block. A target that is not there is reported as a failure of the part. */
    void set(SetTarget set);

    @Override
    default Class<SetTarget> takes() {
        return SetTarget.class;
    }

    @Override
    default boolean reaches(SetTarget set) {
        return knows(set.target().kind());
    }

    @Override
    default void carry(SetTarget set) {
        set(set);
    }
}

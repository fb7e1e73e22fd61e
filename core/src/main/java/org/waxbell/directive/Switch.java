package org.waxbell.directive;

import org.waxbell.event.Target;

/** Let a target stand so as long as the part lasts, or for good. @param stay whether it becomes what others put it back to */
public record Switch(String partRun, long meantFor, Target target, String value, boolean stay)
        implements BookDirective {
    /** The same, meant for another moment. */
    public Switch at(long moment) {
        return new Switch(partRun, moment, target, value, stay);
    }

    @Override
    public void perform(Books books) {
        books.hold(this);
    }
}

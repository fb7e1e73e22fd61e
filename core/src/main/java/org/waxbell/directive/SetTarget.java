package org.waxbell.directive;

import org.waxbell.event.Target;

/**
 * Let a target outside stand so.
 *
 * @param partRun the part that wants it, or whose end put it back
 * @param back    whether it is put back to how it stood before, which must not be forgotten when its link is down
 */
public record SetTarget(String partRun, long meantFor, Target target, String value, boolean back) implements Directive {
    @Override
    public Wave wave() {
        return Wave.DONE;
    }

    @Override
    public String untaken() {
        return "no link is set up for " + target.inWords();
    }
}

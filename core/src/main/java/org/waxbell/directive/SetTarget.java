package org.waxbell.directive;

import org.waxbell.event.Target;

/**
 * Let a target outside stand so.
 *
 * @param partRun the part that wants it, or whose end put it back
 * @param back    whether it is put back to how it stood before, which must not be forgotten when its link is down
 */
public record SetTarget(String partRun, long meantFor, Target target, String value, boolean back) implements Directive {
    private static final String DESK = "desk/";

    /** Who wants a target that a desk lets stand until it lets it go, as {@link #partRun}. @param place of the desk */
    public static String desk(String place) {
        return DESK + place;
    }

    /** Whether it is to be done still when its link comes back later: what is put back, and what a desk lets stand. */
    public boolean lasts() {
        return back || partRun.startsWith(DESK);
    }

    @Override
    public Wave wave() {
        return Wave.DONE;
    }

    @Override
    public String untaken() {
        return "no link is set up for " + target.inWords();
    }
}

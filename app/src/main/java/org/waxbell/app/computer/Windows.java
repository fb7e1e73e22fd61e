package org.waxbell.app.computer;

import java.util.Set;

/** The windows of this computer's screen, as far as its system tells of them. */
interface Windows {
    /** Those of this system. */
    static Windows here() {
        String display = System.getenv("DISPLAY");
        return display == null || display.isEmpty() ? new Untold() : new XWindows();
    }

    /** Whether a window of one of these processes can be seen. */
    boolean shown(Set<Long> pids) throws Refusal;

    /** Whether the window that gets keys is one of theirs. */
    boolean inFront(Set<Long> pids) throws Refusal;

    /** A system whose windows are not told. */
    final class Untold implements Windows {
        private static final String WHY = "which window is in front is known under X11 only";

        @Override
        public boolean shown(Set<Long> pids) throws Refusal {
            throw new Refusal(WHY);
        }

        @Override
        public boolean inFront(Set<Long> pids) throws Refusal {
            throw new Refusal(WHY);
        }
    }
}

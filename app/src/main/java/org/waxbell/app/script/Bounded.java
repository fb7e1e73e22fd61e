package org.waxbell.app.script;

import org.mozilla.javascript.Context;
import org.mozilla.javascript.ContextFactory;

/** Contexts in which a call may do only so much, and in which no class of Java can be reached. */
final class Bounded extends ContextFactory {
    /** How many instructions a call may take. */
    static final long INSTRUCTIONS = 10_000_000;
    /** How long it may take, in milliseconds; where the machine is slow that comes first. */
    static final long MILLIS = 2_000;

    private static final int LOOKED_AT_EVERY = 20_000;
    private static final int DEEPEST = 500;
    private long instructions;
    private long until = Long.MAX_VALUE;

    /** A call begins. */
    void begin() {
        instructions = 0;
        until = System.nanoTime() + MILLIS * 1_000_000;
    }

    @Override
    protected Context makeContext() {
        Context context = super.makeContext();
        // Only what is interpreted can be counted and stopped everywhere.
        context.setInterpretedMode(true);
        context.setLanguageVersion(Context.VERSION_ES6);
        context.setInstructionObserverThreshold(LOOKED_AT_EVERY);
        context.setMaximumInterpreterStackDepth(DEEPEST);
        context.setClassShutter(name -> false);
        return context;
    }

    @Override
    protected void observeInstructionCount(Context context, int count) {
        instructions += count;
        if (instructions > INSTRUCTIONS) {
            throw new Broken(
                    "it goes on and on: it was stopped after " + INSTRUCTIONS / 1_000_000 + " million instructions");
        }
        if (System.nanoTime() > until) {
            throw new Broken("it took longer than " + MILLIS / 1_000 + " seconds, and was stopped");
        }
    }

    /** A bound was broken; an error, so that no script can catch it. */
    static final class Broken extends Error {
        private static final long serialVersionUID = 1L;

        Broken(String why) {
            super(why);
        }
    }
}

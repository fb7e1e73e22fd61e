package org.waxbell.app.thread;

import java.util.concurrent.ThreadFactory;

/** Threads that do not keep the program from ending. */
public final class Daemons {
    private Daemons() {}

    /** Makes threads of that name. */
    public static ThreadFactory named(String name) {
        return named(name, Thread.NORM_PRIORITY);
    }

    /** Makes threads of that name that stand back where others want the processor. */
    public static ThreadFactory patient(String name) {
        return named(name, Thread.MIN_PRIORITY);
    }

    private static ThreadFactory named(String name, int priority) {
        return work -> {
            Thread thread = new Thread(work, name);
            thread.setDaemon(true);
            thread.setPriority(priority);
            return thread;
        };
    }
}

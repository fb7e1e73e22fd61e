package org.waxbell.app.link;

import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.TimeUnit;
import java.util.function.UnaryOperator;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.link.LinkState;
import org.waxbell.link.Phase;
import org.waxbell.link.Trouble;

/** The life of one link: holds its state, tells when that moved, and has it connect again when its time has come. Safe for several threads. */
public final class LinkLife {
    private final String name;
    private final SystemClock clock;
    private final ScheduledExecutorService timer;
    private final Runnable moved;
    private LinkState state;
    private Runnable connect = () -> {};
    private boolean over;
    private int turn;

    LinkLife(String name, LinkState before, SystemClock clock, ScheduledExecutorService timer, Runnable moved) {
        this.name = name;
        this.state = before;
        this.clock = clock;
        this.timer = timer;
        this.moved = moved;
    }

    /** What is called to connect, now and again later. */
    public synchronized void connectsBy(Runnable how) {
        connect = how;
    }

    /** How it stands. */
    public synchronized LinkState state() {
        return state;
    }

    /** Whether it works now. */
    public boolean isUp() {
        return state().phase() == Phase.UP;
    }

    /** Why nothing can be done by it now, as a sentence without its full stop. */
    public String refusal() {
        return state().refusal(name);
    }

    /** What the link is called by people. */
    public String name() {
        return name;
    }

    /** The timer on which small work of links is done; it must not block. */
    public ScheduledExecutorService timer() {
        return timer;
    }

    /** The present moment, milliseconds since 1970 UTC. */
    public long now() {
        return clock.now();
    }

    /** Begins to connect at once. */
    public void connect() {
        Runnable how;
        synchronized (this) {
            if (over) {
                return;
            }
            turn++;
            how = connect;
        }
        become(was -> was.connecting(clock.now()));
        how.run();
    }

    /** It works. */
    public void up() {
        become(was -> was.up(clock.now()));
    }

    /** It does not work, or no longer; where that may pass it connects again by itself. */
    public void broken(Trouble why) {
        LinkState now = become(
                was -> was.broken(clock.now(), why, ThreadLocalRandom.current().nextDouble()));
        if (now.phase() == Phase.BROKEN && now.nextTry() > 0) {
            int mine;
            synchronized (this) {
                mine = ++turn;
            }
            timer.schedule(() -> again(mine), Math.max(0, now.nextTry() - clock.now()), TimeUnit.MILLISECONDS);
        }
    }

    private void again(int mine) {
        synchronized (this) {
            if (over || mine != turn) {
                return;
            }
        }
        connect();
    }

    /** It heard something. */
    public void heard(String what) {
        become(was -> was.hears(clock.now(), what));
    }

    /** The way there and back was measured, in milliseconds. */
    public void measured(double millis) {
        become(was -> was.measured(millis));
    }

    void paused() {
        become(was -> was.paused(clock.now()));
    }

    void unset() {
        become(was -> was.unset(clock.now()));
    }

    /** What it tells from now on is passed over. */
    synchronized void over() {
        over = true;
        turn++;
    }

    private LinkState become(UnaryOperator<LinkState> change) {
        LinkState now;
        synchronized (this) {
            if (over) {
                return state;
            }
            state = change.apply(state);
            now = state;
        }
        moved.run();
        return now;
    }
}

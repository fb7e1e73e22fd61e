package org.waxbell.app.run;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.health.Pulse;
import org.waxbell.app.inbox.Faulted;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.inbox.Job;
import org.waxbell.app.inbox.SavedState;
import org.waxbell.app.inbox.Unsaved;
import org.waxbell.engine.AtWork;
import org.waxbell.engine.Completion;
import org.waxbell.engine.Engine;
import org.waxbell.engine.Outcome;
import org.waxbell.rehearsal.Step;
import org.waxbell.show.Recovery;
import org.waxbell.time.Stamps;

/**
 * The one thread that changes state: takes inputs from the inbox, lets the engine decide, commits what was decided for a
 * batch of them, and only then lets directives out and acknowledges, all in the order of the decisions. Where the engine
 * throws, that input fails and is set aside, another engine is made of what was kept, and the evening goes on.
 */
@Component
public class EngineLoop implements SmartLifecycle {
    private static final Logger LOG = LoggerFactory.getLogger(EngineLoop.class);
    private static final int MOST_IN_BATCH = 256;
    private static final long LONGEST_BATCH_NANOS = 5_000_000;
    private static final long RETRY_MILLIS = 1_000;
    /** A machine that slept, or whose clock was set, wakes nobody: the clock is looked at so often, in milliseconds. */
    private static final long LOOKS_EVERY = 1_000;

    private final Inbox inbox;
    private final EngineFactory factory;
    private final Commit commit;
    private final Release release;
    private final Recorder recorder;
    private final Faults faults;
    private final SavedState saved;
    private final Stamps stamps;
    private final SystemClock clock;
    private final Pulse pulse;
    private volatile @Nullable Thread thread;

    EngineLoop(
            Inbox inbox,
            EngineFactory factory,
            Commit commit,
            Release release,
            Recorder recorder,
            Faults faults,
            SavedState saved,
            SystemClock clock,
            Pulse pulse) {
        this.pulse = pulse;
        this.inbox = inbox;
        this.factory = factory;
        this.commit = commit;
        this.release = release;
        this.recorder = recorder;
        this.faults = faults;
        this.saved = saved;
        this.clock = clock;
        this.stamps = new Stamps(clock);
    }

    private void run() {
        try {
            Engine engine = begin();
            while (thread == Thread.currentThread()) {
                engine = turn(engine);
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        } catch (RuntimeException | Error end) {
            LOG.error("The engine cannot go on; nothing is decided any more until Wax Bell is started again", end);
            saved.become(false, "the engine cannot go on: " + end + ". Start Wax Bell again");
            inbox.breakOff(end);
        }
    }

    private Engine begin() {
        Engine engine = factory.make();
        long now = stamps.next();
        try {
            finish(List.of(new Batch.Done(engine.resume(now), recorder.goesOn(engine, now), () -> {}, null)));
            return engine;
        } catch (RuntimeException | Error fault) {
            return recover(engine, "what was under way at the start", fault);
        }
    }

    /** Does what is due and what waits, as one batch; the engine that goes on. */
    private Engine turn(Engine engine) throws InterruptedException {
        long due = commit.owes() ? Math.min(engine.nextWake(), clock.now() + RETRY_MILLIS) : engine.nextWake();
        Inbox.Queued next = inbox.next(due == Long.MAX_VALUE ? due : Math.min(LOOKS_EVERY, due - clock.now()));
        engine.kept(!commit.owes());
        Batch batch = new Batch();
        Engine now = engine;
        try {
            batch.add(engine.wake(stamps.next()));
        } catch (RuntimeException | Error fault) {
            now = recover(engine, "what was due", fault);
        }
        long until = System.nanoTime() + LONGEST_BATCH_NANOS;
        while (next != null) {
            try {
                if (next.job().makesAnew()) {
                    finish(batch.taken());
                    now = anew(now, next);
                } else {
                    decide(now, next, batch);
                }
            } catch (RuntimeException | Error fault) {
                finish(batch.taken());
                next.done().completeExceptionally(new Faulted(fault));
                now = recover(now, next.job().input(), fault);
            }
            next = batch.size() < MOST_IN_BATCH && System.nanoTime() < until ? inbox.nextNow() : null;
        }
        finish(batch.taken());
        return now;
    }

    private void decide(Engine engine, Inbox.Queued queued, Batch batch) {
        long at = stamps.next();
        Job job = queued.job();
        long began = System.nanoTime();
        Outcome outcome = job.decide(engine, at);
        pulse.decided(at, System.nanoTime() - began, () -> words(job.input()));
        Runnable record = recorder.note(engine, at, outcome, job.recorded());
        batch.add(new Batch.Done(
                outcome,
                () -> {
                    job.keep();
                    record.run();
                },
                job::over,
                queued.done()));
    }

    private static String words(Object input) {
        return input instanceof Step.Happens happens
                ? happens.event().sentence()
                : input instanceof String words ? words : input.getClass().getSimpleName();
    }

    /** Lets a job rewrite what is kept, and makes the engine of that, as after a restart. */
    private Engine anew(Engine engine, Inbox.Queued queued) {
        try {
            commit.alone(queued.job()::keep);
        } catch (RuntimeException failed) {
            queued.done().completeExceptionally(new Unsaved(failed));
            return engine;
        }
        Engine next = begin();
        queued.done().complete(Outcome.NOTHING);
        return next;
    }

    /** Makes another engine of what was kept; what was at work is set aside. */
    private Engine recover(Engine broken, Object input, Throwable fault) {
        AtWork work = broken.atWork();
        long at = stamps.next();
        String what = work.ring() > 0 ? "ring " + work.ring() : input instanceof String words ? words : "an input";
        LOG.error("The engine met a fault at {} and is made anew", what, fault);
        faults.setAside(at, input, fault);
        Recovery recovery = factory.again(commit.owed(), work, at, what, String.valueOf(fault));
        Runnable record = recorder.goesOn(recovery.engine(), at);
        List<Batch.Done> done = new ArrayList<>();
        recovery.outcomes().forEach(outcome -> done.add(new Batch.Done(outcome, () -> {}, () -> {}, null)));
        done.add(new Batch.Done(Outcome.NOTHING, record, () -> {}, new CompletableFuture<>()));
        finish(done);
        return recovery.engine();
    }

    private void finish(List<Batch.Done> done) {
        List<Batch.Done> work = new ArrayList<>(done);
        work.removeIf(each -> each.outcome().isEmpty() && each.future() == null);
        long began = System.nanoTime();
        RuntimeException failure = commit.commit(work);
        if (!work.isEmpty()) {
            pulse.kept(clock.now(), System.nanoTime() - began);
        }
        for (Batch.Done each : work) {
            try {
                release.release(each.outcome(), this::failed);
                each.over().run();
            } catch (RuntimeException | Error fault) {
                LOG.error("What was decided could not be let out whole", fault);
            } finally {
                acknowledge(each, failure);
            }
        }
    }

    /** What no adapter can do is told to the engine like any other failure of a part. */
    private void failed(String partRun, String why) {
        inbox.completed(partRun, Completion.failed(why));
    }

    private static void acknowledge(Batch.Done done, @Nullable RuntimeException failure) {
        if (done.future() == null) {
            return;
        }
        if (failure == null) {
            done.future().complete(done.outcome());
        } else {
            done.future().completeExceptionally(new Unsaved(failure));
        }
    }

    @Override
    public void start() {
        Thread started = new Thread(this::run, "engine");
        thread = started;
        started.start();
    }

    @Override
    public void stop() {
        Thread running = thread;
        thread = null;
        if (running != null) {
            running.interrupt();
            try {
                running.join(TimeUnit.SECONDS.toMillis(2));
            } catch (InterruptedException hurried) {
                Thread.currentThread().interrupt();
            }
        }
    }

    @Override
    public boolean isRunning() {
        return thread != null;
    }
}

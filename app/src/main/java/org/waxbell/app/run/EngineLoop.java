package org.waxbell.app.run;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.function.LongFunction;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;
import org.waxbell.engine.Completion;
import org.waxbell.engine.Engine;
import org.waxbell.engine.Outcome;
import org.waxbell.event.ShowEvent;
import org.waxbell.journal.Decision;
import org.waxbell.rehearsal.Step;
import org.waxbell.time.Stamps;

/**
 * The one thread that changes state: takes inputs from its queue, lets the engine decide, commits what was decided for a
 * batch of them, and only then lets directives out and acknowledges, all in the order of the decisions.
 */
@Component
public class EngineLoop implements SmartLifecycle {
    private static final Logger LOG = LoggerFactory.getLogger(EngineLoop.class);
    private static final int MOST_IN_BATCH = 256;
    private static final long LONGEST_BATCH_NANOS = 5_000_000;
    private static final long RETRY_MILLIS = 1_000;

    private final BlockingQueue<Queued> queue = new LinkedBlockingQueue<>();
    private final EngineFactory factory;
    private final Commit commit;
    private final Release release;
    private final Recorder recorder;
    private final List<LateFailure> late;
    private final Stamps stamps;
    private final SystemClock clock;
    private volatile @Nullable Thread thread;

    EngineLoop(
            EngineFactory factory,
            Commit commit,
            Release release,
            Recorder recorder,
            SystemClock clock,
            @Lazy List<LateFailure> late) {
        this.late = late;
        this.recorder = recorder;
        this.factory = factory;
        this.commit = commit;
        this.release = release;
        this.clock = clock;
        this.stamps = new Stamps(clock);
    }

    private record Queued(Job job, CompletableFuture<Outcome> done) {}

    /** Queues a job; done when its outcome is kept, or fails with {@link Unsaved} or what the job itself threw. */
    public CompletableFuture<Outcome> submit(Job job) {
        Queued queued = new Queued(job, new CompletableFuture<>());
        queue.add(queued);
        return queued.done();
    }

    /** Queues a step, which a recording of the evening keeps; done as {@link #submit} says. */
    public CompletableFuture<Outcome> step(LongFunction<Step> step) {
        return submit(new StepJob(step));
    }

    /** Tells the engine what became of a part; a failure that comes when the engine no longer waits for it is told to who looks back. */
    public void completed(String partRun, Completion result) {
        step(at -> new Step.Reported(at, partRun, result)).thenAccept(outcome -> {
            if (result.kind() == Completion.Kind.FAILED && outcome.isEmpty()) {
                late.forEach(each -> each.failedLate(partRun, result.detail()));
            }
        });
    }

    /** Lets an event happen; done with what became of the event itself, for what fell due before it or followed has decisions of its own. */
    public CompletableFuture<Decision> happen(ShowEvent event) {
        return step(at -> new Step.Happens(at, event))
                .thenApply(outcome -> outcome.decisions().stream()
                        .filter(each -> each.event() == event)
                        .findFirst()
                        .orElseThrow());
    }

    private void run() {
        Engine engine = factory.make();
        long now = stamps.next();
        finish(List.of(new Batch.Done(engine.resume(now), recorder.goesOn(engine, now), null)));
        while (thread == Thread.currentThread()) {
            try {
                turn(engine);
            } catch (InterruptedException stopped) {
                return;
            } catch (RuntimeException | Error bug) {
                LOG.error("The engine's thread met an error and goes on", bug);
            }
        }
    }

    private void turn(Engine engine) throws InterruptedException {
        long due = commit.owes() ? Math.min(engine.nextWake(), clock.now() + RETRY_MILLIS) : engine.nextWake();
        Queued first = due == Long.MAX_VALUE
                ? queue.take()
                : queue.poll(Math.max(0, due - clock.now()), TimeUnit.MILLISECONDS);
        engine.kept(!commit.owes());
        Batch batch = new Batch();
        batch.add(engine.wake(stamps.next()));
        long until = System.nanoTime() + LONGEST_BATCH_NANOS;
        for (Queued next = first;
                next != null;
                next = batch.size() < MOST_IN_BATCH && System.nanoTime() < until ? queue.poll() : null) {
            decide(engine, next, batch);
        }
        finish(batch.done());
    }

    private void decide(Engine engine, Queued queued, Batch batch) {
        try {
            long at = stamps.next();
            Job job = queued.job();
            Outcome outcome = job.decide(engine, at);
            Runnable record = recorder.note(engine, at, outcome, job.recorded());
            batch.add(new Batch.Done(
                    outcome,
                    () -> {
                        job.keep();
                        record.run();
                    },
                    queued.done()));
        } catch (RuntimeException refused) {
            queued.done().completeExceptionally(refused);
        }
    }

    private void finish(List<Batch.Done> done) {
        List<Batch.Done> work = new ArrayList<>(done);
        work.removeIf(each -> each.outcome().isEmpty() && each.future() == null);
        RuntimeException failure = commit.commit(work);
        for (Batch.Done each : work) {
            try {
                release.release(each.outcome(), this::failed);
            } finally {
                acknowledge(each, failure);
            }
        }
    }

    /** What no adapter can do is told to the engine like any other failure of a part. */
    private void failed(String partRun, String why) {
        completed(partRun, Completion.failed(why));
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

package org.waxbell.app.inbox;

import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.function.LongFunction;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.waxbell.engine.Completion;
import org.waxbell.engine.Outcome;
import org.waxbell.event.Fact;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Written;
import org.waxbell.journal.Decision;
import org.waxbell.rehearsal.Step;

/** What waits for the engine's thread. Everything that changes state goes in here, in order; whoever puts something in hears when it is kept. */
@Component
public class Inbox {
    private final BlockingQueue<Queued> queue = new LinkedBlockingQueue<>();
    private final ApplicationEventPublisher news;
    private volatile @Nullable Throwable broken;

    /** @param news tells of failures that come too late for the engine */
    public Inbox(ApplicationEventPublisher news) {
        this.news = news;
    }

    /** A job, and who waits for it. */
    public record Queued(Job job, CompletableFuture<Outcome> done) {}

    /** Queues a job; done when its outcome is kept, or fails with {@link Unsaved} or what the job itself threw. */
    public CompletableFuture<Outcome> submit(Job job) {
        Queued queued = new Queued(job, new CompletableFuture<>());
        Throwable why = broken;
        if (why != null) {
            queued.done().completeExceptionally(why);
            return queued.done();
        }
        queue.add(queued);
        return queued.done();
    }

    /** Queues a step, which a recording of the evening keeps; done as {@link #submit} says. */
    public CompletableFuture<Outcome> step(LongFunction<Step> step) {
        return submit(new StepJob(step));
    }

    /** Tells the engine what became of a part; a failure that comes when the engine no longer waits for it is published as {@link FailedLate}. */
    public void completed(String partRun, Completion result) {
        step(at -> new Step.Reported(at, partRun, result)).thenAccept(outcome -> {
            if (result.kind() == Completion.Kind.FAILED && outcome.isEmpty()) {
                news.publishEvent(new FailedLate(partRun, result.detail()));
            }
        });
    }

    /** Lets an event happen; done with what became of the event itself, for what fell due before it or followed has decisions of its own. */
    public CompletableFuture<Decision> happen(ShowEvent event) {
        return step(at -> new Step.Happens(at, event))
                .thenApply(outcome -> outcome.decisions().stream()
                        .filter(each -> isSame(each.event(), event))
                        .findFirst()
                        .orElseThrow());
    }

    /** Whether it is that event; who has several accounts may be another one's by now. */
    private static boolean isSame(ShowEvent decided, ShowEvent event) {
        if (decided == event) {
            return true;
        }
        if (decided instanceof Written line && event instanceof Written written) {
            return line.kind().equals(written.kind())
                    && line.from().equals(written.from())
                    && line.text().equals(written.text());
        }
        return decided instanceof Fact fact
                && event instanceof Fact other
                && fact.what() == other.what()
                && fact.actor().equals(other.actor())
                && fact.link().equals(other.link())
                && fact.fields().equals(other.fields());
    }

    /** How much waits. */
    public int waiting() {
        return queue.size();
    }

    /** The next, waiting so long for it at most, in milliseconds; null where none came. */
    public @Nullable Queued next(long millis) throws InterruptedException {
        return millis == Long.MAX_VALUE ? queue.take() : queue.poll(Math.max(0, millis), TimeUnit.MILLISECONDS);
    }

    /** The next that waits already, null where none does. */
    public @Nullable Queued nextNow() {
        return queue.poll();
    }

    /** Nothing will ever be taken out any more: what waits and what comes fails with the reason. */
    public void breakOff(Throwable why) {
        broken = why;
        for (Queued left = queue.poll(); left != null; left = queue.poll()) {
            left.done().completeExceptionally(why);
        }
    }
}

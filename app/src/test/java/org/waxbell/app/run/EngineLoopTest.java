package org.waxbell.app.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.argThat;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.atLeastOnce;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.inOrder;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.timeout;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import io.micrometer.prometheusmetrics.PrometheusConfig;
import io.micrometer.prometheusmetrics.PrometheusMeterRegistry;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicReference;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;
import org.mockito.InOrder;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.health.Pulse;
import org.waxbell.app.inbox.FailedLate;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.inbox.SavedState;
import org.waxbell.app.inbox.Unsaved;
import org.waxbell.engine.Completion;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.Outcome;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.port.Calendars;
import org.waxbell.shelf.Shelf;
import org.waxbell.show.Recovery;
import org.waxbell.show.Show;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.House;
import org.waxbell.wiring.Wiring;

/** The one thread that changes state: keeps before it lets out, and lives on whatever a job or an adapter does. */
class EngineLoopTest {
    private static final ChatLine LINE =
            new ChatLine("practice", new Viewer("practice:wickerby", "wickerby", Set.of(Standing.VIP), 0), "hello");
    private final EngineFactory factory = mock();
    private final Commit commit = mock();
    private final Release release = mock();
    private final Recorder recorder = mock();
    /** What the mocks do is changed by these: a mock must not be taught while the loop calls it. */
    private final AtomicReference<RuntimeException> refusal = new AtomicReference<>();

    private final AtomicReference<RuntimeException> fault = new AtomicReference<>();
    private final ArgumentCaptor<List<Batch.Done>> kept = ArgumentCaptor.captor();
    private final List<Object> news = new CopyOnWriteArrayList<>();
    private final AtomicBoolean hopeless = new AtomicBoolean();
    private final Faults faults = mock();
    private final Inbox inbox = new Inbox(news::add);
    private final EngineLoop loop = new EngineLoop(
            inbox,
            factory,
            commit,
            release,
            recorder,
            faults,
            new SavedState(),
            new SystemClock(),
            new Pulse(new PrometheusMeterRegistry(PrometheusConfig.DEFAULT)));

    @BeforeEach
    void start() {
        when(factory.make()).thenReturn(engine());
        when(factory.again(any(), any(), anyLong(), any(), any())).thenAnswer(call -> {
            if (hopeless.get()) {
                throw new IllegalStateException("the store is gone");
            }
            return new Recovery(
                    engine(), List.of(engine().mended(call.getArgument(2), call.getArgument(3), call.getArgument(4))));
        });
        when(recorder.goesOn(any(), anyLong())).thenReturn(() -> {});
        when(recorder.note(any(), anyLong(), any(), any())).thenReturn(() -> {});
        when(commit.commit(any())).thenAnswer(call -> refusal.get());
        doAnswer(call -> {
                    RuntimeException thrown =
                            call.<Outcome>getArgument(0).decisions().isEmpty() ? null : fault.getAndSet(null);
                    if (thrown != null) {
                        throw thrown;
                    }
                    return null;
                })
                .when(release)
                .release(any(), any());
        loop.start();
    }

    @AfterEach
    void stop() {
        loop.stop();
        assertThat(loop.isRunning()).isFalse();
    }

    private static Engine engine() {
        return Show.engine(
                new CueBook(new Wiring(House.PLAIN, List.of(), List.of(), List.of(), Shelf.EMPTY)),
                EngineState.fresh(1),
                40,
                Calendars.NONE);
    }

    private CompletableFuture<Outcome> line() {
        return inbox.submit((engine, at) -> engine.accept(at, LINE));
    }

    @Test
    void whatIsDecidedIsKeptBeforeItIsLetOut() throws Exception {
        Outcome outcome = line().get(30, TimeUnit.SECONDS);
        InOrder order = inOrder(commit, release);
        order.verify(commit).commit(argThat(work -> work.stream().anyMatch(each -> each.outcome() == outcome)));
        order.verify(release).release(eq(outcome), any());
    }

    @Test
    void aFailureThatComesWhenTheRingIsOverIsToldToWhoLooksBack() {
        inbox.completed("17.reply", Completion.failed("the chat is down"));
        inbox.completed("17.reply", Completion.ended());
        Awaitility.await().until(() -> news.equals(List.of(new FailedLate("17.reply", "the chat is down"))));
    }

    @Test
    void inputsThatWaitTogetherAreKeptTogether() throws Exception {
        CountDownLatch entered = new CountDownLatch(1);
        CountDownLatch go = new CountDownLatch(1);
        inbox.submit((engine, at) -> {
            entered.countDown();
            await(go);
            return Outcome.NOTHING;
        });
        assertThat(entered.await(30, TimeUnit.SECONDS)).isTrue();
        List<CompletableFuture<Outcome>> lines = List.of(line(), line(), line());
        go.countDown();
        for (CompletableFuture<Outcome> each : lines) {
            each.get(30, TimeUnit.SECONDS);
        }
        assertThat(lines)
                .extracting(each -> each.join().decisions().get(0).number())
                .containsExactly(1L, 2L, 3L);
        verify(commit, timeout(30_000)).commit(argThat(work -> work.size() >= 3));
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await(30, TimeUnit.SECONDS);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    @Test
    void whatCannotBeKeptIsSaidButLetOutAllTheSame() {
        refusal.set(new IllegalStateException("disk full"));
        assertThatThrownBy(() -> line().get(30, TimeUnit.SECONDS))
                .isInstanceOf(ExecutionException.class)
                .hasCauseInstanceOf(Unsaved.class)
                .hasMessageContaining("disk full");
        verify(release, timeout(30_000))
                .release(argThat(outcome -> !outcome.decisions().isEmpty()), any());
    }

    @Test
    void aJobThatThrowsFailsIsSetAsideAndTheEveningGoesOnWithAnotherEngine() throws Exception {
        for (Throwable thrown : List.of(new IllegalArgumentException("a bug"), new StackOverflowError("deep"))) {
            CompletableFuture<Outcome> broken = inbox.step(at -> {
                if (thrown instanceof Error error) {
                    throw error;
                }
                throw (RuntimeException) thrown;
            });
            assertThatThrownBy(() -> broken.get(30, TimeUnit.SECONDS)).hasRootCauseMessage(thrown.getMessage());
            assertThat(line().get(30, TimeUnit.SECONDS).decisions()).hasSize(1);
            verify(faults, timeout(30_000)).setAside(anyLong(), any(), eq(thrown));
        }
        verify(release, timeout(30_000).times(2))
                .release(
                        argThat(outcome -> outcome.decisions().stream()
                                .anyMatch(each -> each.event().kind().equals("mended"))),
                        any());
    }

    @Test
    void whatIsDecidedBeforeAFaultIsKeptBeforeTheEngineIsMadeAnew() throws Exception {
        CompletableFuture<Outcome> before = line();
        inbox.submit((engine, at) -> {
            throw new IllegalStateException("a bug");
        });
        Outcome outcome = before.get(30, TimeUnit.SECONDS);
        InOrder order = inOrder(commit, factory);
        order.verify(commit, timeout(30_000))
                .commit(argThat(work -> work.stream().anyMatch(each -> each.outcome() == outcome)));
        order.verify(factory, timeout(30_000)).again(any(), any(), anyLong(), any(), any());
    }

    @Test
    void whereNothingHelpsEverybodyWhoWaitsIsTold() {
        hopeless.set(true);
        inbox.submit((engine, at) -> {
            throw new IllegalStateException("a bug");
        });
        Awaitility.await().until(() -> line().isCompletedExceptionally());
    }

    @Test
    void anAdapterThatThrowsDoesNotEndTheThread() throws Exception {
        fault.set(new IllegalStateException("adapter"));
        assertThat(line().get(30, TimeUnit.SECONDS).decisions()).hasSize(1);
        Outcome next = inbox.submit((engine, at) -> Outcome.NOTHING).get(30, TimeUnit.SECONDS);
        assertThat(next.isEmpty()).isTrue();
    }

    @Test
    void whatLedToNothingIsNotKept() throws Exception {
        inbox.submit((engine, at) -> engine.wake(at)).get(30, TimeUnit.SECONDS);
        line().get(30, TimeUnit.SECONDS);
        // What led to nothing is acknowledged with its batch, and has nothing in it that would be written.
        verify(commit, atLeastOnce()).commit(kept.capture());
        assertThat(kept.getAllValues())
                .allSatisfy(work ->
                        assertThat(work).allMatch(each -> !each.outcome().isEmpty() || each.future() != null));
        assertThat(kept.getAllValues().stream()
                        .flatMap(List::stream)
                        .filter(each -> !each.outcome().isEmpty()))
                .hasSize(1);
    }
}

package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.waxbell.app.inbox.Faulted;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.Outcome;
import tools.jackson.databind.JsonNode;

/** A bug in the middle of an evening, in the whole program: it fails that input alone, is told once, and the evening goes on. */
class FaultTest {
    @TempDir
    static Path data;

    private static Running app;

    @BeforeAll
    static void start() {
        app = Running.demo(data.resolve("demo"));
        app.post("/api/show", Map.of("open", true));
    }

    @AfterAll
    static void stop() throws IOException {
        app.close();
    }

    private static Outcome bug(Engine engine, long at) {
        throw new IllegalStateException("another wick");
    }

    private static EngineState remembered() throws Exception {
        CompletableFuture<EngineState> state = new CompletableFuture<>();
        app.bean(Inbox.class).submit((engine, at) -> {
            state.complete(engine.save());
            return Outcome.NOTHING;
        });
        return state.get(30, TimeUnit.SECONDS);
    }

    private static List<String> journal() {
        return app.get("/api/journal")
                .body()
                .valueStream()
                .map(each -> each.get("sentence").asString())
                .toList();
    }

    @Test
    void theEveningGoesOnWithinASecondAndNothingThatWasKeptIsLost() throws Exception {
        JsonNode rang = app.say("wickerby", "!pour").body();
        EngineState before = remembered();
        long began = System.nanoTime();
        CompletableFuture<Outcome> broken = app.bean(Inbox.class).submit((engine, at) -> {
            throw new IllegalStateException("a wick in the works");
        });
        assertThatThrownBy(() -> broken.get(30, TimeUnit.SECONDS))
                .hasCauseInstanceOf(Faulted.class)
                .hasRootCauseMessage("a wick in the works");
        JsonNode next = app.say("brine_otter", "hello").body();
        assertThat((System.nanoTime() - began) / 1e9)
                .as("seconds until the next line was answered")
                .isLessThan(10);
        assertThat(next.get("number").asLong()).isGreaterThan(rang.get("number").asLong());
        EngineState after = remembered();
        assertThat(after.evening()).isEqualTo(before.evening());
        assertThat(after.seed()).isEqualTo(before.seed());
        assertThat(after.nextRing()).isGreaterThanOrEqualTo(before.nextRing());
        assertThat(journal())
                .filteredOn(each -> each.contains("a wick in the works"))
                .hasSize(1);
        try (var files = Files.list(data.resolve("demo/faults"))) {
            assertThat(files)
                    .isNotEmpty()
                    .anySatisfy(file -> assertThat(Files.readString(file)).contains("a wick in the works"));
        }
        assertThat(app.say("wickerby", "!pour").body().at("/answers/0/gates"))
                .as("its cooldown still counts")
                .isNotEmpty();
    }

    @Test
    void manyFaultsAfterOneAnotherEndNothing() throws Exception {
        for (int i = 0; i < 5; i++) {
            CompletableFuture<Outcome> broken = app.bean(Inbox.class).submit(FaultTest::bug);
            assertThatThrownBy(() -> broken.get(30, TimeUnit.SECONDS)).hasCauseInstanceOf(Faulted.class);
        }
        assertThat(app.say("wickerby", "good evening").status()).isEqualTo(200);
    }
}

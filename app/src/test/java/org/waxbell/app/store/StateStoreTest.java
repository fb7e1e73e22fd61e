package org.waxbell.app.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.ServerSocket;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.waxbell.actor.Actor;
import org.waxbell.app.App;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.config.Options;
import org.waxbell.app.run.EngineLoop;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.engine.Books;
import org.waxbell.engine.Completion;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.Outcome;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.port.Calendars;
import org.waxbell.show.Show;
import org.waxbell.wiring.CueBook;

/** What the store keeps step by step is what the engine remembers, at any moment of an evening. */
class StateStoreTest {
    @TempDir
    static Path data;

    private static ConfigurableApplicationContext context;
    private static StateStore store;

    @BeforeAll
    static void start() throws Exception {
        try (ServerSocket socket = new ServerSocket(0)) {
            int port = socket.getLocalPort();
            socket.close();
            context = App.start(Options.usual(data.resolve("demo"), port, true));
        }
        // The program's own engine must not write beside this one.
        context.getBean(EngineLoop.class).stop();
        store = context.getBean(StateStore.class);
    }

    @AfterAll
    static void stop() throws Exception {
        DataFolder folder = context.getBean(DataFolder.class);
        context.close();
        folder.close();
    }

    private static Viewer viewer(String name) {
        return new Viewer("practice:" + name, name, Set.of(Standing.FOLLOWER, Standing.MODERATOR), 0);
    }

    private static ShowEvent says(String name, String text) {
        return new ChatLine("practice", viewer(name), text);
    }

    /** An evening of the demo in which all that is kept changes at least once. */
    private static List<ShowEvent> evening() {
        return List.of(
                Facts.show(Actor.HOST, true),
                Facts.air(Actor.HOST, true),
                says("wickerby", "hello"),
                says("brine_otter", "hello"),
                says("wickerby", "!pool sage"),
                says("brine_otter", "!pool rose"),
                says("wickerby", "!pour"),
                says("brine_otter", "!pour"),
                says("tallowmoth", "!keep"),
                says("wickerby", "!kettle"),
                Facts.GIFT.from("practice", viewer("lowtide_lou"), "Lantern", 500L, 1L),
                says("wickerby", "good evening"),
                says("brine_otter", "!bell"),
                Facts.show(Actor.HOST, false),
                Facts.show(Actor.HOST, true),
                says("wickerby", "back again"),
                says("tallowmoth", "!pool ochre"));
    }

    @Test
    void whatIsLoadedAfterEveryStepIsWhatTheEngineRemembers() {
        CueBook book = new CueBook(context.getBean(WiringStore.class).current().wiring());
        Engine engine = Show.engine(book, empty(), 40, Calendars.NONE);
        long at = 1_000_000_000_000L;
        int step = 0;
        keep(engine.resume(at), engine, at, "the start");
        for (ShowEvent event : evening()) {
            at += 700;
            keep(engine.accept(at, event), engine, at, event.sentence());
            if (++step % 4 == 0) {
                keep(engine.completed(at, "3.clip", Completion.failed("no clips here")), engine, at, "a report");
            }
        }
        keep(engine.hush(at + 100, Actor.HOST), engine, at + 100, "hush");
        keep(engine.wake(at + 120_000), engine, at + 120_000, "two minutes later");
        assertThat(engine.save().memory().all(Books.BALANCES)).isNotEmpty();
        assertThat(engine.save().memory().all(Books.SPENT)).isNotEmpty();
    }

    private static void keep(Outcome outcome, Engine engine, long at, String when) {
        store.keep(outcome);
        Engine again = Show.engine(engine.book(), store.load(at, 1), 40, Calendars.NONE);
        assertThat(again.save()).as(when).isEqualTo(engine.save());
    }

    /** The state of the store itself, emptied of what the start of the program left. */
    private static EngineState empty() {
        JdbcTemplate sql = context.getBean(JdbcTemplate.class);
        List.of("fact", "ring", "decision", "let_through", "drawn", "ledger", "pending", "first_line", "known")
                .forEach(table -> sql.update("delete from " + table));
        sql.update("update person set first_seen = null");
        return EngineState.fresh(store.load(0, 1).seed());
    }
}

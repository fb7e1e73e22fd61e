package org.waxbell.app.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.ServerSocket;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.waxbell.app.App;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.config.Options;
import org.waxbell.app.run.EngineLoop;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.engine.Completion;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.Outcome;
import org.waxbell.event.ChannelEvent;
import org.waxbell.event.ChatLine;
import org.waxbell.event.HouseEvent;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.gate.Let;
import org.waxbell.port.Calendars;
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
            context = App.start(new Options(data.resolve("demo"), port, true, false));
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
                new HouseEvent.ShowMoved(true),
                new HouseEvent.AirChanged(true),
                says("wickerby", "hello"),
                says("brine_otter", "hello"),
                says("wickerby", "!pool sage"),
                says("brine_otter", "!pool rose"),
                says("wickerby", "!pour"),
                says("brine_otter", "!pour"),
                says("tallowmoth", "!keep"),
                says("wickerby", "!kettle"),
                new ChannelEvent.Gift("practice", viewer("lowtide_lou"), "Lantern", 500, 1),
                says("wickerby", "good evening"),
                says("brine_otter", "!bell"),
                new HouseEvent.ShowMoved(false),
                new HouseEvent.ShowMoved(true),
                says("wickerby", "back again"),
                says("tallowmoth", "!pool ochre"));
    }

    @Test
    void whatIsLoadedAfterEveryStepIsWhatTheEngineRemembers() {
        CueBook book = new CueBook(context.getBean(WiringStore.class).current().wiring());
        Engine engine = new Engine(book, empty(), 40, Calendars.NONE);
        long at = 1_000_000_000_000L;
        int step = 0;
        for (ShowEvent event : evening()) {
            at += 700;
            keep(engine.accept(at, event), engine, at, event.sentence());
            if (++step % 4 == 0) {
                keep(engine.completed(at, "3.clip", Completion.failed("no clips here")), engine, at, "a report");
            }
        }
        keep(engine.hush(at + 100), engine, at + 100, "hush");
        keep(engine.wake(at + 120_000), engine, at + 120_000, "two minutes later");
        assertThat(engine.save().books().ledger().balances()).isNotEmpty();
        assertThat(engine.save().books().spent()).isNotEmpty();
    }

    private static void keep(Outcome outcome, Engine engine, long at, String when) {
        store.keep(outcome);
        EngineState kept = store.load(at, 1);
        EngineState real = engine.save();
        assertThat(kept.rings()).as(when).isEqualTo(real.rings());
        assertThat(kept.nextRing()).as(when).isEqualTo(real.nextRing());
        assertThat(kept.nextDecision()).as(when).isEqualTo(real.nextDecision());
        assertThat(new TreeMap<>(kept.drawn())).as(when).isEqualTo(new TreeMap<>(real.drawn()));
        assertThat(folded(kept.lets())).as(when).containsAllEntriesOf(folded(real.lets()));
        assertThat(kept.books().evening()).as(when).isEqualTo(real.books().evening());
        assertThat(kept.books().ledger().pending())
                .as(when)
                .isEqualTo(real.books().ledger().pending());
        assertThat(kept.books().ledger().next())
                .as(when)
                .isEqualTo(real.books().ledger().next());
        assertThat(kept.books().ledger().balances())
                .as(when)
                .containsExactlyInAnyOrderElementsOf(real.books().ledger().balances());
        assertThat(kept.books().slate())
                .as(when)
                .containsExactlyInAnyOrderElementsOf(real.books().slate());
        assertThat(kept.books().spent())
                .as(when)
                .containsExactlyInAnyOrderElementsOf(real.books().spent());
        assertThat(kept.books().targets())
                .as(when)
                .containsExactlyInAnyOrderElementsOf(real.books().targets());
        assertThat(sorted(kept.books().known()))
                .as(when)
                .containsAll(real.books().known());
    }

    private static List<Long> sorted(List<Long> keys) {
        List<Long> sorted = new ArrayList<>(keys);
        sorted.sort(Comparator.naturalOrder());
        return sorted;
    }

    /** The last moment by cue and viewer, whether put together or one by one. */
    private static Map<String, Long> folded(List<Let> lets) {
        Map<String, Long> last = new TreeMap<>();
        lets.stream()
                .filter(let -> let.who() != 0)
                .forEach(let -> last.merge(let.cueId() + " " + let.who(), let.at(), Math::max));
        lets.stream().filter(let -> let.who() == 0).forEach(let -> last.merge(let.cueId(), let.at(), Math::max));
        last.keySet()
                .removeIf(key ->
                        !key.contains(" ") && last.keySet().stream().anyMatch(other -> other.startsWith(key + " ")));
        return last;
    }

    /** The state of the store itself, emptied of what the start of the program left. */
    private static EngineState empty() {
        JdbcTemplate sql = context.getBean(JdbcTemplate.class);
        List.of("fact", "ring", "decision", "let_through", "drawn", "ledger", "pending", "first_line")
                .forEach(table -> sql.update("delete from " + table));
        return EngineState.fresh(1);
    }
}

package org.waxbell.app.store;

import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.waxbell.app.json.Documents;
import org.waxbell.directive.Directive;
import org.waxbell.directive.SayInChat;
import org.waxbell.engine.Books;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.Keeper;
import org.waxbell.engine.Outcome;
import org.waxbell.engine.Ring;
import org.waxbell.event.ChannelEvent;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Identity;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.gate.Let;
import org.waxbell.journal.CueAnswer;
import org.waxbell.journal.Decision;
import org.waxbell.points.Ledger;
import org.waxbell.points.LedgerEntry;
import org.waxbell.points.Pending;
import org.waxbell.show.Came;
import org.waxbell.show.Evening;
import org.waxbell.show.KnownPeople;
import org.waxbell.show.Spent;
import org.waxbell.show.TargetState;
import org.waxbell.slate.SlateEntry;

/** Keeps what the engine decided, and gives it back after a restart. Called by the engine's thread inside its transaction. */
@Component
public class StateStore implements Keeper {
    /** The name under which answers of ours stand in chat. */
    public static final String HELPER = "saltmarsh_bell";

    private static final String SEED = "seed";
    private static final String EVENING = "evening";
    private static final String SLATE = "slate";
    private static final String TARGET = "target";
    private static final String CAME = "came";
    private static final long DAY = 86_400_000;
    private final EngineMapper engine;
    private final JournalMapper journal;
    private final PersonMapper people;
    private final ChatMapper chat;
    private final EveningMapper books;
    private final SettingMapper settings;
    private final Documents documents;

    StateStore(
            EngineMapper engine,
            JournalMapper journal,
            PersonMapper people,
            ChatMapper chat,
            SettingMapper settings,
            EveningMapper books,
            Documents documents) {
        this.engine = engine;
        this.journal = journal;
        this.people = people;
        this.chat = chat;
        this.books = books;
        this.settings = settings;
        this.documents = documents;
    }

    /** The state with which the engine goes on; {@code seed} is used where none was kept. */
    public EngineState load(long now, long seed) {
        Evening evening = evening();
        engine.forgetLets(evening.open() ? Math.min(now - DAY, evening.openedAt()) : now - DAY);
        String kept = settings.get(SEED);
        if (kept == null) {
            settings.put(SEED, Long.toString(seed));
        }
        Map<String, String> drawn = engine.drawn().stream()
                .collect(Collectors.toMap(
                        EngineMapper.DrawnRow::purpose,
                        EngineMapper.DrawnRow::name,
                        (one, other) -> other,
                        TreeMap::new));
        return new EngineState(
                kept == null ? seed : Long.parseLong(kept),
                journal.newest() + 1,
                engine.newestRing() + 1,
                engine.activeRings().stream()
                        .map(json -> documents.read(json, Ring.class))
                        .toList(),
                engine.lets(evening.openedAt()),
                drawn,
                books(evening));
    }

    /** How the evening stands, as it was kept last. */
    public Evening evening() {
        String kept = books.fact(EVENING, EVENING);
        return kept == null ? Evening.NONE : documents.read(kept, Evening.class);
    }

    private Books books(Evening evening) {
        List<Ledger.Balance> balances = books.sums().stream()
                .map(row -> new Ledger.Balance(Identity.key(row.person()), row.points()))
                .toList();
        return new Books(
                evening,
                new Ledger.State(books.newestEntry() + 1, balances, books.pending()),
                slate(),
                books.spent(),
                facts(TARGET, TargetState.class),
                facts(CAME, Came.class),
                people.names().stream().map(KnownPeople::key).toList());
    }

    /** What stands on the slate, as it is kept. */
    public List<SlateEntry> slate() {
        return facts(SLATE, SlateEntry.class);
    }

    private <T> List<T> facts(String kind, Class<T> type) {
        return books.facts(kind).stream()
                .map(json -> documents.read(json, type))
                .toList();
    }

    /** Keeps all of an outcome. */
    public void keep(Outcome outcome) {
        outcome.changes().forEach(change -> change.keep(this));
        outcome.decisions().forEach(this::decision);
        outcome.directives().forEach(this::said);
    }

    private void decision(Decision decision) {
        Viewer viewer = decision.event().by().orElse(null);
        journal.add(new JournalMapper.DecisionRow(
                decision.number(),
                decision.at(),
                decision.event().kind(),
                viewer == null ? null : viewer.id(),
                decision.event().sentence(),
                decision.sentence(),
                documents.write(decision)));
        String day = day(decision.at());
        for (CueAnswer answer : decision.cues()) {
            journal.count(day, answer.cueId(), answer.held() ? 0 : 1, answer.held() ? 1 : 0);
        }
        if (viewer != null) {
            people.seen(
                    viewer.id(),
                    viewer.name(),
                    standings(viewer),
                    viewer.months(),
                    decision.at(),
                    decision.event() instanceof ChatLine ? 1 : 0);
        }
        if (decision.event() instanceof ChannelEvent event) {
            chat.add(new ChatMapper.ChatRow(
                    event.from(), decision.at(), "", Standing.ANYONE.name(), event.sentence(), false));
        }
        if (decision.event() instanceof ChatLine line) {
            chat.add(new ChatMapper.ChatRow(
                    line.from(),
                    decision.at(),
                    line.viewer().name(),
                    line.viewer().nearest().name(),
                    line.text(),
                    false));
        }
    }

    private void said(Directive directive) {
        if (directive instanceof SayInChat say) {
            chat.add(new ChatMapper.ChatRow(
                    say.link(), say.meantFor(), HELPER, Standing.ANYONE.name(), say.text(), true));
        }
    }

    private static String standings(Viewer viewer) {
        return viewer.standings().stream().map(Standing::name).collect(Collectors.joining(","));
    }

    /** The day of a moment, as the people at this machine count days. */
    public static String day(long moment) {
        return Instant.ofEpochMilli(moment)
                .atZone(ZoneId.systemDefault())
                .toLocalDate()
                .toString();
    }

    @Override
    public void ring(Ring ring) {
        engine.putRing(
                ring.number(),
                ring.cueId(),
                ring.arrived(),
                ring.over(),
                ring.state().isActive(),
                documents.write(ring));
    }

    @Override
    public void let(Let let) {
        engine.putLet(let);
    }

    @Override
    public void takeBack(long ring) {
        engine.removeLet(ring);
    }

    @Override
    public void drawn(String purpose, String name) {
        engine.putDrawn(purpose, name);
    }

    @Override
    public void evening(Evening evening) {
        books.putFact(EVENING, EVENING, documents.write(evening));
    }

    @Override
    public void newShow(Evening evening) {
        books.forgetSpent();
        evening(evening);
    }

    @Override
    public void spent(Spent spent) {
        books.spend(spent);
    }

    @Override
    public void entry(LedgerEntry entry) {
        books.addEntry(entry);
    }

    @Override
    public void promised(Pending pending) {
        books.putPending(pending);
    }

    @Override
    public void released(long ring) {
        books.removePending(ring);
    }

    @Override
    public void slate(SlateEntry entry) {
        books.putFact(SLATE, entry.value() + "/" + entry.person(), documents.write(entry));
    }

    @Override
    public void wiped(List<String> values) {
        values.forEach(value -> books.removeFacts(SLATE, value));
    }

    @Override
    public void target(TargetState state) {
        books.putFact(TARGET, state.target().kind() + "/" + state.target().name(), documents.write(state));
    }

    @Override
    public void came(Came came) {
        books.putFact(CAME, came.cueId() + "/" + came.pull(), documents.write(came));
    }
}

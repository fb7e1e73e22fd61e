package org.waxbell.app.store;

import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.waxbell.app.json.Documents;
import org.waxbell.directive.Directive;
import org.waxbell.directive.SayInChat;
import org.waxbell.engine.Books;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.Outcome;
import org.waxbell.evening.Evening;
import org.waxbell.evening.Shut;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.PrivateLine;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.journal.Decision;
import org.waxbell.slate.SlateEntry;
import org.waxbell.state.Book;
import org.waxbell.state.Change;
import org.waxbell.state.Memory;

/** Keeps what the engine decided, and gives it back after a restart. Called by the engine's thread inside its transaction. */
@Component
public class StateStore {
    private static final String SEED = "seed";
    private static final long DAY = 86_400_000;
    private final EngineMapper engine;
    private final Journal journal;
    private final PersonMapper people;
    private final ChatMapper chat;
    private final EveningMapper books;
    private final SettingMapper settings;
    private final Documents documents;
    private final BookTables tables;
    private final HelperName helper;
    /** The number of the show that is open, 0 for none. */
    private long show;

    StateStore(
            EngineMapper engine,
            Journal journal,
            PersonMapper people,
            ChatMapper chat,
            SettingMapper settings,
            EveningMapper books,
            Documents documents,
            BookTables tables,
            HelperName helper) {
        this.engine = engine;
        this.journal = journal;
        this.people = people;
        this.chat = chat;
        this.books = books;
        this.settings = settings;
        this.documents = documents;
        this.tables = tables;
        this.helper = helper;
    }

    /** The state with which the engine goes on; {@code seed} is used where none was kept. */
    public EngineState load(long now, long seed) {
        Evening evening = evening();
        show = evening.show();
        engine.forgetLets(evening.open() ? Math.min(now - DAY, evening.openedAt()) : now - DAY);
        String kept = settings.get(SEED);
        if (kept == null) {
            settings.put(SEED, Long.toString(seed));
        }
        Memory memory = new Memory();
        tables.all().forEach(table -> table.load().accept(memory));
        return new EngineState(
                kept == null ? seed : Long.parseLong(kept),
                journal.newest() + 1,
                engine.newestRing() + 1,
                books.newestEntry() + 1,
                memory);
    }

    /** How the evening stands, as it was kept last. */
    public Evening evening() {
        String kept = books.fact(Books.EVENING.name(), Books.EVENING.name());
        return kept == null ? Evening.NONE : documents.read(kept, Evening.class);
    }

    /** How the shutters stand, as it was kept last. */
    public Shut shutters() {
        String kept = books.fact(Books.SHUTTERS.name(), Books.SHUTTERS.name());
        return kept == null ? Shut.UP : documents.read(kept, Shut.class);
    }

    /** What stands on the slate, as it is kept. */
    public List<SlateEntry> slate() {
        return List.copyOf(book(Books.SLATE).values());
    }

    /** What stands in these books, as it is kept. */
    public Memory memory(List<Book<?>> books) {
        Memory memory = new Memory();
        books.forEach(book -> tables.of(book).load().accept(memory));
        return memory;
    }

    /** What stands in a book by its keys, as it is kept. */
    public <T> Map<String, T> book(Book<T> book) {
        Memory memory = new Memory();
        tables.of(book).load().accept(memory);
        return memory.map(book);
    }

    /** Keeps all of an outcome. */
    public void keep(Outcome outcome) {
        outcome.now(Books.EVENING).forEach(evening -> show = evening.show());
        outcome.changes().forEach(this::change);
        outcome.decisions().forEach(this::decision);
        outcome.directives().forEach(this::said);
    }

    private void change(Change change) {
        BookTable table = tables.of(change.book());
        if (change instanceof Change.Put put) {
            table.put().accept(put.key(), put.value());
        } else if (change instanceof Change.Gone gone) {
            table.gone().accept(gone);
        }
    }

    private void decision(Decision decision) {
        Viewer viewer = decision.event().by().orElse(null);
        journal.add(decision, day(decision.at()));
        if (viewer != null) {
            people.seen(new PersonMapper.SeenNow(
                    viewer.id(),
                    viewer.name(),
                    Journal.standings(viewer),
                    viewer.months(),
                    decision.at(),
                    decision.event() instanceof ChatLine ? 1 : 0,
                    show,
                    decision.event() instanceof Fact fact ? Facts.worth(fact) : 0,
                    month(decision.at()),
                    decision.event() instanceof PrivateLine));
        }
        chat(decision);
    }

    private void chat(Decision decision) {
        if (decision.event() instanceof Fact event && event.what().ofChannel()) {
            chat.add(new ChatMapper.ChatRow(
                    event.link().orElse(""), decision.at(), "", Standing.ANYONE.name(), event.sentence(), false));
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
                    say.link(), say.meantFor(), helper.get(), Standing.ANYONE.name(), say.text(), true));
        }
    }

    /** The month of a moment as a number, such as 202611. */
    public static int month(long moment) {
        ZonedDateTime then = Instant.ofEpochMilli(moment).atZone(ZoneId.systemDefault());
        return then.getYear() * 100 + then.getMonthValue();
    }

    /** The day of a moment, as the people at this machine count days. */
    public static String day(long moment) {
        return Instant.ofEpochMilli(moment)
                .atZone(ZoneId.systemDefault())
                .toLocalDate()
                .toString();
    }
}

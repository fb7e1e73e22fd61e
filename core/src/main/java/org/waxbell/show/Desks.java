package org.waxbell.show;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.waxbell.chapter.OrderDesk;
import org.waxbell.clock.ClockDesk;
import org.waxbell.crowd.CrowdDesk;
import org.waxbell.desk.Desk;
import org.waxbell.earning.EarningDesk;
import org.waxbell.engine.Books;
import org.waxbell.extension.ExtensionDesk;
import org.waxbell.game.GameDesk;
import org.waxbell.poll.PollDesk;
import org.waxbell.prize.PrizeDesk;
import org.waxbell.reward.RewardDesk;
import org.waxbell.speech.VoiceDesk;
import org.waxbell.state.Book;
import org.waxbell.tasks.TasksDesk;
import org.waxbell.tune.TunesDesk;
import org.waxbell.turns.TurnsDesk;
import org.waxbell.wheel.WheelDesk;

/** Every standing job, one line each. */
public final class Desks {
    /** All of them, in the order in which they are asked. */
    public static final List<Desk<?, ?>> ALL = List.of(
            new WheelDesk(),
            new ClockDesk(),
            new TurnsDesk(),
            new TasksDesk(),
            new TunesDesk(),
            new CrowdDesk(),
            new PollDesk(),
            new EarningDesk(),
            new PrizeDesk(),
            new GameDesk(),
            new RewardDesk(),
            new OrderDesk(),
            new ExtensionDesk(),
            new VoiceDesk());

    private Desks() {}

    /** The desk of that name; empty where there is none. */
    public static Optional<Desk<?, ?>> find(String name) {
        return ALL.stream()
                .filter(desk -> desk.name().equals(name))
                .<Desk<?, ?>>map(desk -> desk)
                .findFirst();
    }

    /** Every book in which a desk keeps how it stands. */
    public static List<Book<?>> ofDesks() {
        return ALL.stream().<Book<?>>flatMap(desk -> desk.books().stream()).toList();
    }

    /** Every book that is kept: the engine's own, and those of each desk. */
    public static List<Book<?>> books() {
        return Stream.<Book<?>>concat(Books.own().stream(), ofDesks().stream()).toList();
    }

    /** The book of that name; empty where there is none. */
    public static Optional<Book<?>> book(String name) {
        return books().stream()
                .filter(book -> book.name().equals(name))
                .<Book<?>>map(book -> book)
                .findFirst();
    }
}

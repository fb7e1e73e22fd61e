package org.waxbell.engine;

import java.util.List;
import java.util.Map;
import org.waxbell.desk.Desk;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Viewer;
import org.waxbell.event.Written;
import org.waxbell.gate.Surroundings;
import org.waxbell.port.Calendars;
import org.waxbell.state.Memory;
import org.waxbell.wiring.CueBook;

/** Who keeps what is known of the evening, each by name; cues ask them and write through them. */
record Handlers(
        Wired wired,
        Chance chance,
        Accounts accounts,
        Neighbours neighbours,
        People people,
        Ranks ranks,
        Shows shows,
        SlateKeeper slate,
        Points points,
        FirstLinesTonight firstLines,
        Switchboard switches,
        DeskRuns desks,
        Surroundings known) {
    static Handlers of(CueBook book, EngineState state, Calendars calendars, List<Desk<?, ?>> desks) {
        Memory memory = state.memory();
        Wired wired = new Wired(book);
        Chance chance = new Chance(state.seed(), memory.map(Books.DRAWN));
        People people = new People(memory, book);
        Ranks ranks = new Ranks(memory, book);
        Shows shows = new Shows(state, book, calendars);
        SlateKeeper slate = new SlateKeeper(memory, wired);
        Points points = new Points(state);
        Switchboard switches = new Switchboard(memory.all(Books.TARGETS));
        Known bare = new Known(wired, people, ranks, shows, slate, points, switches, person -> Map.of());
        DeskRuns runs = new DeskRuns(desks, memory, book, bare, points, chance, new Stands(switches, wired));
        Known known = new Known(wired, people, ranks, shows, slate, points, switches, runs::values);
        return new Handlers(
                wired,
                chance,
                new Accounts(memory),
                new Neighbours(book),
                people,
                ranks,
                shows,
                slate,
                points,
                new FirstLinesTonight(memory, shows),
                switches,
                runs,
                known);
    }

    /** Whether any of these patterns may read the slate or a desk; one that only looks so costs a little time and no more. */
    boolean areReadBy(List<String> patterns) {
        for (String pattern : patterns) {
            if (pattern.contains("slate")
                    || pattern.contains("Slate")
                    || desks.names().stream().anyMatch(pattern::contains)) {
                return true;
            }
        }
        return false;
    }

    /** Everything that stands on the slate and that desks bring, by name in words, where nobody in person looks at it; for this moment. */
    Map<String, String> wordsOfAll() {
        return new WordsSeen(slate.wordsOfAll("", List.of()), desks, "");
    }

    /** The same as who caused an event sees it. */
    Map<String, String> wordsOfAll(ShowEvent event) {
        String person = person(event);
        return Map.copyOf(new WordsSeen(slate.wordsOfAll(person, named(event)), desks, person));
    }

    /** The values of the host's own slate and of desks, by name in words, as who caused an event sees them. */
    Map<String, String> words(ShowEvent event) {
        String person = person(event);
        return Map.copyOf(new WordsSeen(slate.words(person, named(event)), desks, person));
    }

    private static String person(ShowEvent event) {
        return event.by().map(Viewer::id).orElse("");
    }

    private List<String> named(ShowEvent event) {
        return event instanceof Written line
                ? line.mayBeNamed().stream().map(accounts::personOf).toList()
                : List.of();
    }
}

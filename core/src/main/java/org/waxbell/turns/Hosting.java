package org.waxbell.turns;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.waxbell.desk.Answer;
import org.waxbell.desk.Ask;
import org.waxbell.event.DeskFacts;
import org.waxbell.event.Fact;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.gate.Surroundings;
import org.waxbell.sentence.Said;

/** What the host and moderators ask of a queue. */
final class Hosting extends TurnsStep {
    private final String name;

    Hosting(Queue queue, TurnsState now, Ask ask, Surroundings evening) {
        super(queue, now, ask, evening);
        this.name = named(ask);
    }

    private static String named(Ask ask) {
        return ask.act().fields().contains(Queue.NAME) ? Joining.plain(ask.text("name")) : "";
    }

    Answer<TurnsState> answer() {
        return switch (ask.act().name()) {
            case "open", "close" -> open(ask.act().name().equals("open"));
            case "next" -> late() ? changed() : next();
            case "turn" -> late() ? changed() : turn();
            case "random" -> random();
            case "take" -> now.named(name).map(each -> takes(List.of(each), "")).orElseGet(this::nobodyOfThatName);
            case "done" -> done();
            case "back" -> back();
            case "remove" -> remove();
            case "move" -> move();
            case "add" -> add();
            case "bring" -> bring();
            case "ban" -> ban();
            case "unban" -> unban();
            case "clear" -> clear();
            default -> undo();
        };
    }

    private Answer<TurnsState> nobodyOfThatName() {
        return name.isEmpty()
                ? refused("nobody", "Nobody is named. Write whom.")
                : refused("nobody", name + " is not in " + queue.name() + ".");
    }

    private Answer<TurnsState> open(boolean open) {
        if (now.head().open() == open) {
            return refused("already", queue.name() + (open ? " is open already." : " is closed already."));
        }
        return stepped(
                now.with(now.head().opened(open)),
                open ? "opened" : "closed",
                queue.name() + (open ? " is open." : " is closed."),
                List.of((open ? DeskFacts.QUEUE_OPENED : DeskFacts.QUEUE_CLOSED).by(ask.by(), queue.name())));
    }

    /** Whether somebody did something since whoever presses had looked. */
    private boolean late() {
        String step = ask.text("step").strip();
        return !step.isEmpty() && !step.equals(Long.toString(now.head().steps()));
    }

    private Answer<TurnsState> changed() {
        return refused("changed", "Somebody else was faster: look who is up now.");
    }

    /** Ends the turn that is under way as it is hoped for, where it is the only one, and takes the next, in one step. */
    private Answer<TurnsState> turn() {
        List<Up> up = now.head().up();
        List<Entry> first = now.waiting().first(1);
        if (up.size() != 1) {
            return next(first);
        }
        Entry before = up.get(0).entry();
        String outcome = queue.outcomes().get(0);
        TurnsState after = over(up.get(0), outcome);
        List<Fact> told = new ArrayList<>(List.of(ended(up.get(0), outcome)));
        String says = before.name() + ": " + outcome + ".";
        if (!first.isEmpty()) {
            Entry next = first.get(0);
            after = after.without(next.person()).with(after.head().withUp(List.of(new Up(next, at))));
            told.add(about(DeskFacts.TURN_UP, ask.by(), next, queue.name(), next.note()));
            says += " " + next.name() + " is up.";
        }
        return stepped(after, first.isEmpty() ? "ended" : "taken", says, told);
    }

    private Answer<TurnsState> next() {
        return next(now.waiting().first(ask.number("count")));
    }

    private Answer<TurnsState> next(List<Entry> first) {
        return first.isEmpty() ? refused("empty", "Nobody waits in " + queue.name() + ".") : takes(first, "");
    }

    private Answer<TurnsState> random() {
        boolean members = ask.text("from").strip().toLowerCase(Locale.ROOT).startsWith("member");
        return Draw.of(now.waiting(), members, at, ask.lots())
                .map(drawn ->
                        takes(List.of(drawn.entry()), String.format(Locale.ROOT, ", drawn with %.0f %%", drawn.odds())))
                .orElseGet(() ->
                        refused("empty", (members ? "No member waits in " : "Nobody waits in ") + queue.name() + "."));
    }

    private Answer<TurnsState> takes(List<Entry> entries, String how) {
        TurnsState after = now;
        List<Up> up = new ArrayList<>(now.head().up());
        List<Fact> told = new ArrayList<>();
        for (Entry each : entries) {
            after = after.without(each.person());
            up.add(new Up(each, at));
            told.add(about(DeskFacts.TURN_UP, ask.by(), each, queue.name(), each.note()));
        }
        String names = Said.listed(entries.stream().map(Entry::name).toList());
        return stepped(
                after.with(after.head().withUp(up)),
                "taken",
                names + (entries.size() == 1 ? " is" : " are") + " up" + how + ".",
                told);
    }

    /** Who is up and is meant: who is named, or the only one. */
    private Optional<Up> meant() {
        return !name.isEmpty()
                ? now.upNamed(name)
                : now.head().up().size() == 1 ? Optional.of(now.head().up().get(0)) : Optional.empty();
    }

    private Answer<TurnsState> whichOne() {
        List<String> up =
                now.head().up().stream().map(each -> each.entry().name()).toList();
        return up.isEmpty()
                ? refused("nobody", "Nobody is up in " + queue.name() + ".")
                : refused("which", name.isEmpty() ? "Whom? " + Said.either(up) + "." : name + " is not up.");
    }

    /** In chat the outcome and the name come in one: {@code burnt wickerby}, or one of them alone. */
    private Answer<TurnsState> done() {
        String said = Joining.plain(ask.text("outcome"));
        String outcome = queue.outcome(said);
        if (outcome.isEmpty() && name.isEmpty()) {
            outcome = queue.outcomes().stream()
                    .filter(each -> said.toLowerCase(Locale.ROOT).startsWith(each.toLowerCase(Locale.ROOT) + " "))
                    .findFirst()
                    .orElse("");
            String whom = said.substring(outcome.length()).strip();
            Optional<Up> up = now.upNamed(whom);
            if (up.isPresent()) {
                return ends(up.get(), outcome.isEmpty() ? queue.outcomes().get(0) : outcome);
            }
        }
        String how = outcome;
        return how.isEmpty()
                ? refused("noOutcome", "A turn ends as " + Said.either(queue.outcomes()) + ".")
                : meant().map(up -> ends(up, how)).orElseGet(this::whichOne);
    }

    private Answer<TurnsState> ends(Up up, String outcome) {
        return stepped(
                over(up, outcome), "ended", up.entry().name() + ": " + outcome + ".", List.of(ended(up, outcome)));
    }

    /** How it stands when a turn is over. */
    private TurnsState over(Up up, String outcome) {
        Entry entry = up.entry();
        return now.with(now.head().withUp(without(now.head().up(), up)).took(length(up)))
                .with(now.guests()
                        .get(entry.person())
                        .orElseGet(() -> new Guest(entry.person(), Map.of(), 0))
                        .ended(outcome, at))
                .with(new PastTurn(
                        now.head().turns() + 1,
                        entry.person(),
                        entry.name(),
                        entry.note(),
                        entry.since(),
                        up.since(),
                        at,
                        outcome));
    }

    private Fact ended(Up up, String outcome) {
        return about(DeskFacts.TURN_ENDED, ask.by(), up.entry(), queue.name(), outcome, length(up) / 1_000);
    }

    private long length(Up up) {
        return Math.max(0, at - up.since());
    }

    private Answer<TurnsState> back() {
        return meant().map(up -> {
                    TurnsState bare =
                            now.with(now.head().withUp(without(now.head().up(), up)));
                    Entry entry = moved(bare, up.entry(), 1);
                    return stepped(bare.with(entry), "putBack", entry.name() + " waits again, in front.", List.of());
                })
                .orElseGet(this::whichOne);
    }

    /** The entry as it stands at a place among the others, from 1. */
    private static Entry moved(TurnsState others, Entry entry, int place) {
        int size = others.waiting().size();
        if (size == 0) {
            return entry;
        }
        int before = Math.min(place, size + 1) - 2;
        if (before < 0) {
            Entry first = others.waiting().at(0);
            return entry.at(first.sort(), first.order() - QueueHead.STEP, "put there");
        }
        Entry above = others.waiting().at(before);
        Entry below = before + 1 < size ? others.waiting().at(before + 1) : null;
        long order = below == null || below.sort() != above.sort()
                ? above.order() + QueueHead.STEP / 2
                : above.order() + (below.order() - above.order()) / 2;
        return entry.at(above.sort(), order, "put there");
    }

    private Answer<TurnsState> remove() {
        Optional<Up> up = now.upNamed(name);
        Optional<Entry> entry = now.named(name).or(() -> up.map(Up::entry));
        return entry.map(each -> stepped(
                        gone(each),
                        "removed",
                        each.name() + " is out of " + queue.name() + ".",
                        List.of(about(DeskFacts.TURN_LEFT, ask.by(), each, queue.name(), "sent away"))))
                .orElseGet(this::nobodyOfThatName);
    }

    private TurnsState gone(Entry entry) {
        return now.up(entry.person())
                .map(up -> now.with(now.head().withUp(without(now.head().up(), up))))
                .orElseGet(() -> now.without(entry.person()));
    }

    private Answer<TurnsState> move() {
        int to = ask.number("to");
        return now.named(name)
                .map(entry -> {
                    TurnsState bare = now.without(entry.person());
                    TurnsState after = bare.with(moved(bare, entry, to));
                    return stepped(
                            after,
                            "moved",
                            entry.name() + " is number " + after.place(entry.person()) + ".",
                            List.of());
                })
                .orElseGet(this::nobodyOfThatName);
    }

    private Answer<TurnsState> add() {
        if (name.isEmpty()) {
            return nobodyOfThatName();
        }
        if (now.named(name).isPresent() || now.upNamed(name).isPresent()) {
            return refused("already", name + " is in " + queue.name() + " already.");
        }
        Entry entry = entered(now, new CheckList.Line(name, ask.text("note")));
        TurnsState after = now.with(now.head().joined()).with(entry);
        return stepped(
                after, "joined", name + " is number " + after.place(entry.person()) + ".", List.of(joined(entry)));
    }

    /** Everybody of a list that was written before joins behind the others, in one step. */
    private Answer<TurnsState> bring() {
        CheckList list = CheckList.read(ask.text("list"));
        TurnsState after = now;
        List<Fact> told = new ArrayList<>();
        Set<String> there = new HashSet<>();
        now.waiting().forEach(each -> there.add(each.name().toLowerCase(Locale.ROOT)));
        now.head().up().forEach(each -> there.add(each.entry().name().toLowerCase(Locale.ROOT)));
        for (CheckList.Line line : list.open()) {
            if (there.add(line.name().toLowerCase(Locale.ROOT))) {
                Entry entry = entered(after, line);
                after = after.with(after.head().joined()).with(entry);
                told.add(joined(entry));
            }
        }
        int left = list.leftOut() + list.open().size() - told.size();
        if (told.isEmpty()) {
            return refused(
                    "empty",
                    left == 0
                            ? "Nobody stands on that list. Write one a line, such as - [ ] brine_otter: sage."
                            : "Everybody on that list is ticked, or waits already.");
        }
        return stepped(after, "joined", told.size() + " joined." + (left == 0 ? "" : " " + left + " left out."), told);
    }

    /** Somebody whom the host writes down: nothing is known of them but the name. */
    private Entry entered(TurnsState state, CheckList.Line line) {
        Viewer viewer =
                new Viewer("hand:" + line.name().toLowerCase(Locale.ROOT), line.name(), Set.of(Standing.ANYONE), 0);
        return Joining.entered(queue, state, viewer, Joining.plain(line.note()), at);
    }

    private Fact joined(Entry entry) {
        return about(DeskFacts.TURN_JOINED, ask.by(), entry, queue.name(), entry.note());
    }

    private Answer<TurnsState> ban() {
        Optional<Entry> entry = now.named(name).or(() -> now.upNamed(name).map(Up::entry));
        if (entry.isEmpty()) {
            return nobodyOfThatName();
        }
        Map<String, String> banned = new TreeMap<>(now.head().banned());
        banned.put(entry.get().person(), entry.get().name());
        TurnsState bare = gone(entry.get());
        return stepped(
                bare.with(bare.head().banning(banned)),
                "banned",
                entry.get().name() + " is kept out of " + queue.name() + ".",
                List.of(about(DeskFacts.TURN_LEFT, ask.by(), entry.get(), queue.name(), "kept out")));
    }

    private Answer<TurnsState> unban() {
        Optional<String> person = now.bannedNamed(name);
        if (person.isEmpty()) {
            return refused("nobody", name.isEmpty() ? "Nobody is named. Write whom." : name + " is not kept out.");
        }
        Map<String, String> banned = new TreeMap<>(now.head().banned());
        banned.remove(person.get());
        return stepped(now.with(now.head().banning(banned)), "unbanned", name + " may join again.", List.of());
    }

    private Answer<TurnsState> clear() {
        int count = now.waiting().size();
        return count == 0
                ? refused("empty", "Nobody waits in " + queue.name() + ".")
                : stepped(
                        now.withoutEntries(),
                        "cleared",
                        count + (count == 1 ? " who waited is" : " who waited are") + " sent away.",
                        List.of());
    }

    private Answer<TurnsState> undo() {
        return now.head()
                .back()
                .map(back -> Answer.done(now.takenBack(back), "undone", queue.name() + " is as it was.", Map.of()))
                .orElseGet(() -> refused("nothing", "There is no step to take back."));
    }
}

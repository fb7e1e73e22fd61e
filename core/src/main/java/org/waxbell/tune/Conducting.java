package org.waxbell.tune;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.waxbell.catalogue.Tune;
import org.waxbell.desk.Answer;
import org.waxbell.desk.Ask;
import org.waxbell.desk.Whom;
import org.waxbell.event.Viewer;
import org.waxbell.gate.Surroundings;

/** What the host and moderators ask of the desk of tunes. */
final class Conducting extends TunesStep {
    private final Ask ask;

    Conducting(Tunes tunes, TunesState now, Ask ask, Surroundings evening) {
        super(tunes, now, ask.at(), ask.by(), ask.viewer(), evening);
        this.ask = ask;
    }

    Answer<TunesState> answer() {
        return switch (ask.act().name()) {
            case "start" -> start();
            case "pause" -> pause();
            case "stop" -> stop();
            case "skip" -> skip();
            case "volume" -> {
                int percent = ask.number("percent");
                yield Answer.done(
                        now.with(now.head().volume(percent)), "set", "It plays at " + percent + " %.", Map.of());
            }
            case "move" -> move();
            case "remove" -> remove();
            case "clear" -> clear();
            case "keep" -> keep();
            case "drop" -> drop();
            case "bring" -> bring();
            case "ban", "unban" -> ban(ask.act().name().equals("ban"));
            default ->
                now.head()
                        .back()
                        .map(back ->
                                Answer.done(now.takenBack(back), "undone", tunes.name() + " is as it was.", Map.of()))
                        .orElseGet(() -> refused("nothing", "There is no step to take back."));
        };
    }

    /** Done by a person, who can take it back. */
    private Answer<TunesState> stepped(TunesState after, String outcome, String says) {
        TunesState next = after.with(after.head().stepped(Optional.of(now.backFrom(after))));
        return Answer.done(next, outcome, says, Map.of());
    }

    private String plays(Player player) {
        return player.now()
                .head()
                .playing()
                .map(each -> each.tune().named() + " plays.")
                .orElse("Nothing is there to play. Ask for a tune, or bring a list.");
    }

    private Answer<TunesState> start() {
        Optional<Playing> paused = now.head().playing().filter(each -> each.paused() > 0);
        if (paused.isPresent()) {
            TunesState next = now.with(now.head().on(true).still(paused.get().goingOn(at)));
            return Answer.done(next, "wentOn", paused.get().tune().named() + " goes on.", Map.of());
        }
        if (now.head().on() && now.head().playing().isPresent()) {
            return refused("already", now.head().playing().get().tune().named() + " plays already.");
        }
        Player player = player(now.with(now.head().on(true)));
        player.next(at);
        return played(player, "started", plays(player), List.of(), List.of());
    }

    private Answer<TunesState> pause() {
        return now.head()
                .playing()
                .filter(each -> each.paused() == 0)
                .map(each -> Answer.done(
                        now.with(now.head().still(each.pausedAt(at))),
                        "paused",
                        each.tune().named() + " is paused.",
                        Map.of()))
                .orElseGet(() -> refused("nothing", "Nothing plays that could be paused."));
    }

    private Answer<TunesState> stop() {
        if (!now.head().on()) {
            return refused("nothing", "Nothing plays.");
        }
        Player player = player(now.with(now.head().on(false)));
        player.end(PastTune.How.STOPPED);
        return played(player, "stopped", "It is silent. What waits stays.", List.of(), List.of());
    }

    private Answer<TunesState> skip() {
        if (now.head().playing().isEmpty()) {
            return refused("nothing", "Nothing plays that could be skipped.");
        }
        Player player = player(now);
        player.end(PastTune.How.SKIPPED);
        player.next(at);
        return played(player, "skipped", plays(player), List.of(), List.of());
    }

    private Answer<TunesState> noNumber() {
        return refused("noSuch", "Number " + ask.number("number") + " does not wait.");
    }

    private Answer<TunesState> move() {
        Optional<Request> request = now.numbered(ask.number("number"));
        return request.map(each -> stepped(
                        now.moved(each, ask.number("to")), "moved", each.tune().title() + " was moved."))
                .orElseGet(this::noNumber);
    }

    private Answer<TunesState> remove() {
        Optional<Request> request = now.numbered(ask.number("number"));
        if (request.isEmpty()) {
            return noNumber();
        }
        Player player = player(now);
        player.giveBack(request.get());
        return stepped(
                        now.without(request.get()),
                        "removed",
                        request.get().tune().title() + " was taken away.")
                .moving(player.moves());
    }

    private Answer<TunesState> clear() {
        if (now.asked().isEmpty()) {
            return refused("empty", "Nothing waits.");
        }
        Player player = player(now);
        TunesState after = now;
        for (Request each : now.asked()) {
            player.giveBack(each);
            after = after.without(each);
        }
        return stepped(after, "cleared", now.asked().size() + " taken away.").moving(player.moves());
    }

    private Answer<TunesState> keep() {
        String id = ask.text("tune").strip();
        Optional<Tune> tune = id.isEmpty()
                ? now.head().playing().map(Playing::tune)
                : evening.catalogue().get(id);
        if (tune.isEmpty()) {
            return refused("nothing", id.isEmpty() ? "Nothing plays that could be kept." : "There is no such tune.");
        }
        for (KeptTune each : now.kept()) {
            if (each.tune().id().equals(tune.get().id())) {
                return refused("already", tune.get().title() + " is on your list already.");
            }
        }
        if (now.kept().size() >= Tunes.MOST_KEPT) {
            return refused("full", "Your list has " + Tunes.MOST_KEPT + " tunes already.");
        }
        return stepped(with(now, tune.get()), "kept", tune.get().title() + " is kept on your list.");
    }

    private static TunesState with(TunesState state, Tune tune) {
        long number = state.head().kept();
        return state.with(state.head().keeping(number + 1)).with(new KeptTune(number, tune));
    }

    private Answer<TunesState> drop() {
        return now.kept()
                .get((long) ask.number("number"))
                .map(each -> stepped(now.without(each), "dropped", each.tune().title() + " is off your list."))
                .orElseGet(() -> refused("noSuch", "Number " + ask.number("number") + " is not on your list."));
    }

    private Answer<TunesState> bring() {
        TunesState after = now;
        Set<String> there = new HashSet<>();
        if (ask.number("anew") == 1) {
            for (KeptTune each : now.kept()) {
                after = after.without(each);
            }
        } else {
            now.kept().forEach(each -> there.add(each.tune().id()));
        }
        int brought = 0;
        int left = 0;
        List<String> ids =
                new ArrayList<>(ask.text("list").lines().map(String::strip).toList());
        ids.removeIf(String::isEmpty);
        for (String id : ids) {
            Optional<Tune> tune = evening.catalogue().get(id);
            if (tune.isPresent() && there.size() < Tunes.MOST_KEPT && there.add(id)) {
                after = with(after, tune.get());
                brought++;
            } else {
                left++;
            }
        }
        if (brought == 0) {
            return refused("empty", "Nothing of that list can be brought, or all of it is there already.");
        }
        Player player = player(stepped(after, "brought", "").next());
        player.next(at);
        return played(
                player,
                "brought",
                brought + " brought to your list." + (left == 0 ? "" : " " + left + " left out."),
                List.of(),
                List.of());
    }

    private Answer<TunesState> ban(boolean out) {
        Whom whom = Whom.of(ask.text("name"));
        Map<String, String> banned = new TreeMap<>(now.head().banned());
        if (!out) {
            return banned.values().removeIf(whom::is)
                    ? stepped(now.with(now.head().banning(banned)), "unbanned", whom.name() + " may ask again.")
                    : refused("nobody", whom.unknown("is not kept out."));
        }
        Optional<Viewer> asker = asker(whom);
        if (asker.isEmpty()) {
            return refused("nobody", whom.unknown("asked for nothing here."));
        }
        banned.put(asker.get().id(), asker.get().name());
        Player player = player(now);
        TunesState after = now;
        for (Request each : now.of(asker.get().id())) {
            player.giveBack(each);
            after = after.without(each);
        }
        return stepped(
                        after.with(after.head().banning(banned)),
                        "banned",
                        asker.get().name() + " asks for no more tunes. What waited of theirs is taken away.")
                .moving(player.moves());
    }

    /** Who asked under that name: what waits first, then what plays, then what was played, the latest first. */
    private Optional<Viewer> asker(Whom whom) {
        List<Viewer> askers = new ArrayList<>();
        now.asked().forEach(each -> askers.add(each.viewer()));
        now.head().playing().flatMap(Playing::viewer).ifPresent(askers::add);
        for (int rank = now.past().size() - 1; rank >= 0; rank--) {
            now.past().at(rank).viewer().ifPresent(askers::add);
        }
        return askers.stream()
                .filter(each -> !each.id().isEmpty() && whom.is(each.name()))
                .findFirst();
    }
}

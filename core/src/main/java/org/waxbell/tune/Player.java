package org.waxbell.tune;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import org.waxbell.actor.Actor;
import org.waxbell.catalogue.Catalogue;
import org.waxbell.catalogue.Tune;
import org.waxbell.desk.PointsMove;
import org.waxbell.event.DeskFacts;
import org.waxbell.event.Fact;

/** Lets one tune follow another: what was asked for first, else the fallback list, of which none comes again before all were played. */
final class Player {
    private final Tunes tunes;
    private final Catalogue catalogue;
    private final long at;
    private final Actor by;
    private final List<Fact> told = new ArrayList<>();
    private final List<PointsMove> moves = new ArrayList<>();
    private TunesState now;

    Player(Tunes tunes, TunesState now, long at, Catalogue catalogue, Actor by) {
        this.tunes = tunes;
        this.now = now;
        this.at = at;
        this.catalogue = catalogue;
        this.by = by;
    }

    TunesState now() {
        return now;
    }

    List<Fact> told() {
        return told;
    }

    /** Points that are given back, for what is not played after all. */
    List<PointsMove> moves() {
        return moves;
    }

    /** What plays is over. */
    void end(PastTune.How how) {
        now.head().playing().ifPresent(playing -> {
            PastTune past = new PastTune(
                    playing.number(),
                    playing.tune(),
                    playing.person(),
                    playing.name(),
                    playing.fallback(),
                    playing.asked(),
                    playing.began(),
                    playing.place(at),
                    how);
            now = now.with(past).with(now.head().playing(Optional.empty()));
            told.add(DeskFacts.TUNE_ENDED.about(
                    by,
                    playing.viewer(),
                    tunes.name(),
                    playing.tune().title(),
                    playing.tune().maker(),
                    how.says()));
        });
    }

    /** The next begins at a moment, where there is one and playing is on. @param from when, milliseconds since 1970 UTC */
    void next(long from) {
        if (!now.head().on() || now.head().playing().isPresent()) {
            return;
        }
        while (!now.asked().isEmpty()) {
            Request request = now.asked().at(0);
            now = now.without(request);
            if (catalogue.get(request.tune().id()).isPresent()) {
                begin(request.tune(), request.person(), request.name(), false, request.at(), from);
                return;
            }
            lost(request);
        }
        fallback().ifPresent(tune -> begin(tune, "", "", true, from, from));
    }

    private void lost(Request request) {
        giveBack(request);
        long number = now.head().played() + 1;
        now = now.with(new PastTune(
                        number,
                        request.tune(),
                        request.person(),
                        request.name(),
                        false,
                        request.at(),
                        at,
                        0,
                        PastTune.How.LOST))
                .with(now.head().counted());
        told.add(DeskFacts.TUNE_ENDED.about(
                by,
                Request.viewer(request.person(), request.name()),
                tunes.name(),
                request.tune().title(),
                request.tune().maker(),
                PastTune.How.LOST.says()));
    }

    /** Gives back what a request cost that is not played. */
    void giveBack(Request request) {
        if (request.price() > 0 && !request.person().isEmpty()) {
            moves.add(new PointsMove(
                    request.person(), request.price(), request.tune().title() + " was not played"));
        }
    }

    private void begin(Tune tune, String person, String name, boolean fallback, long asked, long from) {
        Playing playing = new Playing(now.head().played() + 1, tune, person, name, fallback, asked, from, 0);
        now = now.with(now.head().playing(Optional.of(playing)));
        told.add(DeskFacts.TUNE_STARTED.about(
                by, Request.viewer(person, name), tunes.name(), tune.title(), tune.maker(), name));
    }

    /** The tunes of the fallback list that may be played, by id. */
    static List<String> list(Tunes tunes, TunesState now, Catalogue catalogue) {
        List<Tune> all = switch (tunes.fallback()) {
            case NOTHING -> List.of();
            case ALL -> catalogue.all();
            case KEPT ->
                now.kept().first(Tunes.MOST_KEPT).stream().map(KeptTune::tune).toList();
        };
        return all.stream()
                .filter(tunes::mayPlay)
                .map(Tune::id)
                .filter(id -> catalogue.get(id).isPresent())
                .distinct()
                .toList();
    }

    private Optional<Tune> fallback() {
        List<String> list = list(tunes, now, catalogue);
        if (list.isEmpty()) {
            return Optional.empty();
        }
        // What came to the list since it was shuffled waits for the next round; what left it is left out.
        List<String> bag = new ArrayList<>(now.head().bag());
        bag.retainAll(Set.copyOf(list));
        if (bag.isEmpty()) {
            bag = shuffled(list);
        }
        String id = bag.remove(0);
        now = now.with(now.head().bag(bag));
        return catalogue.get(id);
    }

    /** Fisher and Yates (1938); the last that was played does not come first. The moment alone is its chance, so a rehearsal goes the same way. */
    private List<String> shuffled(List<String> list) {
        List<String> all = new ArrayList<>(list);
        SplittableRandom random = new SplittableRandom(at);
        for (int i = all.size() - 1; i > 0; i--) {
            int other = random.nextInt(i + 1);
            String swapped = all.get(i);
            all.set(i, all.get(other));
            all.set(other, swapped);
        }
        String last = now.past().isEmpty()
                ? ""
                : now.past().at(now.past().size() - 1).tune().id();
        if (all.size() > 1 && all.get(0).equals(last)) {
            all.add(all.remove(0));
        }
        return all;
    }
}

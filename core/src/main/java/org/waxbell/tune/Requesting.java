package org.waxbell.tune;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.waxbell.actor.Actor;
import org.waxbell.catalogue.Found;
import org.waxbell.catalogue.Tune;
import org.waxbell.desk.Answer;
import org.waxbell.desk.OneLine;
import org.waxbell.desk.PointsMove;
import org.waxbell.event.DeskFacts;
import org.waxbell.event.Fact;
import org.waxbell.event.Viewer;
import org.waxbell.gate.Surroundings;

/** What viewers ask of the desk of tunes; the host asks for tunes by the same act, bound by no limit. */
final class Requesting extends TunesStep {
    private static final long HOUR = 60 * 60_000;
    private final TunesAnswers answers;

    Requesting(Tunes tunes, TunesState now, long at, Actor by, Optional<Viewer> viewer, Surroundings evening) {
        super(tunes, now, at, by, viewer, evening);
        this.answers = tunes.answers();
    }

    private Answer<TunesState> no(String outcome, String pattern, Tune... of) {
        return refused(outcome, said(pattern, now, List.of(of), Map.of()));
    }

    private boolean leads() {
        return viewer.isEmpty();
    }

    private static boolean isLink(String text) {
        return text.matches("(?i)(https?://|www\\.)\\S+");
    }

    /** Asks for a tune by title, link, id, or the number of what was asked back. */
    Answer<TunesState> ask(String written) {
        String words = OneLine.of(written);
        if (words.isEmpty()) {
            return no("needWords", answers.needWords());
        }
        Answer<TunesState> barred = leads() ? null : barred();
        if (barred != null) {
            return barred;
        }
        Optional<Tune> chosen = chosen(words);
        if (chosen.isPresent()) {
            return asked(chosen.get());
        }
        if (isLink(words)) {
            return evening.catalogue().linked(words).map(this::asked).orElseGet(() -> no("noLink", answers.noLink()));
        }
        Optional<Tune> byId = evening.catalogue().get(words);
        if (byId.isPresent()) {
            return asked(byId.get());
        }
        Found found = evening.catalogue().find(words);
        if (found.sure()) {
            return asked(found.nearest().get(0));
        }
        if (found.nearest().isEmpty()) {
            return no("nothing", answers.nothing());
        }
        TunesState next =
                now.with(now.head().asking(person(), Optional.of(new Question(person(), found.nearest(), at)), at));
        return Answer.refused(next, "which", said(answers.which(), now, found.nearest(), Map.of()));
    }

    /** What is meant by the number of a choice. */
    Optional<Tune> chosen(String words) {
        return words.matches("[1-3]")
                ? now.head()
                        .question(person(), at)
                        .map(Question::tunes)
                        .filter(all -> all.size() >= Integer.parseInt(words))
                        .map(all -> all.get(Integer.parseInt(words) - 1))
                : Optional.empty();
    }

    private @Nullable Answer<TunesState> barred() {
        Viewer asker = viewer.orElseThrow();
        if (now.head().banned().containsKey(asker.id())) {
            return no("banned", answers.banned());
        }
        return asker.standings().contains(tunes.who()) || asker.keepsOrder()
                ? null
                : no("notAllowed", answers.notAllowed());
    }

    private Answer<TunesState> asked(Tune tune) {
        for (Request each : now.asked()) {
            if (each.tune().id().equals(tune.id())) {
                return refused(
                        "already",
                        said(
                                answers.already(),
                                now,
                                List.of(tune),
                                Map.of("place", Integer.toString(place(now, each)))));
            }
        }
        Answer<TunesState> unfit = leads() ? null : unfit(tune);
        return unfit != null ? unfit : queued(tune);
    }

    private @Nullable Answer<TunesState> unfit(Tune tune) {
        if (tunes.refuses(tune)) {
            return no("unwelcome", answers.unwelcome(), tune);
        }
        if (!tunes.clears(tune)) {
            return no("notCleared", answers.notCleared(), tune);
        }
        if (tune.lengthMs() <= 0 || tune.lengthMs() > tunes.longestMs()) {
            return no("tooLong", answers.tooLong(), tune);
        }
        if (lately(tune)) {
            return no("repeated", answers.repeated(), tune);
        }
        int own = now.of(person()).size();
        if (tunes.each() > 0 && own >= tunes.each()) {
            return no("tooMany", answers.tooMany());
        }
        if (now.asked().size() >= tunes.most()) {
            return no("full", answers.full());
        }
        if (tunes.perHour() > 0 && withinHour() >= tunes.perHour()) {
            return no("hourly", answers.hourly());
        }
        return tunes.price() > 0 && evening.canSpend(person()) < tunes.price()
                ? no("cannotPay", answers.cannotPay())
                : null;
    }

    private boolean lately(Tune tune) {
        boolean plays = now.head()
                .playing()
                .filter(each -> each.tune().id().equals(tune.id()))
                .isPresent();
        if (plays || tunes.repeatMs() == 0) {
            return plays;
        }
        for (int rank = now.past().size() - 1; rank >= 0; rank--) {
            PastTune past = now.past().at(rank);
            if (at - past.began() >= tunes.repeatMs()) {
                return false;
            }
            if (past.tune().id().equals(tune.id()) && past.playedMs() > 0) {
                return true;
            }
        }
        return false;
    }

    /** How many of the viewer's were asked for within an hour, whatever became of them. */
    private int withinHour() {
        int count = (int)
                now.of(person()).stream().filter(each -> at - each.at() < HOUR).count();
        count += now.head()
                        .playing()
                        .filter(each -> each.person().equals(person()) && at - each.asked() < HOUR)
                        .isPresent()
                ? 1
                : 0;
        for (int rank = now.past().size() - 1; rank >= 0; rank--) {
            PastTune past = now.past().at(rank);
            if (at - past.began() >= HOUR + tunes.longestMs() * tunes.most()) {
                break;
            }
            count += past.person().equals(person()) && at - past.asked() < HOUR ? 1 : 0;
        }
        return count;
    }

    private static int place(TunesState state, Request request) {
        return state.asked().rank(request.slot()) + 1;
    }

    private Answer<TunesState> queued(Tune tune) {
        long price = leads() ? 0 : tunes.price();
        Request request = new Request(now.head().next(), now.head().order(), tune, person(), name(), at, price);
        TunesState next = now.with(now.head().asked().asking(person(), Optional.empty(), at))
                .with(request);
        int place = place(next, request);
        long until = next.until(request, at, tunes.givesWay());
        boolean gives = next.head()
                .playing()
                .filter(playing -> playing.fallback() && playing.paused() == 0 && tunes.givesWay() == GivesWay.NOW)
                .isPresent();
        Player player = player(next);
        if (gives) {
            player.end(PastTune.How.GAVE_WAY);
        }
        // Whoever asks while nothing plays hears it at once.
        player.next(at);
        Fact fact = DeskFacts.TUNE_ASKED.about(by, viewer, tunes.name(), tune.title(), tune.maker(), (long) place);
        String says = said(
                answers.queued(),
                next,
                List.of(tune),
                Map.of("place", Integer.toString(place), "untilPlayed", about(until)));
        List<PointsMove> paid =
                price == 0 ? List.of() : List.of(new PointsMove(person(), -price, "asked for " + tune.title()));
        return played(player, "queued", says, List.of(fact), paid);
    }

    /** Takes back the last that the viewer asked for. */
    Answer<TunesState> unask() {
        List<Request> own = now.of(person());
        if (viewer.isEmpty() || own.isEmpty()) {
            return no("noneOfMine", answers.noneOfMine());
        }
        Request last =
                own.stream().max(Comparator.comparingLong(Request::number)).orElseThrow();
        Player player = player(now.without(last));
        player.giveBack(last);
        return played(
                player, "unasked", said(answers.unasked(), now, List.of(last.tune()), Map.of()), List.of(), List.of());
    }

    /** Tells when the viewer's own are played. */
    Answer<TunesState> when() {
        List<Request> own = now.of(person());
        if (viewer.isEmpty() || own.isEmpty()) {
            return no("noneOfMine", answers.noneOfMine());
        }
        Request first = own.get(0);
        Map<String, String> more = Map.of(
                "place",
                Integer.toString(place(now, first)),
                "untilPlayed",
                about(now.until(first, at, tunes.givesWay())));
        return Answer.done(
                now,
                "when",
                said(answers.mine(), now, own.stream().map(Request::tune).toList(), more),
                Map.of());
    }

    /** Votes for the next. */
    Answer<TunesState> vote() {
        if (viewer.isEmpty()
                || now.head().playing().isEmpty()
                || now.head().votes().contains(person())
                || now.head().banned().containsKey(person())) {
            return no("noVote", answers.noVote());
        }
        TunesState next = now.with(new Present(person(), at)).with(now.head().voted(person()));
        if (!enough(next)) {
            return Answer.done(next, "voted", said(answers.voted(), next, List.of(), Map.of()), Map.of());
        }
        String says = said(answers.votedAway(), next, List.of(), Map.of());
        Player player = player(next);
        player.end(PastTune.How.VOTED);
        player.next(at);
        return played(player, "votedAway", says, List.of(), List.of());
    }
}

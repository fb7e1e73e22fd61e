package org.waxbell.tune;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.waxbell.actor.Actor;
import org.waxbell.catalogue.Tune;
import org.waxbell.desk.Answer;
import org.waxbell.desk.AnswerWords;
import org.waxbell.desk.PointsMove;
import org.waxbell.event.Fact;
import org.waxbell.event.Viewer;
import org.waxbell.gate.Surroundings;
import org.waxbell.time.Spans;

/** One step at the desk of tunes. */
abstract class TunesStep {
    private static final long MINUTE = 60_000;
    final Tunes tunes;
    final TunesState now;
    final long at;
    final Actor by;
    final Optional<Viewer> viewer;
    final Surroundings evening;

    TunesStep(Tunes tunes, TunesState now, long at, Actor by, Optional<Viewer> viewer, Surroundings evening) {
        this.tunes = tunes;
        this.now = now;
        this.at = at;
        this.by = by;
        this.viewer = viewer;
        this.evening = evening;
    }

    String person() {
        return viewer.map(Viewer::id).orElse("");
    }

    String name() {
        return viewer.map(Viewer::name).orElse("");
    }

    Answer<TunesState> refused(String outcome, String says) {
        return Answer.refused(now, outcome, says);
    }

    /** A length as it is said where seconds do not matter. */
    static String about(long ms) {
        return ms < MINUTE ? "less than a minute" : "about " + Spans.inWords(Math.round((double) ms / MINUTE) * MINUTE);
    }

    /** An answer of the host's about tunes. @param pattern of the host's @param more values that the step knows */
    String said(String pattern, TunesState state, List<Tune> of, Map<String, String> more) {
        Map<String, String> values = new HashMap<>();
        Tune first = of.isEmpty() ? null : of.get(0);
        values.put("viewer", name());
        values.put("tune", first == null ? "" : first.named());
        values.put("tuneTitle", first == null ? "" : first.title());
        values.put("tuneMaker", first == null ? "" : first.maker());
        values.put(
                "licence",
                first == null ? "" : first.licence().isEmpty() ? "its licence is not known" : first.licence());
        int[] number = {0};
        values.put(
                "choices",
                of.stream().map(tune -> ++number[0] + " " + tune.named()).collect(Collectors.joining(", ")));
        values.put("place", "0");
        values.put("untilPlayed", "");
        values.put("longest", Spans.inWords(tunes.longestMs()));
        values.put("each", Integer.toString(tunes.each()));
        values.put("most", Integer.toString(tunes.most()));
        values.put("hour", Integer.toString(tunes.perHour()));
        values.put("who", tunes.who().plural());
        values.put("price", evening.points(tunes.price()));
        values.put("votes", Integer.toString(votes(tunes, state, at)));
        values.put("votesNeeded", Integer.toString(needed(tunes, state, at)));
        values.putAll(more);
        return AnswerWords.filled(pattern, values);
    }

    private static boolean isPresent(Tunes tunes, TunesState state, String person, long at) {
        return state.present()
                .get(person)
                .filter(each -> at - each.seen() < tunes.presentMs())
                .isPresent();
    }

    /** How many voted that are present still. */
    static int votes(Tunes tunes, TunesState state, long at) {
        return (int) state.head().votes().stream()
                .filter(each -> isPresent(tunes, state, each, at))
                .count();
    }

    /** How many who are present have to vote. */
    static int needed(Tunes tunes, TunesState state, long at) {
        int present = 0;
        for (Present each : state.present()) {
            present += at - each.seen() < tunes.presentMs() ? 1 : 0;
        }
        return Math.max(1, (present * tunes.voteShare() + 99) / 100);
    }

    boolean enough(TunesState state) {
        return votes(tunes, state, at) >= needed(tunes, state, at);
    }

    Player player(TunesState state) {
        return new Player(tunes, state, at, evening.catalogue(), by);
    }

    /** What came of it, with what the player did meanwhile. */
    static Answer<TunesState> played(
            Player player, String outcome, String says, List<Fact> first, List<PointsMove> moves) {
        List<Fact> told = new ArrayList<>(first);
        told.addAll(player.told());
        List<PointsMove> all = new ArrayList<>(moves);
        all.addAll(player.moves());
        return Answer.done(player.now(), outcome, says, Map.of()).telling(told).moving(all);
    }
}

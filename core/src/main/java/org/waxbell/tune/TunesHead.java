package org.waxbell.tune;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.waxbell.kind.Records;

/**
 * What the desk of tunes keeps beside its lists.
 *
 * @param on      whether anything plays
 * @param playing the tune that plays or is paused
 * @param volume  how loud, 0 to 100
 * @param next    the number that the next request gets
 * @param order   where the next request stands
 * @param played  how many tunes were played
 * @param kept    the number that the next tune of the host's own list gets
 * @param bag     what of the fallback list was not played yet since it was shuffled, by id, the next first
 * @param banned  who may not ask, by identity, with what they are called
 * @param questions what viewers were asked back
 * @param votes   who voted to skip the tune that plays, by identity
 * @param back    how the last step of a person is taken back
 */
public record TunesHead(
        boolean on,
        Optional<Playing> playing,
        int volume,
        long next,
        long order,
        long played,
        long kept,
        List<String> bag,
        Map<String, String> banned,
        List<Question> questions,
        List<String> votes,
        Optional<Back> back) {
    /** Between the orders of two requests there is room for those that are moved. */
    static final long STEP = 1L << 20;

    static final TunesHead NEW = new TunesHead(
            false, Optional.empty(), 70, 1, STEP, 0, 1, List.of(), Map.of(), List.of(), List.of(), Optional.empty());
    private static final int MOST_QUESTIONS = 100;

    /** How a step is taken back. @param moved requests as they stood @param gone requests that are gone since @param fresh numbers of requests that were not there @param kept tunes of the host's own list that are gone, by number @param freshKept numbers of those that were not there */
    public record Back(
            Map<String, String> banned,
            List<Request> moved,
            List<Request> gone,
            List<Long> fresh,
            List<KeptTune> kept,
            List<Long> freshKept) {
        public Back {
            banned = Collections.unmodifiableMap(new TreeMap<>(banned));
            moved = List.copyOf(moved);
            gone = List.copyOf(gone);
            fresh = List.copyOf(fresh);
            kept = List.copyOf(kept);
            freshKept = List.copyOf(freshKept);
        }
    }

    public TunesHead {
        bag = List.copyOf(bag);
        banned = Collections.unmodifiableMap(new TreeMap<>(banned));
        questions = List.copyOf(questions);
        votes = List.copyOf(votes);
    }

    private TunesHead with(String field, Object value) {
        return Records.with(this, Map.of(field, value));
    }

    TunesHead on(boolean now) {
        return with("on", now);
    }

    /** Another tune plays, or none: nobody has voted against it yet. */
    TunesHead playing(Optional<Playing> now) {
        return Records.with(
                this, Map.of("playing", now, "votes", List.of(), "played", now.isPresent() ? played + 1 : played));
    }

    /** The same tune, going on otherwise. */
    TunesHead still(Playing now) {
        return with("playing", Optional.of(now));
    }

    /** One more was there that could not be played. */
    TunesHead counted() {
        return with("played", played + 1);
    }

    TunesHead volume(int now) {
        return with("volume", now);
    }

    TunesHead asked() {
        return Records.with(this, Map.of("next", next + 1, "order", order + STEP));
    }

    TunesHead ordered(long now) {
        return with("order", now);
    }

    TunesHead keeping(long nextKept) {
        return with("kept", nextKept);
    }

    TunesHead bag(List<String> now) {
        return with("bag", now);
    }

    TunesHead banning(Map<String, String> now) {
        return with("banned", now);
    }

    TunesHead voted(String person) {
        List<String> all = new ArrayList<>(votes);
        all.add(person);
        return with("votes", all);
    }

    /** The same with something that a viewer was asked back, or without: an older one of theirs is over. */
    TunesHead asking(String person, Optional<Question> question, long at) {
        List<Question> all = new ArrayList<>(questions);
        all.removeIf(each -> each.person().equals(person) || at - each.at() >= Question.OPEN_MS);
        question.ifPresent(all::add);
        return all.equals(questions)
                ? this
                : with("questions", all.subList(Math.max(0, all.size() - MOST_QUESTIONS), all.size()));
    }

    Optional<Question> question(String person, long at) {
        return questions.stream()
                .filter(each -> each.person().equals(person) && at - each.at() < Question.OPEN_MS)
                .findFirst();
    }

    TunesHead stepped(Optional<Back> how) {
        return with("back", how);
    }
}

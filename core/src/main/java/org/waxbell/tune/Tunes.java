package org.waxbell.tune;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.waxbell.act.Act;
import org.waxbell.act.ActField;
import org.waxbell.act.DeskSheet;
import org.waxbell.catalogue.Tune;
import org.waxbell.check.Problems;
import org.waxbell.event.Standing;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Piece;
import org.waxbell.sentence.Pieces;
import org.waxbell.sentence.Said;
import org.waxbell.time.Spans;

/**
 * The desk of tunes as the host wrote it.
 *
 * @param who         who may ask: whoever has at least that standing
 * @param longestMs   the longest tune that may be asked for, in milliseconds
 * @param fallback    what plays while nobody asks
 * @param givesWay    when that gives way
 * @param each        how many of each viewer wait at most, 0 for any number
 * @param most        how many wait at most
 * @param perHour     how many each viewer may ask for in an hour, 0 for any number
 * @param repeatMs    how long a tune that was played is not played again, in milliseconds; 0 for not at all
 * @param price       what it costs to ask, in points; given back where it is not played
 * @param clearedOnly whether only tunes under one of {@code licences} may be asked for
 * @param licences    that clear a tune for the air
 * @param unwelcome   makers and titles that are not wanted
 * @param voteShare   how many of those present have to vote for the next, in percent
 * @param presentMs   how long who wrote something counts as present, in milliseconds
 * @param crossMs     how long one tune fades into the next, in milliseconds; 0 for one right behind the other
 * @param answers     what viewers are told
 */
public record Tunes(
        int formatVersion,
        String id,
        String name,
        Standing who,
        long longestMs,
        Fallback fallback,
        GivesWay givesWay,
        int each,
        int most,
        int perHour,
        long repeatMs,
        long price,
        boolean clearedOnly,
        List<String> licences,
        List<String> unwelcome,
        int voteShare,
        long presentMs,
        long crossMs,
        TunesAnswers answers)
        implements DeskSheet {
    /** The version of the document that this program writes. */
    public static final int FORMAT = 1;
    /** The desk of tunes, by name. */
    public static final String DESK = "tunes";
    /** As many tunes as a list has at most. */
    static final int MOST_KEPT = 2_000;

    private static final int LONGEST_LIST = 200_000;

    /** What it says of itself. */
    public static final Kind<DeskSheet> KIND = Kind.<DeskSheet>of(Tunes.class, DESK, "Tunes", "Tunes")
            .also("music songs requests playlist play")
            .with(TunesFields.all())
            .making(on -> new Tunes(
                    FORMAT,
                    on.id(),
                    on.name("Tunes"),
                    Standing.ANYONE,
                    6 * 60_000,
                    Fallback.KEPT,
                    GivesWay.AFTER,
                    2,
                    20,
                    6,
                    60 * 60_000,
                    0,
                    true,
                    List.of("CC0-1.0", "CC-BY-4.0", "CC-BY-SA-4.0"),
                    List.of(),
                    50,
                    10 * 60_000,
                    0,
                    TunesAnswers.USUAL));

    private static final ActField WORDS = ActField.text("words", "A title, a link, or the number of a choice", 500);
    private static final ActField NUMBER = ActField.number("number", "Its number", 1, 1_000_000_000, 1);
    private static final ActField WHOM = ActField.text("name", "Whom, by name", 100);
    private static final List<Act> ACTS = List.of(
            Act.of("ask", "Ask for a tune", List.of(WORDS), "queued"),
            Act.of("unask", "Take back the last of who asks", List.of(), "unasked"),
            Act.of("when", "Tell who asks when theirs is played", List.of(), "when"),
            Act.of("vote", "Vote for the next, who asks", List.of(), "voted", "votedAway"),
            Act.of("start", "Play", List.of(), "started", "wentOn")
                    .undone("started", "stop")
                    .undone("wentOn", "pause"),
            Act.of("pause", "Pause", List.of(), "paused").undone("paused", "start"),
            Act.of("stop", "End playing", List.of(), "stopped"),
            Act.of("skip", "Go on to the next", List.of(), "skipped"),
            Act.of("volume", "Set how loud it is", List.of(ActField.number("percent", "How loud", 0, 100, 70)), "set"),
            Act.of("move", "Move one", List.of(NUMBER, ActField.number("to", "To which place", 1, 1_000, 1)), "moved"),
            Act.of("remove", "Take one away", List.of(NUMBER), "removed"),
            Act.of("clear", "Take all that wait away", List.of(), "cleared"),
            Act.of(
                    "keep",
                    "Keep what plays in your own list",
                    List.of(ActField.text("tune", "Which, by its id; empty for what plays", 200)),
                    "kept"),
            Act.of("drop", "Take one out of your own list", List.of(NUMBER), "dropped"),
            Act.of(
                    "bring",
                    "Bring a list of tunes",
                    List.of(
                            ActField.text("list", "Ids, one a line", LONGEST_LIST),
                            ActField.number("anew", "1 to begin anew", 0, 1, 0)),
                    "brought"),
            Act.of("ban", "Keep somebody from asking", List.of(WHOM), "banned"),
            Act.of("unban", "Let somebody ask again", List.of(WHOM), "unbanned"),
            Act.of("undo", "Take the last step back", List.of(), "undone"));

    public Tunes {
        licences = List.copyOf(licences);
        unwelcome = List.copyOf(unwelcome);
    }

    /** Whether its licence lets a tune be played. */
    boolean clears(Tune tune) {
        return !clearedOnly
                || tune.id().startsWith("shelf/")
                || licences.stream().anyMatch(each -> each.equalsIgnoreCase(tune.licence()));
    }

    /** Whether a tune or its maker is not wanted. */
    boolean refuses(Tune tune) {
        return unwelcome.stream()
                .map(each -> each.strip().toLowerCase(Locale.ROOT))
                .anyMatch(each -> each.equals(tune.title().toLowerCase(Locale.ROOT))
                        || each.equals(tune.maker().toLowerCase(Locale.ROOT)));
    }

    /** Whether it may be played at all: the fallback list is held to that as well. */
    boolean mayPlay(Tune tune) {
        return clears(tune) && !refuses(tune) && tune.lengthMs() > 0;
    }

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public List<Act> acts() {
        return ACTS;
    }

    @Override
    public Map<String, Boolean> values() {
        return Map.of(value("Now"), false, value("Asker"), false, value("Next"), false, value("Waiting"), true);
    }

    @Override
    public Map<String, String> words() {
        return TunesAnswers.WORDS.values();
    }

    @Override
    public void check(Problems problems) {
        problems.version(formatVersion, FORMAT);
        problems.at("id").id(id, "tunes");
        KIND.check(this, problems, (field, words) -> TunesAnswers.WORDS.check(problems, field, words));
        if (clearedOnly && licences.isEmpty()) {
            problems.at("licences")
                    .add("", "No licence clears a tune, so none could be asked for.", "Write one such as CC-BY-4.0.");
        }
    }

    @Override
    public List<Piece> sentence(Naming names) {
        Pieces all = new Pieces()
                .chip("who", capital(who.plural()))
                .words("may ask for")
                .chip("clearedOnly", clearedOnly ? "tunes that are cleared" : "any tune")
                .words("of")
                .chip("longestMs", "at most " + Spans.inWords(longestMs))
                .words(",")
                .chip("each", each == 0 ? "any number" : each + " at a time")
                .words("each and")
                .chip("perHour", perHour == 0 ? "as often as they like" : Said.times(perHour) + " an hour")
                .words(", for")
                .chip("price", price == 0 ? "nothing" : names.points(price))
                .words(";")
                .chip(
                        "repeatMs",
                        repeatMs == 0
                                ? "a tune may come again at once"
                                : "none again within " + Spans.inWords(repeatMs))
                .words(". While nobody asks there is")
                .chip("fallback", fallback.says());
        if (fallback != Fallback.NOTHING) {
            all.words(", which gives way").chip("givesWay", givesWay.says());
        }
        return all.words(".")
                .chip("voteShare", voteShare + " % of those present")
                .words("may skip one, and tunes follow")
                .chip("crossMs", crossMs == 0 ? "right behind one another" : "fading for " + Spans.inWords(crossMs))
                .words(".")
                .all();
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}

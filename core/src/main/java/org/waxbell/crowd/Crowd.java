package org.waxbell.crowd;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.waxbell.act.Act;
import org.waxbell.act.ActField;
import org.waxbell.act.DeskSheet;
import org.waxbell.check.Problems;
import org.waxbell.kind.Choice;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Piece;
import org.waxbell.sentence.Pieces;
import org.waxbell.time.Spans;

/**
 * A crowd that steers, as the host wrote it.
 *
 * @param way         whether each press counts at once or they vote
 * @param everyMs     how long one vote goes, in milliseconds
 * @param holdMs      how long a press holds its key, in milliseconds
 * @param perViewerMs how long a viewer rests behind a press, in milliseconds; a fair share for all
 * @param moves       which word presses which key
 */
public record Crowd(
        int formatVersion,
        String id,
        String name,
        Way way,
        long everyMs,
        long holdMs,
        long perViewerMs,
        List<CrowdMove> moves)
        implements DeskSheet {
    /** The version of the document that this program writes. */
    public static final int FORMAT = 1;
    /** The desk that runs them, by name. */
    public static final String DESK = "crowd";

    static final String PRESS = "press";
    static final String LIFT = "lift";
    static final String MOVE = "move";
    static final String REST = "rest";
    private static final int MOST_MOVES = 20;
    private static final String AT_ONCE = "atOnce";

    /** What becomes of presses. */
    public enum Way {
        /** Each presses its key. */
        AT_ONCE,
        /** What most wrote is pressed when the vote is over. */
        VOTE
    }

    /** What it says of itself. */
    public static final Kind<DeskSheet> KIND = Kind.<DeskSheet>of(Crowd.class, "crowd", "Crowd play", "Crowd")
            .also("crowd keys game steer vote play")
            .with(
                    Field.text("name", "Name", 40).called("The name").needed(),
                    Field.choice(
                            "way",
                            "Each press",
                            new Choice(AT_ONCE, "counts at once"),
                            new Choice("vote", "is a vote, and what most want is pressed")),
                    Field.span("everyMs", "A vote goes", 1_000, 60_000)
                            .called("The length of a vote")
                            .when("way", "vote")
                            .wide(3),
                    Field.span("holdMs", "A press holds its key", 20, 5_000)
                            .called("How long a key is held")
                            .wide(3),
                    Field.span("perViewerMs", "A viewer presses at most every", 0, 60_000)
                            .called("A viewer's rest")
                            .when("way", AT_ONCE)
                            .wide(3),
                    Field.of(Field.Type.OTHER, "moves", "Words and keys"))
            .making(on -> new Crowd(
                    FORMAT,
                    on.id(),
                    on.name("Crowd"),
                    Way.AT_ONCE,
                    5_000,
                    200,
                    1_000,
                    List.of(
                            new CrowdMove("left", "ArrowLeft", "right"),
                            new CrowdMove("right", "ArrowRight", "left"),
                            new CrowdMove("dip", "ArrowDown", "lift"),
                            new CrowdMove("lift", "ArrowUp", "dip"))));

    private static final List<Act> ACTS = List.of(
            Act.of(
                    PRESS,
                    "Press",
                    List.of(ActField.text(MOVE, "The word", 500), ActField.text(REST, "What stands behind it", 500)),
                    "pressed",
                    "voted",
                    "cancelled"),
            Act.of(LIFT, "Lift every key", List.of(), "lifted"));

    public Crowd {
        moves = List.copyOf(moves);
    }

    /** The move of a word, whatever its capitals. */
    Optional<CrowdMove> move(String word) {
        return moves.stream().filter(each -> each.word().equalsIgnoreCase(word)).findFirst();
    }

    /** Its moves that are pressed against one another: the one by the other's word. */
    Optional<CrowdMove> against(CrowdMove move) {
        return move.against().isEmpty() ? Optional.empty() : move(move.against());
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
        return Map.of(value("Presses"), true, value("Last"), false, value("Leads"), false);
    }

    @Override
    public void check(Problems problems) {
        problems.version(formatVersion, FORMAT);
        problems.at("id").id(id, "steer");
        KIND.check(this, problems);
        if (moves.isEmpty() || moves.size() > MOST_MOVES) {
            problems.at("moves")
                    .add(
                            moves.size() + " words",
                            moves.isEmpty() ? "No word presses a key." : "These are too many words.",
                            "Keep between 1 and " + MOST_MOVES + ".");
        }
        Set<String> words = new HashSet<>();
        for (int i = 0; i < moves.size(); i++) {
            CrowdMove each = moves.get(i);
            Problems here = problems.at("moves", i);
            each.check(here);
            if (!words.add(each.word().toLowerCase(Locale.ROOT))) {
                here.at("word").add(each.word(), "This word stands there already.", "Give each key a word of its own.");
            }
            if (!each.against().isEmpty()
                    && against(each).filter(other -> other != each).isEmpty()) {
                here.at("against")
                        .add(
                                each.against(),
                                "No other word here is called that.",
                                "Write the word of another line, or nothing.");
            }
        }
    }

    @Override
    public List<Piece> sentence(Naming names) {
        Pieces all = new Pieces()
                .words(name + ": viewers write")
                .chip(
                        "moves",
                        moves.isEmpty()
                                ? "no word yet"
                                : moves.stream()
                                        .map(each -> each.word() + " for " + each.key())
                                        .collect(Collectors.joining(", ")))
                .words("; each")
                .chip("way", way == Way.AT_ONCE ? "counts at once" : "is a vote");
        if (way == Way.VOTE) {
            all.words("that goes").chip("everyMs", Spans.inWords(everyMs));
        }
        all.words(". A key is held").chip("holdMs", Spans.inWords(holdMs));
        if (way == Way.AT_ONCE) {
            all.words("and a viewer presses")
                    .chip(
                            "perViewerMs",
                            perViewerMs == 0 ? "as often as they like" : "at most every " + Spans.inWords(perViewerMs));
        }
        return all.words(".").all();
    }
}

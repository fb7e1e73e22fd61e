package org.waxbell.game;

import java.util.List;
import java.util.Locale;
import java.util.Map;
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
 * A game of chance, as the host wrote it.
 *
 * @param sort      which game it is
 * @param on        whether it is played; it begins off, so that its odds are looked at first
 * @param least     the least stake, in points
 * @param most      the greatest stake, in points
 * @param mostAShow what one stakes at most in a show, in points
 * @param chance    that a wager is won, in percent
 * @param waitMs    how long a challenge stands, or a pot is open, in milliseconds
 * @param threshold how much a pot has to hold, in points
 * @param answers   what viewers are told
 */
public record Game(
        int formatVersion,
        String id,
        String name,
        Sort sort,
        boolean on,
        int least,
        int most,
        int mostAShow,
        int chance,
        long waitMs,
        int threshold,
        GameAnswers answers)
        implements DeskSheet {
    /** The version of the document that this program writes. */
    public static final int FORMAT = 1;
    /** The desk that runs them, by name. */
    public static final String DESK = "game";

    static final String PLAY = "play";
    static final String TAKE_UP = "takeUp";
    static final String CALL_OFF = "callOff";
    static final String STAKE = "stake";
    private static final int MOST_POINTS = 1_000_000;
    private static final int MOST_CHANCE = 95;

    /** The games. */
    public enum Sort {
        /** A wager against the table. */
        TOSS("a wager"),
        /** Three wheels. */
        WHEELS("three wheels"),
        /** A guess at a number. */
        NUMBER("a guess at a number"),
        /** Two who both agree stake as much; one has both. */
        DUEL("a duel"),
        /** All put into one pot; one has it, the likelier the more they put in. */
        POT("a shared pot");

        private final String words;

        Sort(String words) {
            this.words = words;
        }

        String inWords() {
            return words;
        }

        String written() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** What it says of itself. */
    public static final Kind<DeskSheet> KIND = Kind.<DeskSheet>of(Game.class, "game", "Game of chance", "Game")
            .also("gamble bet dice slots duel jackpot minigame")
            .with(
                    Field.text("name", "Name", 40).called("The name").needed(),
                    Field.choice(
                            "sort",
                            "It is",
                            choice(Sort.TOSS),
                            choice(Sort.WHEELS),
                            choice(Sort.NUMBER),
                            choice(Sort.DUEL),
                            choice(Sort.POT)),
                    Field.flag("on", "is played"),
                    points("least", "The least stake").wide(3),
                    points("most", "The greatest stake").wide(3),
                    points("mostAShow", "One stakes in a show at most").wide(3),
                    Field.number("chance", "It is won", 1, MOST_CHANCE)
                            .called("The chance")
                            .in("% of the time")
                            .when("sort", "toss")
                            .wide(3),
                    Field.span("waitMs", "A challenge stands, or a pot is open, for", 5_000, 3_600_000)
                            .called("How long that goes")
                            .when("sort", "duel", "pot")
                            .wide(3),
                    points("threshold", "A pot is drawn from")
                            .when("sort", "pot")
                            .wide(3))
            .and(GameAnswers.fields().toArray(Field[]::new))
            .making(on -> new Game(
                    FORMAT,
                    on.id(),
                    on.name("Game"),
                    Sort.WHEELS,
                    false,
                    1,
                    50,
                    200,
                    48,
                    60_000,
                    100,
                    GameAnswers.USUAL));

    private static final List<Act> ACTS = List.of(
            Act.of(
                    PLAY,
                    "Play",
                    List.of(ActField.text(STAKE, "The stake, and what else the game wants", 500)),
                    "won",
                    "lost",
                    "offered",
                    "put"),
            Act.of(TAKE_UP, "Take up a challenge", List.of(), "won"),
            Act.of(CALL_OFF, "Call off what stands, and give stakes back", List.of(), "back"));

    private static Choice choice(Sort sort) {
        return new Choice(sort.written(), sort.inWords());
    }

    private static Field points(String key, String label) {
        return Field.number(key, label, 1, MOST_POINTS).called(label).in("points");
    }

    /** The rules of one that is played alone. */
    Rules rules() {
        return switch (sort) {
            case TOSS -> new Toss(chance);
            case NUMBER -> new GuessNumber();
            default -> new ThreeWheels();
        };
    }

    /** What may come of it. */
    public List<Odd> odds() {
        return switch (sort) {
            case DUEL -> List.of(new Odd("one of the two has both stakes", 0.5, 2), new Odd("the other", 0.5, 0));
            case POT -> List.of(new Odd("one has all of it, by their share of it", 1, 1));
            default -> rules().odds();
        };
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
        return Map.of(value("Last"), false, value("Pot"), true);
    }

    @Override
    public Map<String, String> words() {
        return GameAnswers.WORDS.values();
    }

    @Override
    public void check(Problems problems) {
        problems.version(formatVersion, FORMAT);
        problems.at("id").id(id, "wheels");
        KIND.check(this, problems);
        if (most < least) {
            problems.at("most").add(most, "The greatest stake is less than the least.", "Give " + least + " or more.");
        }
        GameAnswers.WORDS.check(KIND, this, problems);
    }

    @Override
    public List<Piece> sentence(Naming names) {
        Pieces all = new Pieces()
                .words(name + ":")
                .chip("sort", sort.inWords())
                .words("for")
                .chip("least", names.points(least))
                .words("to")
                .chip("most", names.points(most))
                .words(", at most")
                .chip("mostAShow", names.points(mostAShow))
                .words("of one in a show"
                        + (sort == Sort.DUEL ? "; a challenge stands" : sort == Sort.POT ? "; it is open" : "; it"));
        if (sort == Sort.DUEL || sort == Sort.POT) {
            all.chip("waitMs", Spans.inWords(waitMs)).words("; it");
        }
        return all.chip("on", on ? "is played" : "is off").words(".").all();
    }
}

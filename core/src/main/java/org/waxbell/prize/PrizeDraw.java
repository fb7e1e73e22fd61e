package org.waxbell.prize;

import java.util.List;
import java.util.Map;
import org.waxbell.act.Act;
import org.waxbell.act.ActField;
import org.waxbell.act.DeskSheet;
import org.waxbell.check.Problems;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.kind.Choice;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Piece;
import org.waxbell.sentence.Pieces;
import org.waxbell.sentence.Said;
import org.waxbell.time.Spans;

/**
 * A prize draw, as the host wrote it.
 *
 * @param prizes    what is drawn for, in order
 * @param who       who may enter
 * @param everyLine whether every line enters its writer, beside the word
 * @param price     what it costs to enter, in points
 * @param months    whether each month of membership is one lot more
 * @param mostLots  how many lots one has at most
 * @param forMs     how long one may enter, in milliseconds; 0 for until the host closes it
 * @param claimMs   how long who is drawn has to speak up, in milliseconds; 0 where they need not
 * @param notLast   who won one of so many draws before cannot enter
 * @param answers   what viewers are told
 */
public record PrizeDraw(
        int formatVersion,
        String id,
        String name,
        List<String> prizes,
        Who who,
        boolean everyLine,
        int price,
        boolean months,
        int mostLots,
        long forMs,
        long claimMs,
        int notLast,
        PrizeAnswers answers)
        implements DeskSheet {
    /** The version of the document that this program writes. */
    public static final int FORMAT = 1;
    /** The desk that runs them, by name. */
    public static final String DESK = "prize";

    static final String OPEN = "open";
    static final String ENTER = "enter";
    static final String CLOSE = "close";
    static final String AGAIN = "again";
    static final String CANCEL = "cancel";
    private static final int MOST_PRIZES = 20;
    private static final int LONGEST_PRIZE = 80;
    private static final int MOST_LOTS = 1_000;
    private static final int MOST_BEFORE = 100;
    private static final int DEAREST = 1_000_000;
    private static final long LONGEST = 86_400_000;

    /** Who may enter. */
    public enum Who {
        /** Whoever writes. */
        ANYONE("anyone"),
        /** Who follows, is a member, or stands nearer to the host. */
        FOLLOWERS("followers"),
        /** Who is a member. */
        MEMBERS("members");

        private final String words;

        Who(String words) {
            this.words = words;
        }

        boolean may(Viewer viewer) {
            return switch (this) {
                case ANYONE -> true;
                case FOLLOWERS -> viewer.standings().size() > 1;
                case MEMBERS -> viewer.standings().contains(Standing.MEMBER);
            };
        }

        String inWords() {
            return words;
        }
    }

    /** What it says of itself. */
    public static final Kind<DeskSheet> KIND = Kind.<DeskSheet>of(PrizeDraw.class, "prize", "Prize draw", "Prize draw")
            .also("raffle lottery giveaway winner ticket lots")
            .with(
                    Field.text("name", "Name", 40).called("The name").needed(),
                    Field.many("prizes", "Prizes").most(MOST_PRIZES).hint("Each is drawn for, in this order."),
                    Field.choice(
                                    "who",
                                    "May enter",
                                    new Choice("anyone", "anyone"),
                                    new Choice("followers", "followers"),
                                    new Choice("members", "members"))
                            .wide(3),
                    Field.number("price", "It costs", 0, DEAREST)
                            .called("The price")
                            .in("points")
                            .wide(3),
                    Field.flag("everyLine", "every line enters its writer, beside the word"),
                    Field.flag("months", "each month of membership is one lot more"),
                    Field.number("mostLots", "Lots of one at most", 1, MOST_LOTS)
                            .called("The most lots of one")
                            .when("months", "true"),
                    Field.span("forMs", "One may enter for", 5_000, LONGEST)
                            .called("How long one may enter")
                            .orZero()
                            .hint("0 is until you draw.")
                            .wide(3),
                    Field.span("claimMs", "Who is drawn speaks up within", 5_000, LONGEST)
                            .called("The time to speak up")
                            .orZero()
                            .hint("0 is that they need not.")
                            .wide(3),
                    Field.number("notLast", "Not who won one of the last", 0, MOST_BEFORE)
                            .called("How many draws back are looked at")
                            .in("draws"))
            .and(PrizeAnswers.fields().toArray(Field[]::new))
            .making(on -> new PrizeDraw(
                    FORMAT,
                    on.id(),
                    on.name("Prize draw"),
                    List.of("a taper of your colour"),
                    Who.ANYONE,
                    false,
                    0,
                    false,
                    12,
                    300_000,
                    60_000,
                    3,
                    PrizeAnswers.USUAL));

    private static final List<Act> ACTS = List.of(
            Act.of(OPEN, "Let people enter", List.of(), "opened"),
            Act.of(ENTER, "Enter somebody", List.of(ActField.text("name", "Who, by name", 60)), "entered"),
            Act.of(CLOSE, "Close it and draw", List.of(), "drawn", "nobody"),
            Act.of(AGAIN, "Draw again", List.of(), "drawn", "nobody"),
            Act.of(CANCEL, "Break it off", List.of(), "cancelled"));

    public PrizeDraw {
        prizes = List.copyOf(prizes);
    }

    /** How many lots somebody has. */
    int lots(Viewer viewer) {
        return months ? Math.min(mostLots, 1 + Math.max(0, viewer.months())) : 1;
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
        return Map.of(value("Prize"), false, value("Entrants"), true, value("Winner"), false);
    }

    @Override
    public Map<String, String> words() {
        return PrizeAnswers.WORDS.values();
    }

    @Override
    public void check(Problems problems) {
        problems.version(formatVersion, FORMAT);
        problems.at("id").id(id, "taper");
        KIND.check(this, problems);
        if (prizes.isEmpty()) {
            problems.at("prizes").add("", "Nothing is drawn for.", "Write at least one prize.");
        }
        for (int i = 0; i < prizes.size(); i++) {
            problems.at("prizes", i).text(prizes.get(i), LONGEST_PRIZE, "The prize");
        }
        PrizeAnswers.WORDS.check(KIND, this, problems);
    }

    @Override
    public List<Piece> sentence(Naming names) {
        Pieces all = new Pieces()
                .words(name + ": for")
                .chip("prizes", prizes.isEmpty() ? "nothing yet" : Said.listed(prizes))
                .words(",")
                .chip("who", who.inWords())
                .words("may enter for")
                .chip("forMs", forMs == 0 ? "as long as you like" : Spans.inWords(forMs))
                .words(everyLine ? "by a word or" : "by a word,")
                .chip("everyLine", everyLine ? "any line" : "not by any line")
                .words("for")
                .chip("price", price == 0 ? "nothing" : names.points(price))
                .words("; who is drawn")
                .chip("claimMs", claimMs == 0 ? "need not speak up" : "speaks up within " + Spans.inWords(claimMs));
        if (notLast > 0) {
            all.words(", and won none of").chip("notLast", "the last " + notLast);
        }
        return all.words(".").all();
    }
}

package org.waxbell.earning;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.waxbell.act.Act;
import org.waxbell.act.ActField;
import org.waxbell.act.DeskSheet;
import org.waxbell.check.Problems;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Piece;
import org.waxbell.sentence.Pieces;
import org.waxbell.sentence.Said;
import org.waxbell.time.Spans;

/**
 * How points are earned and given, as the host wrote it. Amounts are points; 0 is nothing for that.
 *
 * @param everyMs    how often presence is paid while a show is open, in milliseconds
 * @param presence   what it pays
 * @param withinMs   who wrote within so many milliseconds is present
 * @param onAir      whether presence is paid on air only
 * @param member     what members get of what others get, in percent
 * @param line       what a line pays
 * @param mostLines  how many lines of one are paid between two payments of presence
 * @param first      what the first who writes in a show gets
 * @param follow     what a follow pays
 * @param membership what a membership pays
 * @param gift       what each 100 of a gift's worth pays
 * @param tip        what each whole unit of a tip pays
 * @param arrival    what who arrives with viewers gets
 * @param clip       what a clip pays that is made or shared
 * @param mostAtOnce how many a viewer gives another at most at once, 0 for none
 * @param mostAShow  how many a viewer gives others at most in a show
 * @param answers    what viewers are told
 */
public record Earning(
        int formatVersion,
        String id,
        String name,
        long everyMs,
        int presence,
        long withinMs,
        boolean onAir,
        int member,
        int line,
        int mostLines,
        int first,
        int follow,
        int membership,
        int gift,
        int tip,
        int arrival,
        int clip,
        int mostAtOnce,
        int mostAShow,
        EarningAnswers answers)
        implements DeskSheet {
    /** The version of the document that this program writes. */
    public static final int FORMAT = 1;
    /** The desk that runs them, by name. */
    public static final String DESK = "points";

    static final String MINE = "mine";
    static final String TOP = "top";
    static final String GIVE = "give";
    static final String GRANT = "grant";
    static final String ALL = "all";
    static final long MOST = 1_000_000_000;
    private static final int MOST_EACH = 1_000_000;
    private static final String EVENTS = "For what happens";
    private static final String GIVING = "Between viewers";

    /** What it says of itself. */
    public static final Kind<DeskSheet> KIND = Kind.<DeskSheet>of(Earning.class, "points", "Points", "Points")
            .also("currency loyalty earn give balance ledger coins")
            .with(
                    Field.text("name", "Name", 40).called("The name").needed(),
                    amount("presence", "Who is present gets").wide(3),
                    Field.span("everyMs", "every", 60_000, 3_600_000)
                            .called("How often presence is paid")
                            .wide(3),
                    Field.span("withinMs", "Present is who wrote within", 60_000, 14_400_000)
                            .called("Within which time one wrote")
                            .wide(3),
                    Field.number("member", "Members get of that", 100, 1_000)
                            .called("What members get")
                            .in("%")
                            .wide(3),
                    Field.flag("onAir", "on air only"),
                    amount("line", "A line pays").wide(3),
                    Field.number("mostLines", "but only the first", 1, 1_000)
                            .called("How many lines are paid")
                            .in("in that time")
                            .wide(3),
                    amount("first", "Who writes first in a show").wide(3).under(EVENTS),
                    amount("follow", "A follow").wide(3).under(EVENTS),
                    amount("membership", "A membership").wide(3).under(EVENTS),
                    amount("gift", "Each 100 of a gift’s worth").wide(3).under(EVENTS),
                    amount("tip", "Each unit of a tip").wide(3).under(EVENTS),
                    amount("arrival", "Who arrives with viewers").wide(3).under(EVENTS),
                    amount("clip", "A clip, made or shared").wide(3).under(EVENTS),
                    amount("mostAtOnce", "A viewer gives at most at once")
                            .hint("0 is that they cannot give.")
                            .wide(3)
                            .under(GIVING),
                    amount("mostAShow", "and in a show").wide(3).under(GIVING))
            .and(EarningAnswers.fields().toArray(Field[]::new))
            .making(on -> new Earning(
                    FORMAT,
                    on.id(),
                    on.name("Points"),
                    300_000,
                    5,
                    900_000,
                    true,
                    150,
                    0,
                    5,
                    20,
                    25,
                    100,
                    10,
                    5,
                    50,
                    10,
                    50,
                    200,
                    EarningAnswers.USUAL));

    private static final ActField NAME = ActField.text("name", "Who, by name", 100);
    private static final ActField AMOUNT = ActField.text("amount", "How many", 100);
    private static final ActField WHY = ActField.text("why", "Why", 80);
    private static final List<Act> ACTS = List.of(
            Act.of(MINE, "Say how many one has", List.of(), "said"),
            Act.of(TOP, "Say who has most", List.of(), "said"),
            Act.of(GIVE, "Give another some of one’s own", List.of(NAME, AMOUNT), "gave"),
            Act.of(GRANT, "Give somebody, or take where it is below 0", List.of(NAME, AMOUNT, WHY), "granted"),
            Act.of(
                    ALL,
                    "Give all who are present, or a circle of them",
                    List.of(AMOUNT, WHY, ActField.text("circle", "Only the circle, by id", 40)),
                    "granted"));

    private static Field amount(String key, String label) {
        return Field.number(key, label, 0, MOST_EACH).called(label).in("points");
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
        return Map.of(value("Top"), false, value("First"), false, value("Earned"), true);
    }

    @Override
    public Map<String, String> words() {
        return EarningAnswers.WORDS.values();
    }

    @Override
    public void check(Problems problems) {
        problems.version(formatVersion, FORMAT);
        problems.at("id").id(id, "drips");
        KIND.check(this, problems);
        EarningAnswers.WORDS.check(KIND, this, problems);
    }

    @Override
    public List<Piece> sentence(Naming names) {
        Pieces all = new Pieces()
                .words(name + ": who is present gets")
                .chip("presence", presence == 0 ? "nothing" : names.points(presence))
                .words("every")
                .chip("everyMs", Spans.inWords(everyMs))
                .words("while")
                .chip("onAir", onAir ? "we are on air" : "a show is open")
                .words(", members")
                .chip("member", member + " %")
                .words("; a line pays")
                .chip("line", line == 0 ? "nothing" : names.points(line));
        List<String> events = events(names);
        if (!events.isEmpty()) {
            all.words("; also paid are").chip("first", Said.listed(events));
        }
        return all.words(". A viewer gives another")
                .chip("mostAtOnce", mostAtOnce == 0 ? "nothing" : "up to " + names.points(mostAtOnce))
                .words(".")
                .all();
    }

    private List<String> events(Naming names) {
        List<String> all = new ArrayList<>();
        Map<String, Integer> paid = new LinkedHashMap<>();
        paid.put("being first", first);
        paid.put("a follow", follow);
        paid.put("a membership", membership);
        paid.put("gifts", gift);
        paid.put("tips", tip);
        paid.put("an arrival", arrival);
        paid.put("a clip", clip);
        paid.forEach((what, amount) -> {
            if (amount > 0) {
                all.add(what);
            }
        });
        return all;
    }
}

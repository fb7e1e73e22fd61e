package org.waxbell.score;

import java.util.List;
import java.util.Map;
import org.waxbell.directive.Directive;
import org.waxbell.directive.LookUp;
import org.waxbell.directory.ClipChoice;
import org.waxbell.directory.ClipChoice.Order;
import org.waxbell.kind.Choice;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;

/**
 * Finds out who a broadcaster is, for parts that introduce them. What is known is told as {@code {meetName}}, {@code {meetWords}}, {@code {meetLast}},
 * {@code {meetLink}} where the part is called {@code meet}, and how it went as {@code {meetOutcome}}: {@code clip}, {@code known}, {@code unknown} or {@code late}.
 * Where a clip is wanted and there is none it fails, so that another take introduces them without.
 *
 * @param whom       {@value #NAMED}, {@value #WRITER}, or {@value #FIXED}
 * @param name       who it is where that is fixed
 * @param clip       which clip of theirs is wanted, as {@link Order} has it
 * @param days       not older than so many days, 0 for any age
 * @param leastViews seen at least so often
 * @param longestMs  at most so long, in milliseconds
 * @param limitMs    when it goes on without what has not come, in milliseconds
 */
public record LookUpPart(
        String id,
        Anchor start,
        String whom,
        String name,
        String clip,
        int days,
        int leastViews,
        long longestMs,
        long limitMs,
        Manner manner)
        implements Part {
    static final String NAMED = "named";
    static final String WRITER = "viewer";
    static final String FIXED = "fixed";
    private static final String NONE = "none";
    private static final String NEWEST = "newest";
    private static final String MOST_SEEN = "mostSeen";
    private static final String ANY = "any";
    /** What its adapter may take beyond the limit before the ring gives it up. */
    private static final long GRACE_MS = 1_000;

    private static final int DRAWS = 1_000;
    /** What comes of it, with a sample of each. */
    private static final Map<String, String> BRINGS = Map.ofEntries(
            Map.entry("name", "wickerby"),
            Map.entry("words", "weaves baskets by the sluice"),
            Map.entry("link", "http://wickerby.example"),
            Map.entry("last", "A creel from green willow"),
            Map.entry("portrait", ""),
            Map.entry("art", ""),
            Map.entry("clip", ""),
            Map.entry("clipTitle", "The handle holds"),
            Map.entry("clipMs", "8000"),
            Map.entry("why", "7 of 31 fit, drew the third"),
            Map.entry("outcome", "known"));

    /** What it says of itself. */
    public static final Kind<Part> KIND = Kind.<Part>of(LookUpPart.class, "lookUp", "Look up a broadcaster", "Look up")
            .also("shoutout raid channel streamer introduce directory")
            .with(
                    Field.choice(
                            "whom",
                            "Whom",
                            new Choice(NAMED, "whom they name"),
                            new Choice(WRITER, "who sets it off, such as who arrives"),
                            new Choice(FIXED, "always the same")),
                    Field.text("name", "Their name", 40).needed().when("whom", FIXED),
                    Field.choice(
                            "clip",
                            "A clip of theirs",
                            new Choice(NONE, "is not wanted"),
                            new Choice(NEWEST, "the newest"),
                            new Choice(MOST_SEEN, "the one that was seen most"),
                            new Choice(ANY, "any, drawn")),
                    Field.number("days", "Not older than", 0, 3_650)
                            .called("The age of a clip")
                            .in("days")
                            .hint("0 is any age.")
                            .wide(3)
                            .when("clip", NEWEST, MOST_SEEN, ANY),
                    Field.number("leastViews", "Seen at least", 0, 1_000_000)
                            .called("How often a clip was seen")
                            .in("times")
                            .wide(3)
                            .when("clip", NEWEST, MOST_SEEN, ANY),
                    Field.span("longestMs", "Not longer than", 1_000, 300_000)
                            .called("The length of a clip")
                            .wide(3)
                            .when("clip", NEWEST, MOST_SEEN, ANY),
                    Field.span("limitMs", "Goes on without it after", 500, 30_000)
                            .called("The time of looking up")
                            .wide(3))
            .making(on -> new LookUpPart(
                    "meet",
                    Anchor.START,
                    on.brings("argument") ? NAMED : WRITER,
                    "",
                    NONE,
                    31,
                    0,
                    30_000,
                    2_000,
                    Manner.PLAIN));

    /** Whether it fails where there is no clip to show. */
    public boolean wantsClip() {
        return !clip.equals(NONE);
    }

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Lane lane() {
        return Lane.OUTSIDE;
    }

    @Override
    public Map<String, String> results() {
        return Brought.named(id, BRINGS.keySet(), BRINGS);
    }

    @Override
    public Map<String, String> lateValues(Map<String, String> reported) {
        return reported.isEmpty() ? Map.of() : Brought.named(id, BRINGS.keySet(), reported);
    }

    @Override
    public List<String> patterns() {
        // The value whose person is looked up is read when it is told.
        return whom.equals(FIXED) ? List.of() : List.of("{" + whom + "}");
    }

    @Override
    public Settled settle(Shelf shelf, Draws draws) {
        return new Settled(
                0, limitMs + GRACE_MS, false, Media.NONE, clip.equals(ANY) ? draws.pick(id + "/clip", DRAWS) : 0);
    }

    @Override
    public Directive direct(Telling telling) {
        Order order = switch (clip) {
            case NEWEST -> Order.NEWEST;
            case MOST_SEEN -> Order.MOST_SEEN;
            case ANY -> Order.ANY;
            default -> Order.NONE;
        };
        return new LookUp(
                telling.partRun(),
                telling.meantFor(),
                who(telling),
                new ClipChoice(order, days, leastViews, longestMs),
                telling.settled().pick(),
                limitMs);
    }

    private String who(Telling telling) {
        String typed = whom.equals(FIXED) ? name : telling.value(whom);
        String bare = typed.strip();
        return bare.startsWith("@") ? bare.substring(1) : bare;
    }

    @Override
    public String label(Telling telling, Naming names) {
        String why = telling.value(Brought.name(id, "why"));
        return "who is " + who(telling) + (why.isEmpty() ? "" : " · " + why);
    }

    @Override
    public void check(PartCheck check) {
        check.fields(this);
        if (!whom.equals(FIXED)
                && !check.fields().contains(whom)
                && !check.some().contains(whom)) {
            check.problems()
                    .at("whom")
                    .add(whom, "Nothing that sets this cue off tells who that is.", "Choose another, or a fixed one.");
        }
    }
}

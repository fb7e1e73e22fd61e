package org.waxbell.score;

import java.util.List;
import java.util.Map;
import org.waxbell.directive.Directive;
import org.waxbell.directive.MakeClip;
import org.waxbell.event.ChatText;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;

/**
 * Keeps the last seconds as a clip. How long the making takes is not known; its address, title, length and maker are known when it is done,
 * as {@code {clipAddress}}, {@code {clipTitle}}, {@code {clipSeconds}} and {@code {clipMaker}} where the part is called {@code clip}. How it went
 * is told too, also where it failed: {@code {clipOutcome}} is {@code made}, {@code same} (it was kept already), {@code notOnAir},
 * {@code nothingKept} or {@code failed}, and {@code {clipAnswer}} says it in words.
 *
 * @param seconds   how much of the past is kept
 * @param title     words for its title
 * @param longestMs when the making is given up, in milliseconds
 */
public record ClipPart(String id, Anchor start, int seconds, String title, long longestMs, Manner manner)
        implements Part {
    private static final int SHORTEST = 5;
    private static final int LONGEST = 240;
    private static final int LONGEST_TITLE = 100;
    private static final String VIEWER = "viewer";
    /** What comes of it, with a sample of each. */
    private static final Map<String, String> BRINGS = Map.of(
            "address",
            "http://127.0.0.1/clips/1",
            "title",
            "The tall taper",
            "seconds",
            "30",
            "maker",
            "marshlight_ines",
            "outcome",
            "made",
            "answer",
            "kept");

    /** What it says of itself. */
    public static final Kind<Part> KIND = Kind.<Part>of(ClipPart.class, "clip", "Make a clip", "Clip")
            .also("replay moment")
            .with(
                    Field.words("title", "Title").needed(),
                    Field.number("seconds", "Seconds kept", SHORTEST, LONGEST)
                            .called("The length of the clip")
                            .in("s")
                            .wide(3),
                    Field.span("longestMs", "Given up after", 1_000, 300_000)
                            .called("The longest time of making it")
                            .wide(3))
            .making(on -> new ClipPart(
                    on.id(), Anchor.START, 30, on.brings(VIEWER) ? "{viewer}" : "Tonight", 20_000, Manner.PLAIN));

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
        return List.of(title);
    }

    @Override
    public Settled settle(Shelf shelf, Draws draws) {
        return Settled.open(longestMs, Media.NONE);
    }

    @Override
    public Directive direct(Telling telling) {
        return new MakeClip(
                telling.partRun(),
                telling.meantFor(),
                seconds,
                ChatText.cut(telling.fill(title), LONGEST_TITLE),
                telling.value(VIEWER));
    }

    @Override
    public String label(Telling telling, Naming names) {
        return telling.fill(title);
    }

    @Override
    public void check(PartCheck check) {
        check.fields(this);
    }
}

package org.waxbell.score;

import java.util.List;
import java.util.Map;
import org.waxbell.directive.Directive;
import org.waxbell.directive.MakeClip;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;

/**
 * Keeps the last seconds as a clip. How long the making takes is not known; its address and title are known when it is done,
 * as {@code {clipAddress}} and {@code {clipTitle}} where the part is called {@code clip}.
 *
 * @param seconds   how much of the past is kept
 * @param title     words for its title
 * @param longestMs when the making is given up, in milliseconds
 */
public record ClipPart(String id, Anchor start, int seconds, String title, long longestMs, Manner manner)
        implements Part {
    /** What it says of itself. */
    public static final Kind<Part> KIND = Kind.<Part>of(ClipPart.class, "clip", "Make a clip", "Clip")
            .also("replay moment")
            .with(
                    Field.words("title", "Title").needed(),
                    Field.number("seconds", "Seconds kept", 5, 120)
                            .called("The length of the clip")
                            .in("s")
                            .wide(3),
                    Field.span("longestMs", "Given up after", 1_000, 300_000)
                            .called("The longest time of making it")
                            .wide(3))
            .making(on -> new ClipPart(
                    on.id(), Anchor.START, 30, on.brings("viewer") ? "{viewer}" : "Tonight", 20_000, Manner.PLAIN));

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
        return Map.of(
                resultName("address"), "http://127.0.0.1/practice/clips/1", resultName("title"), "The tall taper");
    }

    @Override
    public Map<String, String> lateValues(Map<String, String> reported) {
        return Map.of(
                resultName("address"),
                reported.getOrDefault("address", ""),
                resultName("title"),
                reported.getOrDefault("title", ""));
    }

    /** The name in words of what is known when it is done: {@code clipTitle} for {@code title}. */
    public String resultName(String result) {
        return id.replace("-", "") + Character.toUpperCase(result.charAt(0)) + result.substring(1);
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
        return new MakeClip(telling.partRun(), telling.meantFor(), telling.link(), seconds, telling.fill(title));
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

package org.waxbell.score;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.waxbell.directive.Directive;
import org.waxbell.directive.MakeClip;
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
    @Override
    public Lane lane() {
        return Lane.OUTSIDE;
    }

    @Override
    public Set<String> results() {
        return Set.of(resultName("address"), resultName("title"));
    }

    @Override
    public Map<String, String> lateValues(Map<String, String> reported) {
        return Map.of(
                resultName("address"),
                reported.getOrDefault("address", ""),
                resultName("title"),
                reported.getOrDefault("title", ""));
    }

    private String resultName(String result) {
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
    public String label(Telling telling) {
        return telling.fill(title);
    }

    @Override
    public void check(PartCheck check) {
        check.problems().at("seconds").within(seconds, 5, 120, "The length of the clip", " seconds");
        check.problems().at("longestMs").time(longestMs, 1_000, 300_000, "The longest time of making it");
        check.words("title", title, false);
    }
}

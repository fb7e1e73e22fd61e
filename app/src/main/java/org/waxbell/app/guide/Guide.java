package org.waxbell.app.guide;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The guide that stands in the sources, by its headings. */
@Component
public final class Guide {
    /** Where its pictures are fetched in the program. */
    public static final String PICTURES = "/guide-pictures/";

    private static final String TEXT = "/guide/guide.md";
    /** Pages beside the guide, which are in the sources and not in the program. */
    private static final String ELSEWHERE = "\\[([^\\]]+)]\\([a-z/-]+\\.md\\)";

    private static final String HEADING = "(?m)^## ";
    private @Nullable List<GuideSection> sections;

    private static List<GuideSection> read() {
        try (InputStream in = Objects.requireNonNull(Guide.class.getResourceAsStream(TEXT), TEXT)) {
            String all = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            return Arrays.stream(all.split(HEADING)).skip(1).map(Guide::section).toList();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** What stands under a heading. @param text the same without marks, to be searched */
    public record GuideSection(String title, String html, String text) {}

    private static GuideSection section(String text) {
        int end = text.indexOf('\n');
        Markdown body = Markdown.of(text.substring(end + 1)
                .replace("](screenshots/", "](" + PICTURES)
                .replaceAll(ELSEWHERE, "$1"));
        return new GuideSection(text.substring(0, end).strip(), body.html(), body.text());
    }

    /** All of it, in order; it is read when somebody first asks. */
    public synchronized List<GuideSection> sections() {
        List<GuideSection> known = sections;
        if (known == null) {
            known = read();
            sections = known;
        }
        return known;
    }
}

package org.waxbell.app.guide;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** All that is written about Wax Bell, as it stands in the sources, by books and their headings. */
@Component
public final class Guide {
    /** Where its pictures are fetched in the program. */
    public static final String PICTURES = "/guide-pictures/";

    private static final String ADDRESS = "/guide/";
    private static final String FORMATS = "Formats";
    private static final String INSIDE = "How it is built";

    /** A file of the sources. @param whole whether it is one section, else one for each of its headings */
    private record Page(String book, String file, boolean whole) {
        String name() {
            return file.substring(file.lastIndexOf('/') + 1);
        }
    }

    private static final List<Page> PAGES = List.of(
            new Page("Guide", "guide.md", false),
            new Page("Recipes", "recipes.md", false),
            new Page("A walk through an evening", "walk.md", true),
            new Page("When something breaks", "reliability.md", false),
            new Page(FORMATS, "formats/wiring.md", true),
            new Page(FORMATS, "formats/kinds.md", true),
            new Page(FORMATS, "formats/pack.md", true),
            new Page(FORMATS, "formats/back-up.md", true),
            new Page(FORMATS, "formats/extension.md", true),
            new Page(FORMATS, "formats/script.md", true),
            new Page(FORMATS, "formats/stage-feed.md", true),
            new Page(FORMATS, "formats/mixer-link.md", true),
            new Page(FORMATS, "formats/bridge.md", true),
            new Page(INSIDE, "architecture.md", false),
            new Page(INSIDE, "CONTRIBUTING.md", true),
            new Page(INSIDE, "security.md", true),
            new Page("Performance", "performance.md", false),
            new Page("What has changed", "changelog.md", true));

    private static final Pattern TITLE = Pattern.compile("(?m)^# (.+)$");
    private static final Pattern LINK = Pattern.compile("(?<!!)\\[([^\\]]+)]\\((?!https?:)([^)]+)\\)");
    private @Nullable List<GuideSection> sections;

    /**
     * What stands under a heading.
     *
     * @param book   such as {@code Recipes}
     * @param anchor the end of its address, of no other section
     * @param text   the same without marks, to be searched
     */
    public record GuideSection(String book, String anchor, String title, String html, String text) {}

    /** All of it, in order; it is read when somebody first asks. */
    public synchronized List<GuideSection> sections() {
        List<GuideSection> known = sections;
        if (known == null) {
            known = read();
            sections = known;
        }
        return known;
    }

    /** A section that was not made into HTML yet. */
    private record Draft(Page page, String title, String body) {
        String anchor() {
            return title.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        }
    }

    private static List<GuideSection> read() {
        List<Draft> drafts =
                PAGES.stream().flatMap(page -> drafts(page).stream()).toList();
        Map<String, String> firsts = drafts.stream()
                .collect(Collectors.toMap(each -> each.page().name(), Draft::anchor, (first, later) -> first));
        return drafts.stream().map(each -> section(each, firsts::get)).toList();
    }

    private static List<Draft> drafts(Page page) {
        String all = text(page.file());
        Matcher title = TITLE.matcher(all);
        if (!title.find()) {
            throw new IllegalStateException(page.file() + " has no title");
        }
        String body = all.substring(title.end()).strip();
        if (page.whole()) {
            return List.of(new Draft(page, title.group(1), body));
        }
        List<Draft> drafts = new ArrayList<>();
        String[] parts = body.split("(?m)^## ");
        if (!parts[0].isBlank()) {
            drafts.add(new Draft(page, title.group(1), parts[0]));
        }
        for (int i = 1; i < parts.length; i++) {
            int end = parts[i].indexOf('\n');
            String heading = parts[i].substring(0, end).replace("`", "").strip();
            drafts.add(new Draft(page, heading, parts[i].substring(end + 1)));
        }
        return drafts;
    }

    private static String text(String file) {
        try (InputStream in = Objects.requireNonNull(Guide.class.getResourceAsStream("/guide/" + file), file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private static GuideSection section(Draft draft, Function<String, @Nullable String> anchorOf) {
        String linked = LINK.matcher(draft.body()).replaceAll(found -> {
            String to = found.group(2);
            String anchor = anchorOf.apply(to.substring(to.lastIndexOf('/') + 1));
            // What is in the sources and not in the program is named only.
            return Matcher.quoteReplacement(
                    anchor == null ? found.group(1) : "[" + found.group(1) + "](" + ADDRESS + anchor + ")");
        });
        Markdown body = Markdown.of(linked.replace("](screenshots/", "](" + PICTURES));
        return new GuideSection(draft.page().book(), draft.anchor(), draft.title(), body.html(), body.text());
    }
}

package org.waxbell.app.rest;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.web.util.HtmlUtils;
import org.waxbell.event.Standing;
import org.waxbell.wiring.PublicWord;

/** The words for viewers as a page: readable without any script, with one to search it, and whole in one file where it is to stand elsewhere. */
final class WordsPage {
    private static final String TITLE = "Words you may use in chat";
    private final List<PublicWord> words;

    WordsPage(List<PublicWord> words) {
        this.words = words.stream().filter(PublicWord::on).toList();
    }

    /** The page as this program serves it. */
    String served() {
        return page(
                "<link rel=\"icon\" href=\"/bell.svg\"><link rel=\"stylesheet\" href=\"/assets/words.css\">",
                "<script src=\"/assets/words.js\" defer></script>");
    }

    /** The same as one file that needs nothing beside it. */
    String file() {
        return page("<style>" + asset("words.css") + "</style>", "<script>" + asset("words.js") + "</script>");
    }

    private static String asset(String name) {
        try (InputStream in = WordsPage.class.getResourceAsStream("/static/assets/" + name)) {
            return new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private String page(String style, String script) {
        String choices = Stream.concat(
                        Stream.of(Standing.HOST),
                        Stream.of(Standing.values())
                                .filter(each -> each != Standing.HOST)
                                .sorted(Comparator.reverseOrder()))
                .map(WordsPage::choice)
                .collect(Collectors.joining());
        Map<String, List<PublicWord>> racks = words.stream()
                .collect(Collectors.groupingBy(PublicWord::rack, LinkedHashMap::new, Collectors.toList()));
        String lists = racks.entrySet().stream()
                .map(each -> "<section><h2>" + escape(each.getKey()) + "</h2><dl>"
                        + each.getValue().stream().map(WordsPage::entry).collect(Collectors.joining())
                        + "</dl></section>")
                .collect(Collectors.joining());
        return "<!doctype html><html lang=\"en\"><head><meta charset=\"utf-8\"><meta name=\"viewport\" content=\"width=device-width\"><title>"
                + TITLE + "</title>"
                + style + "</head><body><main><h1>" + TITLE + "</h1>" + choices(choices)
                + "<label class=\"find\" hidden>Find <input type=\"search\" id=\"find\"></label>"
                + (words.isEmpty() ? "<p>There are none yet.</p>" : lists)
                + "<p id=\"none\" role=\"status\" hidden>Nothing found.</p></main>" + script + "</body></html>";
    }

    /** The choices stand before the lists, as siblings, so that the style alone can hide what is not for the one chosen. */
    private static String choices(String choices) {
        return "<p class=\"who\">Show what may be used by</p>" + choices;
    }

    private static String choice(Standing standing) {
        String name = name(standing);
        return "<input type=\"radio\" name=\"who\" id=\"" + name + "\"" + (standing == Standing.HOST ? " checked" : "")
                + "><label for=\"" + name + "\">"
                + (standing == Standing.HOST ? "all words" : standing == Standing.ANYONE ? "anyone" : standing.plural())
                + "</label>";
    }

    private static String name(Standing standing) {
        return standing.name().toLowerCase(Locale.ROOT);
    }

    private static String entry(PublicWord word) {
        String classes = List.of(Standing.values()).stream()
                .filter(each -> each != Standing.HOST && !word.standings().contains(each))
                .map(each -> "not-" + name(each))
                .collect(Collectors.joining(" "));
        String others = word.words().size() < 2
                ? ""
                : " <small>or "
                        + escape(String.join(
                                ", ", word.words().subList(1, word.words().size()))) + "</small>";
        return "<div class=\"word " + classes + "\"><dt><code>"
                + escape(word.words().get(0)) + "</code>" + others + "</dt><dd>" + escape(word.description())
                + "<span class=\"rule\">" + escape(word.rule()) + "</span></dd></div>";
    }

    private static String escape(String text) {
        return HtmlUtils.htmlEscape(text, "UTF-8");
    }
}

package org.waxbell.voice;

import com.google.re2j.Matcher;
import com.google.re2j.Pattern;
import java.util.Map;
import java.util.Optional;

/** Addresses of pages: with a scheme, with www, or a name that ends as names of hosts do and goes on with a stroke or stands alone. */
final class LinkRule implements TextRule {
    private static final Pattern LINK = Pattern.compile(
            "(?i)\\b(?:https?://|www\\.)\\S+|\\b[a-z0-9-]{2,}(?:\\.[a-z0-9-]{2,})*\\.(?:com|net|org|io|tv|gg|co|me|info|biz|dev|app|xyz|link|live|shop|online|ru|de|uk|fr|nl|eu)\\b(?:/\\S*)?");

    @Override
    public String name() {
        return "link";
    }

    @Override
    public String title() {
        return "Links";
    }

    @Override
    public Doing doing(Reading reading) {
        return reading.links();
    }

    @Override
    public Optional<Found> look(String text, Reading reading) {
        Matcher links = LINK.matcher(text);
        long count = 0;
        while (links.find()) {
            count++;
        }
        return count == 0
                ? Optional.empty()
                : Optional.of(new Found(
                        count == 1 ? "a link" : count + " links",
                        Map.of("links", count),
                        links.replaceAll(" "),
                        links.replaceAll(Matcher.quoteReplacement(reading.linkWords()))));
    }
}

package org.waxbell.app.health;

import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.waxbell.app.store.PersonMapper;

/** Puts {@code someone} in place of the name of everybody who was ever seen, and of what else tells who somebody is. */
final class Veil {
    private static final String SOMEONE = "someone";
    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}_]+(?:-[\\p{L}\\p{N}_]+)*");
    private static final Pattern ADDRESS =
            Pattern.compile("(?<![\\d.])(?!127\\.0\\.0\\.1)\\d{1,3}(?:\\.\\d{1,3}){3}(?![\\d.])");
    private final PersonMapper people;
    private final Set<String> others;

    /** @param others names that stand elsewhere than among people */
    Veil(PersonMapper people, Set<String> others) {
        this.people = people;
        this.others = others;
    }

    /** The text without them. */
    String over(String text) {
        String folded = text.toLowerCase(Locale.ROOT);
        Set<String> words = new HashSet<>();
        WORD.matcher(folded).results().map(MatchResult::group).forEach(words::add);
        Set<String> found = new HashSet<>();
        Set<String> odd = new HashSet<>();
        others.forEach(name -> look(name, words, folded, found, odd));
        people.names(each -> look(each.getResultObject(), words, folded, found, odd));
        String bare = text;
        for (String name : odd) {
            bare = Pattern.compile(Pattern.quote(name), Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE)
                    .matcher(bare)
                    .replaceAll(SOMEONE);
        }
        bare = WORD.matcher(bare)
                .replaceAll(each -> found.contains(each.group().toLowerCase(Locale.ROOT))
                        ? SOMEONE
                        : Matcher.quoteReplacement(each.group()));
        String home = System.getProperty("user.home", "");
        return ADDRESS.matcher(home.length() > 1 ? bare.replace(home, "~") : bare)
                .replaceAll("an address");
    }

    private static void look(String name, Set<String> words, String folded, Set<String> found, Set<String> odd) {
        String key = name.toLowerCase(Locale.ROOT);
        if (words.contains(key)) {
            found.add(key);
        } else if (!key.isBlank() && !WORD.matcher(key).matches() && folded.contains(key)) {
            odd.add(name);
        }
    }
}

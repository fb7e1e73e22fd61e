package org.waxbell.voice;

import com.ibm.icu.text.Normalizer2;
import com.ibm.icu.text.SpoofChecker;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Words that the host does not want to hear, also in letters that look like theirs (the skeleton of Unicode Technical Standard
 * 39), stretched, spelled out, and with signs between.
 */
final class UnwelcomeRule implements TextRule {
    private static final SpoofChecker LIKENESS =
            new SpoofChecker.Builder().setChecks(SpoofChecker.CONFUSABLE).build();
    private static final Map<Character, Character> DIGITS =
            Map.of('0', 'o', '1', 'i', '3', 'e', '4', 'a', '5', 's', '7', 't', '8', 'b', '@', 'a', '$', 's', '!', 'i');
    private static final int MOST_SPELLED = 24;

    /** Words that belong together: one, or the letters of one that is spelled out. @param to behind the last of them */
    private record Group(String form, int from, int to) {}

    /** A list and its forms. */
    private record Known(List<String> words, Set<String> forms) {}

    private volatile @Nullable Known lately;

    @Override
    public String name() {
        return "unwelcome";
    }

    @Override
    public String title() {
        return "Unwelcome words";
    }

    @Override
    public Doing doing(Reading reading) {
        return reading.unwelcome();
    }

    @Override
    public Optional<Found> look(String text, Reading reading) {
        Set<String> unwelcome = forms(reading.unwelcomeWords());
        if (unwelcome.isEmpty()) {
            return Optional.empty();
        }
        String[] words = text.split(" ");
        Set<Integer> gone = new HashSet<>();
        Set<Integer> first = new HashSet<>();
        for (Group group : groups(words)) {
            if (unwelcome.contains(group.form())
                    || Stream.of("s", "es")
                            .anyMatch(end -> group.form().endsWith(end)
                                    && unwelcome.contains(group.form()
                                            .substring(0, group.form().length() - end.length())))) {
                first.add(group.from());
                for (int i = group.from(); i < group.to(); i++) {
                    gone.add(i);
                }
            }
        }
        return first.isEmpty()
                ? Optional.empty()
                : Optional.of(new Found(
                        first.size() == 1 ? "an unwelcome word" : first.size() + " unwelcome words",
                        Map.of("unwelcome", (long) first.size()),
                        rest(words, gone, Set.of(), ""),
                        rest(words, gone, first, reading.standIn())));
    }

    /** The forms of a list, worked out once for as long as it stays the same list. */
    private Set<String> forms(List<String> words) {
        Known known = lately;
        if (known == null || known.words() != words) {
            Set<String> forms = words.stream().map(UnwelcomeRule::form).collect(Collectors.toSet());
            forms.remove("");
            known = new Known(words, forms);
            lately = known;
        }
        return known.forms();
    }

    private static List<Group> groups(String[] words) {
        List<String> forms = Arrays.stream(words).map(UnwelcomeRule::form).toList();
        List<Group> all = new ArrayList<>();
        int letters = 0;
        for (int i = 0; i < words.length; i++) {
            all.add(new Group(forms.get(i), i, i + 1));
            letters = forms.get(i).length() == 1 ? Math.min(MOST_SPELLED, letters + 1) : 0;
            String spelled = forms.get(i);
            for (int from = i - 1; from > i - letters; from--) {
                spelled = forms.get(from) + spelled;
                all.add(new Group(plain(spelled), from, i + 1));
            }
        }
        return all;
    }

    private static String rest(String[] words, Set<Integer> gone, Set<Integer> first, String instead) {
        List<String> kept = new ArrayList<>();
        for (int i = 0; i < words.length; i++) {
            if (first.contains(i)) {
                kept.add(instead);
            } else if (!gone.contains(i)) {
                kept.add(words[i]);
            }
        }
        return String.join(" ", kept);
    }

    /** What a word is compared by: what it looks like in small letters, without signs, marks and repeats. */
    static String form(String word) {
        String folded = Normalizer2.getNFKCCasefoldInstance().normalize(word);
        StringBuilder signs = new StringBuilder();
        for (char each : folded.toCharArray()) {
            signs.append(DIGITS.getOrDefault(each, each));
        }
        return plain(Normalizer2.getNFDInstance()
                .normalize(LIKENESS.getSkeleton(signs.toString()).toLowerCase(Locale.ROOT)));
    }

    /** Letters alone, each once where it is stretched. */
    private static String plain(String skeleton) {
        StringBuilder form = new StringBuilder();
        // The strokes i, l and 1 look alike, and m like rn.
        skeleton.replace('l', 'i')
                .replace("rn", "m")
                .codePoints()
                .filter(Character::isLetterOrDigit)
                .forEach(each -> {
                    if (form.isEmpty() || form.codePointBefore(form.length()) != each) {
                        form.appendCodePoint(each);
                    }
                });
        return form.toString();
    }
}

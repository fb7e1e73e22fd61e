package org.waxbell.voice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/** The same sign more than three times in a row, or the same few words more than twice: read once it is enough. */
final class RepeatsRule implements TextRule {
    private static final Pattern SIGN = Pattern.compile("(\\X)\\1{3,}+");
    private static final Pattern END = Pattern.compile("[,.!?]+$");
    private static final int MOST_WORDS = 3;
    private static final int TOO_OFTEN = 3;

    @Override
    public String name() {
        return "repeats";
    }

    @Override
    public String title() {
        return "The same again and again";
    }

    @Override
    public Doing doing(Reading reading) {
        return reading.repeats();
    }

    @Override
    public Optional<Found> look(String text, Reading reading) {
        String signs = SIGN.matcher(text).replaceAll("$1$1");
        String once = once(signs.split(" "));
        return once.length() == text.length()
                ? Optional.empty()
                : Optional.of(new Found(
                        "the same again and again (" + text.length() + " characters that are " + once.length() + ")",
                        Map.of("repeated", (long) text.length() - once.length()),
                        once,
                        reading.standIn()));
    }

    /** Each piece of a few words that goes on and on, once. */
    private static String once(String[] words) {
        List<String> keys = Arrays.stream(words)
                .map(word -> END.matcher(word.toLowerCase(Locale.ROOT)).replaceAll(""))
                .toList();
        List<String> kept = new ArrayList<>();
        for (int at = 0; at < words.length; ) {
            int size = 1;
            while (size <= MOST_WORDS && times(keys, at, size) < TOO_OFTEN) {
                size++;
            }
            int again = size > MOST_WORDS ? 1 : times(keys, at, size);
            int step = size > MOST_WORDS ? 1 : size;
            kept.addAll(Arrays.asList(words).subList(at, at + step));
            at += step * again;
        }
        return String.join(" ", kept);
    }

    /** How many times the words from there on stand one after another. */
    private static int times(List<String> keys, int at, int size) {
        int times = 1;
        for (int next = at + size;
                next + size <= keys.size() && keys.subList(next, next + size).equals(keys.subList(at, at + size));
                next += size) {
            times++;
        }
        return times;
    }
}

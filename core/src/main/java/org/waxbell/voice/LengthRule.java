package org.waxbell.voice;

import com.ibm.icu.text.BreakIterator;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** More than what is said at once; it is cut behind a sentence, or else behind a word. */
final class LengthRule implements TextRule {
    @Override
    public String name() {
        return "tooLong";
    }

    @Override
    public String title() {
        return "Too long";
    }

    @Override
    public Doing doing(Reading reading) {
        return reading.tooLong();
    }

    @Override
    public Optional<Found> look(String text, Reading reading) {
        return text.length() <= reading.longest()
                ? Optional.empty()
                : Optional.of(new Found(
                        text.length() + " characters, and " + reading.longest() + " are said at most",
                        Map.of("characters", (long) text.length()),
                        cut(text, reading.longest()),
                        reading.standIn()));
    }

    private static String cut(String text, int longest) {
        int sentence = before(BreakIterator.getSentenceInstance(Locale.ROOT), text, longest);
        int word = before(BreakIterator.getWordInstance(Locale.ROOT), text, longest);
        int end = sentence > longest / 3 ? sentence : word > 0 ? word : longest;
        return text.substring(0, end).strip();
    }

    /** The last place at or before {@code longest} at which it may be cut. */
    private static int before(BreakIterator places, String text, int longest) {
        places.setText(text);
        return places.isBoundary(longest) ? longest : Math.max(0, places.preceding(longest));
    }
}

package org.waxbell.voice;

import java.util.Map;
import java.util.Optional;

/** Nothing but signs and emoji: there is no word in it. */
final class SignsRule implements TextRule {
    @Override
    public String name() {
        return "signs";
    }

    @Override
    public String title() {
        return "Only signs or emoji";
    }

    @Override
    public Doing doing(Reading reading) {
        return reading.signs();
    }

    @Override
    public Optional<Found> look(String text, Reading reading) {
        return text.isEmpty() || text.codePoints().anyMatch(Character::isLetterOrDigit)
                ? Optional.empty()
                : Optional.of(new Found(
                        "only signs", Map.of("signs", text.codePoints().count()), "", reading.standIn()));
    }
}

package org.waxbell.keys;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A key with the modifiers that are held meanwhile, such as {@code Ctrl+1}, {@code F6} or {@code ArrowLeft}; keys are named as the
 * UI Events specification of the W3C names them.
 *
 * @param modifiers in the order Ctrl, Alt, Shift, Meta
 * @param key       such as {@code A}, {@code 7}, {@code F6}, {@code Space} or {@code ArrowLeft}
 */
public record KeyName(List<String> modifiers, String key) {
    /** How one is written. */
    public static final String PATTERN = "(Ctrl\\+)?(Alt\\+)?(Shift\\+)?(Meta\\+)?"
            + "([A-Z0-9]|F([1-9]|1[0-9]|2[0-4])|Arrow(Left|Right|Up|Down)|Space|Enter|Escape|Tab|Backspace|Delete|Home|End|PageUp|PageDown)";

    public KeyName {
        modifiers = List.copyOf(modifiers);
    }

    /** The key that is written so; empty where none is. */
    public static Optional<KeyName> of(String written) {
        if (!written.matches(PATTERN)) {
            return Optional.empty();
        }
        List<String> words = new ArrayList<>(List.of(written.split("\\+")));
        String key = words.remove(words.size() - 1);
        return Optional.of(new KeyName(words, key));
    }

    /** As it is written. */
    @Override
    public String toString() {
        return String.join("+", all());
    }

    /** All keys that are down while it is, modifiers first. */
    public List<String> all() {
        List<String> all = new ArrayList<>(modifiers);
        all.add(key);
        return all;
    }
}

package org.waxbell.extension;

import java.util.HashSet;
import java.util.List;
import org.waxbell.check.Problems;

/**
 * One field of a script's own settings.
 *
 * @param key     how the script names it
 * @param title   what stands beside it in the form
 * @param hint    what there is to know of it, empty text for nothing
 * @param type    what it holds
 * @param least   the least number; not looked at for other types
 * @param most    the greatest number, or the greatest length of a text
 * @param choices what a choice may be; empty for other types
 * @param fresh   what stands there before anybody wrote
 */
public record ScriptSetting(
        String key, String title, String hint, Type type, long least, long most, List<String> choices, String fresh) {
    private static final String KEY = "[a-zA-Z][a-zA-Z0-9]{0,29}";
    private static final int LONGEST_TITLE = 80;
    private static final int LONGEST_HINT = 200;
    private static final int MOST_CHOICES = 40;

    /** What a setting holds. */
    public enum Type {
        /** Text in one line. */
        TEXT,
        /** A whole number. */
        NUMBER,
        /** Yes or no, as {@code true} and {@code false}. */
        FLAG,
        /** One of a few. */
        CHOICE
    }

    public ScriptSetting {
        choices = List.copyOf(choices);
    }

    /** Text of at most {@code most} characters. */
    public static ScriptSetting text(String key, String title, String hint, long most, String fresh) {
        return new ScriptSetting(key, title, hint, Type.TEXT, 0, most, List.of(), fresh);
    }

    /** A whole number from {@code least} to {@code most}. */
    public static ScriptSetting number(String key, String title, String hint, long least, long most, long fresh) {
        return new ScriptSetting(key, title, hint, Type.NUMBER, least, most, List.of(), Long.toString(fresh));
    }

    /** Yes or no. */
    public static ScriptSetting flag(String key, String title, String hint, boolean fresh) {
        return new ScriptSetting(key, title, hint, Type.FLAG, 0, 0, List.of(), Boolean.toString(fresh));
    }

    /** One of a few. */
    public static ScriptSetting choice(String key, String title, String hint, List<String> choices, String fresh) {
        return new ScriptSetting(key, title, hint, Type.CHOICE, 0, 0, choices, fresh);
    }

    /** Why it cannot be that, as a sentence; empty text where it can. */
    public String faultOf(String value) {
        return switch (type) {
            case TEXT -> value.length() <= most ? "" : title + " is longer than " + most + " characters.";
            case NUMBER ->
                value.matches("-?\\d{1,15}") && Long.parseLong(value) >= least && Long.parseLong(value) <= most
                        ? ""
                        : title + " is a whole number from " + least + " to " + most + ".";
            case FLAG -> value.equals("true") || value.equals("false") ? "" : title + " is true or false.";
            case CHOICE -> choices.contains(value) ? "" : title + " is one of " + String.join(", ", choices) + ".";
        };
    }

    /** The value as scripts have it: a number, yes or no, or text. */
    public Object read(String value) {
        return switch (type) {
            case NUMBER -> Long.valueOf(value);
            case FLAG -> Boolean.valueOf(value);
            default -> value;
        };
    }

    void check(Problems problems) {
        if (!key.matches(KEY)) {
            problems.at("key").add(key, "This is no name of a setting.", "Write letters and digits, such as heaviest.");
        }
        problems.at("title").text(title, LONGEST_TITLE, "The title");
        if (hint.length() > LONGEST_HINT) {
            problems.at("hint").add(hint, "The hint is too long.", "Write at most " + LONGEST_HINT + " characters.");
        }
        if (type == Type.CHOICE
                && (choices.isEmpty()
                        || choices.size() > MOST_CHOICES
                        || new HashSet<>(choices).size() < choices.size())) {
            problems.at("choices")
                    .add(choices, "These are no choices.", "Give from 1 to " + MOST_CHOICES + ", each once.");
        }
        if (least > most) {
            problems.at("least").add(least, "The least is more than the most, " + most + ".", "Give less.");
        } else if (!faultOf(fresh).isEmpty()) {
            problems.at("fresh").add(fresh, faultOf(fresh), "Begin with one that fits.");
        }
    }
}

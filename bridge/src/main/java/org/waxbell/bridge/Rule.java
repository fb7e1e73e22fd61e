package org.waxbell.bridge;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.swing.KeyStroke;
import org.waxbell.check.Problems;
import org.waxbell.mixer.MixerChange;

/**
 * What a change becomes in the program behind the bridge. What is left out fits everything.
 *
 * @param change a kind of change, by the names of the mixer link, such as {@code scene.cut}
 * @param send   an address of Open Sound Control; absent where keys are pressed
 * @param with   what is sent with it: words, and {@code {scene} {source} {text} {level} {share} {on} {left} {top} {width} {height}}
 * @param press  keys as Java writes them, such as {@code ctrl shift F2}; absent where something is sent
 */
record Rule(
        String change,
        String scene,
        String source,
        String filter,
        Boolean on,
        String send,
        List<String> with,
        String press) {
    private static final Pattern VALUE = Pattern.compile("\\{([a-z]+)}");
    private static final float PERCENT = 100f;

    Rule {
        with = with == null ? List.of() : List.copyOf(with);
    }

    /** Whether it says what becomes of this change. */
    boolean fits(MixerChange wanted) {
        return wanted.what().equals(change)
                && (scene == null || scene.equals(wanted.scene()))
                && (source == null || source.equals(wanted.source()))
                && (filter == null || filter.equals(wanted.filter()))
                && (on == null || on == wanted.on());
    }

    /** The address to send to, with what is named in it. */
    String address(MixerChange wanted) {
        return words(send, wanted);
    }

    /** What is sent, numbers as numbers. */
    List<Object> arguments(MixerChange wanted) {
        List<Object> all = new ArrayList<>();
        for (String each : with) {
            Matcher alone = VALUE.matcher(each);
            all.add(alone.matches() ? value(alone.group(1), wanted) : words(each, wanted));
        }
        return all;
    }

    private static String words(String text, MixerChange wanted) {
        return VALUE.matcher(text)
                .replaceAll(each -> Matcher.quoteReplacement(String.valueOf(value(each.group(1), wanted))));
    }

    private static Object value(String name, MixerChange wanted) {
        return switch (name) {
            case "scene" -> wanted.scene();
            case "source" -> wanted.source();
            case "filter" -> wanted.filter();
            case "text" -> wanted.text();
            case "level" -> wanted.level();
            case "share" -> wanted.level() / PERCENT;
            case "on" -> wanted.on() ? 1 : 0;
            case "left" -> wanted.place().left();
            case "top" -> wanted.place().top();
            case "width" -> wanted.place().width();
            case "height" -> wanted.place().height();
            default -> "{" + name + "}";
        };
    }

    /** Adds what is wrong with it. @param osc whether the program can be told by messages */
    void check(boolean osc, Problems here) {
        if (change == null || change.isBlank()) {
            here.at("change").add("", "It is missing.", "Write which, such as \"scene.cut\".");
        }
        if ((send == null) == (press == null)) {
            here.add("", "It says nothing that is done, or two things.", "Write either \"send\" or \"press\".");
        } else if (send != null && !send.startsWith("/")) {
            here.at("send").add(send, "It is no address of OSC.", "Begin it with /.");
        } else if (send != null && !osc) {
            here.at("send").add(send, "There is no \"osc\" that says where to.", "Add it.");
        } else if (press != null && KeyStroke.getKeyStroke(press) == null) {
            here.at("press").add(press, "It is no key.", "Write it such as \"ctrl shift F2\".");
        }
    }
}

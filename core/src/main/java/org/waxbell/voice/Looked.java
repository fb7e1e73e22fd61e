package org.waxbell.voice;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What came of looking at a text.
 *
 * @param text     what of it may be said, as it is written and not yet as it is read
 * @param findings what was found, in the order of the rules
 */
public record Looked(String text, List<Finding> findings) {
    /** What one rule found, and what was done about it. @param rule its name @param title what it looks for */
    public record Finding(String rule, String title, String reason, Map<String, Long> numbers, Doing doing) {}

    public Looked {
        findings = List.copyOf(findings);
    }

    /** Looks at what a viewer wrote by every rule. */
    public static Looked at(String written, Reading reading) {
        String text = PlainText.of(written);
        List<Finding> findings = new ArrayList<>();
        for (TextRule rule : TextRules.ALL) {
            TextRule.Found found = rule.look(text, reading).orElse(null);
            if (found == null) {
                continue;
            }
            Doing doing = rule.doing(reading);
            findings.add(new Finding(rule.name(), rule.title(), found.reason(), found.numbers(), doing));
            if (doing == Doing.LEAVE) {
                text = found.without().strip();
            } else if (doing == Doing.INSTEAD) {
                text = found.instead().strip();
            }
        }
        return new Looked(text, findings);
    }

    /** Text without what cannot be said: control signs, marks heaped on one letter, and spaces beside spaces. */
    public static String plain(String text) {
        return PlainText.of(text);
    }

    /** Whether all of it is kept out, or nothing is left of it. */
    public boolean held() {
        return text.isEmpty() || doing(Doing.HOLD);
    }

    /** Whether it waits for the host. */
    public boolean asks() {
        return !held() && doing(Doing.ASK);
    }

    private boolean doing(Doing what) {
        return findings.stream().anyMatch(each -> each.doing() == what);
    }

    /** Why it is kept out or waits, as the end of a sentence; what was found in all where it does neither. */
    public String reason() {
        Doing worst = doing(Doing.HOLD) ? Doing.HOLD : Doing.ASK;
        List<String> why = findings.stream()
                .filter(each -> !doing(worst) || each.doing() == worst)
                .map(Finding::reason)
                .toList();
        return why.isEmpty() ? "nothing is left to say" : String.join(", ", why);
    }

    /** What comes of it, in words: that and why it is kept out or waits, or what was found; empty text where nothing was. */
    public String verdict() {
        return held()
                ? "kept out: " + reason()
                : asks() ? "waits for you: " + reason() : findings.isEmpty() ? "" : reason();
    }

    /** The numbers behind the reason. */
    public Map<String, Long> numbers() {
        Map<String, Long> all = new HashMap<>();
        findings.forEach(each -> all.putAll(each.numbers()));
        return all;
    }
}

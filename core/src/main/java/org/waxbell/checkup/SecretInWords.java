package org.waxbell.checkup;

import com.google.re2j.Pattern;
import org.waxbell.cue.Cue;
import org.waxbell.wiring.Wiring;

/** Words that look like a password or a key, which everyone would read. */
final class SecretInWords extends CueRule {
    private static final Pattern SECRET =
            Pattern.compile("(?i)(password|secret|token|api.?key)\\s*[:=]\\s*\\S|[A-Za-z0-9_-]{40,}|/stage#k=|/hook/");

    SecretInWords() {
        super("secret-in-words", Remark.Severity.GRAVE);
    }

    @Override
    void look(Wiring wiring, Cue cue, Found found) {
        for (Placed each : parts(cue)) {
            if (each.part().patterns().stream()
                    .anyMatch(pattern -> SECRET.matcher(pattern).find())) {
                found.add(
                        each.path(),
                        "These words look like a secret, and everyone would read them.",
                        "Take it out, and renew it where it was used.");
            }
        }
    }
}

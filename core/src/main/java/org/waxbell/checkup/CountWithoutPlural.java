package org.waxbell.checkup;

import com.google.re2j.Matcher;
import com.google.re2j.Pattern;
import org.waxbell.cue.Cue;
import org.waxbell.wiring.Wiring;

/** A count with a word behind it that is right for only some counts: five sprig, one drips. */
final class CountWithoutPlural extends CueRule {
    private static final Pattern COUNTED = Pattern.compile("\\{([a-z][A-Za-z0-9]*)\\} ([a-z]{3,})");

    CountWithoutPlural() {
        super("count-without-plural", Remark.Severity.HINT);
    }

    @Override
    void look(Wiring wiring, Cue cue, Found found) {
        for (Placed each : parts(cue)) {
            for (String pattern : each.part().patterns()) {
                Matcher counted = COUNTED.matcher(pattern);
                if (counted.find()
                        && (cue.someNumbers().contains(counted.group(1))
                                || counted.group(1).startsWith("slate"))) {
                    String word = counted.group(2);
                    found.add(
                            each.path(),
                            "{" + counted.group(1) + "} " + word + " reads wrong for 1 or for 5.",
                            "Write {" + counted.group(1) + ", plural, one {# " + word.replaceAll("s$", "")
                                    + "} other {# " + (word.endsWith("s") ? word : word + "s") + "}}.");
                }
            }
        }
    }
}

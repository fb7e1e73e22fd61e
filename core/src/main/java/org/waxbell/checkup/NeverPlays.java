package org.waxbell.checkup;

import org.waxbell.cue.Cue;
import org.waxbell.cue.Take;
import org.waxbell.cue.TakeRule;
import org.waxbell.wiring.Wiring;

/** A take behind one that always fits, where the first that fits is played. */
final class NeverPlays extends CueRule {
    NeverPlays() {
        super("never-plays", Remark.Severity.GRAVE);
    }

    @Override
    void look(Wiring wiring, Cue cue, Found found) {
        if (cue.takeRule() != TakeRule.FIRST) {
            return;
        }
        Take always = null;
        for (int i = 0; i < cue.takes().size(); i++) {
            Take take = cue.takes().get(i);
            boolean spare = cue.takes().stream().anyMatch(each -> each.spare().equals(take.id()));
            if (always != null && !spare) {
                found.add(
                        "takes[" + i + "]",
                        take.name() + " can never play: " + always.name() + " stands before it and always fits.",
                        "Give " + always.name() + " a condition, or move it behind.");
            }
            if (always == null && take.when().isEmpty()) {
                always = take;
            }
        }
    }
}

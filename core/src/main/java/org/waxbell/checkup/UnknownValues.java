package org.waxbell.checkup;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.waxbell.cue.Cue;
import org.waxbell.wiring.CommandList;
import org.waxbell.wiring.Wiring;
import org.waxbell.words.Wording;

/** Words that name a value which is no more, such as one taken off the slate. */
final class UnknownValues extends CueRule {
    UnknownValues() {
        super("unknown-values", Remark.Severity.GRAVE);
    }

    @Override
    void look(Wiring wiring, Cue cue, Found found) {
        Set<String> known = new HashSet<>(cue.someFields());
        known.add(CommandList.VALUE);
        known.addAll(wiring.house().inWords(cue.someFields()).keySet());
        known.addAll(wiring.deskValues().keySet());
        parts(cue).forEach(each -> known.addAll(each.part().results().keySet()));
        for (Placed each : parts(cue)) {
            for (String pattern : each.part().patterns()) {
                for (Wording.Use use :
                        Wording.faultOf(pattern) == null ? Wording.uses(pattern) : List.<Wording.Use>of()) {
                    if (!known.contains(use.name())) {
                        found.add(
                                each.path(),
                                "Nothing brings the value {" + use.name() + "}, so its place stays empty on air.",
                                "Use another value, or take it away.");
                    }
                }
            }
        }
    }
}

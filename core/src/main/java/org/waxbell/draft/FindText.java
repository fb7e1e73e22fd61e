package org.waxbell.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.waxbell.cue.Cue;
import org.waxbell.cue.EventPull;
import org.waxbell.event.Facts;
import org.waxbell.gate.WhoGate;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;

/** All in a cue by which it may be found: its name, words, sentence, parts and their words, whom it names, and the trade's other words for its kinds. */
public final class FindText {
    private FindText() {}

    /** The text, in small letters. */
    public static String of(Cue cue, Naming names) {
        List<String> all = new ArrayList<>(List.of(cue.name(), cue.description(), Sentence.brief(cue, names)));
        cue.pulls().forEach(pull -> {
            about(pull.kind(), all);
            if (pull instanceof EventPull event) {
                Facts.awaited(event.event()).ifPresent(kind -> all.add(kind.name()));
            }
        });
        cue.gates().forEach(gate -> {
            about(gate.kind(), all);
            if (gate instanceof WhoGate who) {
                all.addAll(who.allow());
                all.addAll(who.deny());
                who.circles().forEach(circle -> all.add(names.circle(circle)));
            }
        });
        cue.takes().forEach(take -> {
            all.add(take.name());
            take.score().parts().forEach(part -> {
                about(part.kind(), all);
                for (Field field : part.kind().fields()) {
                    if (Kind.at(part, field.key()) instanceof String text) {
                        all.add(text);
                    }
                }
            });
        });
        return String.join("\n", all).toLowerCase(Locale.ROOT);
    }

    private static void about(Kind<?> kind, List<String> all) {
        all.add(kind.title());
        all.add(kind.also());
    }
}

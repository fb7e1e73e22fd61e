package org.waxbell.wiring;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.event.Standing;
import org.waxbell.gate.ArgumentGate;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.Gate;
import org.waxbell.gate.PriceGate;
import org.waxbell.gate.WhoGate;
import org.waxbell.sentence.Said;
import org.waxbell.time.Spans;

/**
 * A chat command as viewers are told of it.
 *
 * @param cue         id of the cue that it rings
 * @param words       its chat words with their prefix, the one it is known by first
 * @param description what it does, may be empty text
 * @param rack        name of the rack in which it stands
 * @param on          whether it is switched on, as the wiring has it
 * @param standings   each that may use it; members with too few months do not count
 * @param rule        for whom it is, what must stand behind it, what it costs and how long it rests, in one line; may be empty text
 */
public record PublicWord(
        String cue,
        List<String> words,
        String description,
        String rack,
        boolean on,
        Set<Standing> standings,
        String rule) {
    static PublicWord of(ReadyCue ready, List<String> words, Wiring wiring) {
        Cue cue = ready.cue();
        Set<Standing> standings = EnumSet.allOf(Standing.class);
        List<String> rule = new ArrayList<>();
        for (Gate gate : cue.gates()) {
            if (gate instanceof WhoGate who && !who.standings().contains(Standing.ANYONE)) {
                standings.retainAll(who.standings());
                rule.add("for " + whom(who));
            } else if (gate instanceof ArgumentGate wants && !wants.inWords().isEmpty()) {
                rule.add("with " + wants.inWords() + " behind it");
            } else if (gate instanceof PriceGate costs && costs.price() > 0) {
                rule.add("costs " + wiring.house().points(costs.price()));
            } else if (gate instanceof CooldownGate rests && rest(rests) > 0) {
                rule.add("rests " + Spans.inWords(rest(rests)));
            }
        }
        return new PublicWord(
                cue.id(),
                words,
                cue.description(),
                wiring.rack(cue.rack()).map(Rack::name).orElse(""),
                ready.on(),
                standings,
                String.join(" · ", rule));
    }

    private static long rest(CooldownGate gate) {
        return Math.max(gate.forAllMs(), gate.perViewerMs());
    }

    private static String whom(WhoGate who) {
        List<String> names = new ArrayList<>(new TreeSet<>(who.standings())
                .stream().map(each -> each.plural(who.leastMonths())).toList());
        if (!who.allow().isEmpty() || !who.circles().isEmpty()) {
            names.add("some by name");
        }
        return names.isEmpty() ? "nobody" : Said.either(names);
    }
}

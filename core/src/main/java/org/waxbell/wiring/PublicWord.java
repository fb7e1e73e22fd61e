package org.waxbell.wiring;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.waxbell.cue.Cue;
import org.waxbell.event.Standing;
import org.waxbell.gate.ArgumentGate;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.Gate;
import org.waxbell.gate.PriceGate;
import org.waxbell.gate.WhoGate;

/**
 * A chat command as viewers are told of it.
 *
 * @param words       its chat words with their prefix, the one it is known by first
 * @param description what it does, may be empty text
 * @param rack        name of the rack in which it stands
 * @param on          whether it is switched on, as the wiring has it
 * @param standings   who may use it, whatever else must hold
 * @param months      months that members need, 0 for any
 * @param named       whether some may use it by name or by a circle too
 * @param restMs      how long it rests after anyone's use, in milliseconds, 0 for not at all
 * @param price       what it costs, in points, 0 for nothing
 * @param argument    what must stand behind the word, empty text for nothing
 */
public record PublicWord(
        List<String> words,
        String description,
        String rack,
        boolean on,
        Set<Standing> standings,
        int months,
        boolean named,
        long restMs,
        long price,
        String argument) {
    static PublicWord of(ReadyCue ready, List<String> words, String rack) {
        Cue cue = ready.cue();
        Set<Standing> standings = new TreeSet<>(List.of(Standing.ANYONE));
        int months = 0;
        boolean named = false;
        long rest = 0;
        long price = 0;
        String argument = "";
        for (Gate gate : cue.gates()) {
            if (gate instanceof WhoGate who) {
                standings = new TreeSet<>(who.standings());
                months = who.leastMonths();
                named = !who.allow().isEmpty() || !who.circles().isEmpty();
            } else if (gate instanceof CooldownGate cooldown) {
                rest = Math.max(cooldown.forAllMs(), cooldown.perViewerMs());
            } else if (gate instanceof PriceGate costs) {
                price = costs.price();
            } else if (gate instanceof ArgumentGate wants) {
                argument = wants.inWords();
            }
        }
        return new PublicWord(
                words, cue.description(), rack, ready.on(), standings, months, named, rest, price, argument);
    }

    /** Whether somebody of that standing may use it; members with too few months do not count. */
    public boolean opensTo(Standing standing) {
        return standings.contains(Standing.ANYONE) || standings.contains(standing);
    }
}

package org.waxbell.checkup;

import org.waxbell.cue.Cue;
import org.waxbell.cue.CuePull;
import org.waxbell.gate.PriceGate;
import org.waxbell.gate.WhoGate;
import org.waxbell.score.PointsPart;
import org.waxbell.wiring.Wiring;
import org.waxbell.words.WordKey;

/** A cue that cannot ring, whatever happens. */
final class NeverRings extends CueRule {
    NeverRings() {
        super("never-rings", Remark.Severity.GRAVE);
    }

    @Override
    void look(Wiring wiring, Cue cue, Found found) {
        Cues.gate(cue, WhoGate.class)
                .filter(who -> who.standings().isEmpty()
                        && who.circles().isEmpty()
                        && who.allow().stream()
                                .allMatch(name -> who.deny().stream()
                                        .anyMatch(denied -> WordKey.of(denied).equals(WordKey.of(name)))))
                .ifPresent(who -> found.add(
                        "gates", "Everyone who may ring it is denied as well.", "Take a name off one of the lists."));
        boolean earned = wiring.cues().stream()
                .flatMap(other -> parts(other).stream())
                .anyMatch(each -> each.part() instanceof PointsPart part && part.amount() > 0);
        if (Cues.gate(cue, PriceGate.class).isPresent() && !earned) {
            found.add(
                    "gates",
                    "It costs points, and no cue gives any.",
                    "Let a cue give points, or take the price away.");
        }
        boolean waits = cue.pulls().stream()
                .allMatch(pull -> pull instanceof CuePull other
                        && wiring.cues().stream().noneMatch(each -> each.id().equals(other.cue()) && each.on()));
        if (waits) {
            found.add(
                    "pulls",
                    "It waits only for cues that are off or gone.",
                    "Give it another pull, or switch the other on.");
        }
    }
}

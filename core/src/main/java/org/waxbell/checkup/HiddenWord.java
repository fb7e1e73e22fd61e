package org.waxbell.checkup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.gate.Gate;
import org.waxbell.gate.StandBackGate;
import org.waxbell.wiring.Wiring;
import org.waxbell.words.WordKey;

/** One word that rings two cues at once, for one of them takes anything behind it and does not stand back. */
final class HiddenWord implements Rule {
    private record Word(Cue cue, String word, boolean any) {}

    @Override
    public String name() {
        return "word-twice";
    }

    @Override
    public List<Remark> look(Wiring wiring) {
        List<Word> words = new ArrayList<>();
        wiring.cues().stream()
                .filter(Cue::on)
                .forEach(cue -> cue.pulls().stream()
                        .filter(ChatWordPull.class::isInstance)
                        .map(ChatWordPull.class::cast)
                        .forEach(pull -> pull.chatWords(wiring.house().prefix())
                                .forEach(word -> words.add(new Word(
                                        cue, WordKey.of(word), pull.argument().isEmpty())))));
        List<Remark> remarks = new ArrayList<>();
        for (Word one : words) {
            for (Word other : words) {
                boolean both = one.any() && !other.any() && one.word().equals(other.word()) && one.cue() != other.cue();
                if (both && Cues.gate(one.cue(), StandBackGate.class).isEmpty()) {
                    remarks.add(new Remark(
                            Remark.Severity.DOUBTFUL,
                            name(),
                            one.cue().id(),
                            "pulls",
                            one.word() + " rings it also where " + other.cue().name() + " is meant.",
                            "Let it stand back where a more exact cue rang.",
                            Optional.of(standingBack(one.cue()))));
                }
            }
        }
        return remarks;
    }

    private static Cue standingBack(Cue cue) {
        List<Gate> gates = new ArrayList<>(cue.gates());
        gates.add(new StandBackGate());
        return cue.withGates(gates);
    }
}

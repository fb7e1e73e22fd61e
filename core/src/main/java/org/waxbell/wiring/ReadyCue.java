package org.waxbell.wiring;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.gate.Gate;
import org.waxbell.gate.GateAnswer;
import org.waxbell.gate.GateQuery;
import org.waxbell.gate.OnGate;

/** A cue made ready for ringing: its gates, the one it has by itself among them, in the order of asking. @param on both it and its rack */
public record ReadyCue(Cue cue, boolean on, List<Gate> gates, long remembersMs) {
    static ReadyCue of(Cue cue, Rack rack) {
        List<Gate> gates = new ArrayList<>(cue.gates());
        gates.add(new OnGate(cue.on(), rack.on(), rack.name()));
        gates.sort(Comparator.comparingInt(Gate::order));
        return new ReadyCue(cue, cue.on() && rack.on(), List.copyOf(gates), gates.stream().mapToLong(Gate::remembersMs).max().orElse(0));
    }

    /** The answers of the gates, up to and with the first that holds. */
    public List<GateAnswer> ask(GateQuery query) {
        List<GateAnswer> answers = new ArrayList<>(gates.size());
        for (Gate gate : gates) {
            GateAnswer answer = gate.ask(query);
            answers.add(answer);
            if (!answer.passed()) {
                break;
            }
        }
        return answers;
    }
}

package org.waxbell.gate;

import java.util.Map;
import org.waxbell.check.Problems;
import org.waxbell.condition.Scope;

/** Lets so many of a hundred through, by a draw that is written into the decision. @param percent 1 to 100 */
public record ChanceGate(int percent) implements Gate {
    @Override
    public String kind() {
        return "chance";
    }

    @Override
    public int order() {
        return 30;
    }

    @Override
    public Check ready(Scope scope) {
        return this::ask;
    }

    private GateAnswer ask(GateQuery query) {
        String drew = "drew " + (query.roll() + 1) + ", needs " + percent + " or less";
        Map<String, Long> numbers = Map.of("drew", query.roll() + 1L, "needs", (long) percent);
        return new GateAnswer("chance", query.roll() < percent, drew, numbers);
    }

    @Override
    public void check(Problems problems, Scope scope) {
        problems.at("percent").within(percent, 1, 100, "The chance", " percent");
    }
}

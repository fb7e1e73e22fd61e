package org.waxbell.gate;

import java.util.Map;
import org.waxbell.check.Problems;
import org.waxbell.condition.Condition;
import org.waxbell.condition.Scope;

/** Holds where a condition is not true. @param condition in CEL, see {@link Condition} */
public record ConditionGate(String condition) implements Gate {
    @Override
    public String kind() {
        return "condition";
    }

    @Override
    public int order() {
        return 25;
    }

    @Override
    public Check ready(Scope scope) {
        Condition compiled = Condition.of(condition, scope);
        return query -> {
            Condition.Verdict verdict = compiled.test(query::values);
            return verdict.holds()
                    ? GateAnswer.pass("condition", "holds")
                    : GateAnswer.held(
                            "condition",
                            verdict.fault().isEmpty() ? "not so: " + condition : verdict.fault(),
                            Map.of());
        };
    }

    @Override
    public void check(Problems problems, Scope scope) {
        Condition.check(problems.at("condition"), condition, scope);
    }
}

package org.waxbell.gate;

import java.util.Map;
import org.waxbell.check.Problems;
import org.waxbell.condition.Condition;
import org.waxbell.condition.Scope;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;

/** Holds where a condition is not true. @param condition in CEL, see {@link Condition} */
public record ConditionGate(String condition) implements Gate {
    /** What it says of itself. */
    public static final Kind<Gate> KIND = Kind.<Gate>of(
                    ConditionGate.class, "condition", "a condition holds", "Condition")
            .also("formula if")
            .saying("its condition does not hold")
            .with(Field.of(Field.Type.FORMULA, "condition", "Only if"))
            .making(on -> new ConditionGate("show.open"));

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Said said(Naming names) {
        return new Said(condition.isEmpty() ? "nothing yet" : condition, true, "");
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

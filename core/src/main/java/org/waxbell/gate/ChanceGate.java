package org.waxbell.gate;

import java.util.Map;
import org.waxbell.check.Problems;
import org.waxbell.condition.Scope;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;

/** Lets so many of a hundred through, by a draw that is written into the decision. @param percent 1 to 100 */
public record ChanceGate(int percent) implements Gate {
    /** What it says of itself. */
    public static final Kind<Gate> KIND = Kind.<Gate>of(ChanceGate.class, "chance", "by chance", "Chance")
            .also("random percent")
            .saying("chance")
            .with(Field.number("percent", "So many of a hundred", 1, 100)
                    .called("The chance")
                    .in("percent"))
            .making(on -> new ChanceGate(50));

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Said said(Naming names) {
        return Said.of(percent + " times of 100");
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
        KIND.check(this, problems);
    }
}

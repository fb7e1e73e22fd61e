package org.waxbell.gate;

import java.util.Map;
import org.waxbell.check.Problems;
import org.waxbell.condition.Scope;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;

/** Holds where the viewer cannot pay; paid when the first part starts, given back where nothing played. @param price in points */
public record PriceGate(@Override long price) implements Gate {
    /** What it says of itself. */
    public static final Kind<Gate> KIND = Kind.<Gate>of(PriceGate.class, "price", "it is paid for", "Price")
            .also("cost currency points")
            .saying("too few points")
            .with(Field.number("price", "Costs", 1, 1_000_000_000)
                    .called("The price")
                    .in("points")
                    .hint("Given back where nothing played."))
            .making(on -> new PriceGate(10));

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Said said(Naming names) {
        return Said.of("for " + names.points(price));
    }

    @Override
    public int order() {
        return 40;
    }

    @Override
    public Check ready(Scope scope) {
        return this::ask;
    }

    private GateAnswer ask(GateQuery query) {
        if (query.viewer().isEmpty()) {
            return GateAnswer.pass("price", "nobody has to pay");
        }
        if (!query.facts().kept()) {
            return GateAnswer.held("price", "points cannot be kept at the moment", Map.of());
        }
        long has = query.facts().canSpend(query.person());
        Map<String, Long> numbers = Map.of("has", has, "price", price);
        return has >= price
                ? new GateAnswer("price", true, "costs " + query.facts().points(price), numbers)
                : GateAnswer.held(
                        "price", "costs " + query.facts().points(price) + ", " + (price - has) + " short", numbers);
    }

    @Override
    public void check(Problems problems, Scope scope) {
        KIND.check(this, problems);
    }
}

package org.waxbell.condition;

import dev.cel.common.ast.CelExpr;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A condition as comparisons that are joined: what can be asked of a store as well as of an event. */
public sealed interface ConditionTree {
    /** All of them hold, or any. */
    record Joined(boolean any, List<ConditionTree> parts) implements ConditionTree {
        public Joined {
            parts = List.copyOf(parts);
        }
    }

    /** It does not hold. */
    record Not(ConditionTree part) implements ConditionTree {}

    /** One comparison. @param type of what is looked at */
    record One(ConditionRows.Row row, Scope.Type type) implements ConditionTree {}

    /** Reads a condition; empty where it has a fault, or does more than compare names with what is written there. */
    static Optional<ConditionTree> of(String text, Scope scope) {
        return Condition.faultsOf(text, scope).isEmpty()
                ? Condition.parsed(text, scope).flatMap(ConditionTree::of)
                : Optional.empty();
    }

    private static Optional<ConditionTree> of(CelExpr tree) {
        for (String sign : List.of(ConditionRows.AND, ConditionRows.OR)) {
            if (ConditionRows.isCall(tree, sign)) {
                return joined(ConditionRows.joined(tree, sign), sign.equals(ConditionRows.OR));
            }
        }
        Optional<ConditionTree> leaf = ConditionRows.row(tree).map(read -> new One(read.row(), read.type()));
        if (leaf.isPresent() || !ConditionRows.isCall(tree, ConditionRows.NOT)) {
            return leaf;
        }
        return of(ConditionRows.args(tree.call()).get(0)).map(Not::new);
    }

    private static Optional<ConditionTree> joined(List<CelExpr> all, boolean any) {
        List<ConditionTree> parts = new ArrayList<>();
        for (CelExpr each : all) {
            Optional<ConditionTree> part = of(each);
            if (part.isEmpty()) {
                return Optional.empty();
            }
            parts.add(part.get());
        }
        return Optional.of(new Joined(any, parts));
    }
}

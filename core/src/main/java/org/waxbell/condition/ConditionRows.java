package org.waxbell.condition;

import dev.cel.common.ast.CelConstant;
import dev.cel.common.ast.CelExpr;
import dev.cel.common.ast.CelExpr.CelCall;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * A condition as rows of field, comparison and value, read from its parsed tree.
 *
 * @param any  whether one of the rows must hold, else all
 * @param rows the rows, none for a condition that is empty
 */
public record ConditionRows(boolean any, List<Row> rows) {
    static final String AND = "_&&_";
    static final String OR = "_||_";
    static final String NOT = "!_";
    private static final String IN = "@in";
    private static final Map<String, String> SIGNS =
            Map.of("_>=_", ">=", "_<=_", "<=", "_>_", ">", "_<_", "<", "_==_", "==", "_!=_", "!=");
    private static final Map<Scope.Type, List<Way>> WAYS = Map.of(
            Scope.Type.NUMBER,
            List.of(
                    new Way(">=", "at least"),
                    new Way("<=", "at most"),
                    new Way(">", "more than"),
                    new Way("<", "less than"),
                    new Way("==", "exactly"),
                    new Way("!=", "not")),
            Scope.Type.TEXT,
            List.of(
                    new Way("==", "is"),
                    new Way("!=", "is not"),
                    new Way("contains", "has in it"),
                    new Way("startsWith", "begins with")),
            Scope.Type.TRUTH,
            List.of(new Way("is", "is so"), new Way("not", "is not so")),
            Scope.Type.TEXTS,
            List.of(new Way("has", "has"), new Way("hasNot", "has not")));

    public ConditionRows {
        rows = List.copyOf(rows);
    }

    /** One comparison. @param name what is looked at, such as {@code viewer.months} @param compare how, as {@link #ways} names it @param value with what, empty text where nothing is needed */
    public record Row(String name, String compare, String value) {}

    /** A way to compare. @param value as a row names it @param name in words */
    public record Way(String value, String name) {}

    /** How values of a type may be compared, in the order in which they are offered. */
    public static List<Way> ways(Scope.Type type) {
        return WAYS.getOrDefault(type, List.of());
    }

    /** Reads a condition; empty where it has a fault, or says more than rows can. */
    public static Optional<ConditionRows> of(String text, Scope scope) {
        if (text.isBlank()) {
            return Optional.of(new ConditionRows(false, List.of()));
        }
        return Condition.parsed(text, scope).flatMap(tree -> {
            boolean any = isCall(tree, OR);
            List<Row> rows = new ArrayList<>();
            boolean fits = joined(tree, any ? OR : AND).stream()
                    .allMatch(each -> row(each)
                            .filter(read ->
                                    read.type() == scope.types().get(read.row().name()))
                            .map(read -> rows.add(read.row()))
                            .orElse(false));
            return fits ? Optional.of(new ConditionRows(any, rows)) : Optional.empty();
        });
    }

    /** As a condition in CEL. @param scope gives types to names; a name without one is text */
    public String write(Scope scope) {
        return rows.stream()
                .map(row -> write(row, scope.types().getOrDefault(row.name(), Scope.Type.TEXT)))
                .collect(Collectors.joining(any ? " || " : " && "));
    }

    private static String write(Row row, Scope.Type type) {
        String compare = row.compare();
        return switch (type) {
            case NUMBER ->
                row.name() + " " + compare + " "
                        + (row.value().strip().matches("-?\\d{1,15}")
                                ? row.value().strip()
                                : "0");
            case TRUTH -> compare.equals("not") ? "!" + row.name() : row.name();
            case TEXTS -> {
                String in = quoted(row.value()) + " in " + row.name();
                yield compare.equals("hasNot") ? "!(" + in + ")" : in;
            }
            case TEXT ->
                SIGNS.containsValue(compare)
                        ? row.name() + " " + compare + " " + quoted(row.value())
                        : row.name() + "." + compare + "(" + quoted(row.value()) + ")";
        };
    }

    private static String quoted(String text) {
        return "'" + text.replace("\\", "\\\\").replace("'", "\\'").replace("\n", "\\n") + "'";
    }

    /** A row as it was read, and the type of what it looks at. */
    record Read(Row row, Scope.Type type) {}

    static List<CelExpr> args(CelCall call) {
        return call.args();
    }

    static boolean isCall(CelExpr tree, String function) {
        return tree.exprKind().getKind() == CelExpr.ExprKind.Kind.CALL
                && tree.call().function().equals(function);
    }

    /** What a chain of one joining sign joins, however its brackets stand. */
    static List<CelExpr> joined(CelExpr tree, String sign) {
        if (!isCall(tree, sign)) {
            return List.of(tree);
        }
        List<CelExpr> all = new ArrayList<>();
        args(tree.call()).forEach(each -> all.addAll(joined(each, sign)));
        return all;
    }

    static Optional<Read> row(CelExpr tree) {
        Optional<String> name = path(tree);
        if (name.isPresent()) {
            return Optional.of(new Read(new Row(name.get(), "is", ""), Scope.Type.TRUTH));
        }
        if (tree.exprKind().getKind() != CelExpr.ExprKind.Kind.CALL) {
            return Optional.empty();
        }
        CelCall call = tree.call();
        if (call.function().equals(NOT)) {
            return negated(args(call).get(0));
        }
        if (call.function().equals(IN)) {
            return in(call, "has");
        }
        return SIGNS.containsKey(call.function()) ? compared(call) : asked(call);
    }

    private static Optional<Read> negated(CelExpr inner) {
        if (isCall(inner, IN)) {
            return in(inner.call(), "hasNot");
        }
        return path(inner).map(name -> new Read(new Row(name, "not", ""), Scope.Type.TRUTH));
    }

    private static Optional<Read> in(CelCall call, String how) {
        return text(args(call).get(0))
                .flatMap(value ->
                        path(args(call).get(1)).map(name -> new Read(new Row(name, how, value), Scope.Type.TEXTS)));
    }

    private static Optional<Read> compared(CelCall call) {
        String sign = SIGNS.getOrDefault(call.function(), "");
        CelExpr value = args(call).get(1);
        return path(args(call).get(0)).flatMap(name -> {
            Optional<Read> number = number(value).map(each -> new Read(new Row(name, sign, each), Scope.Type.NUMBER));
            boolean equality = sign.equals("==") || sign.equals("!=");
            return number.or(() -> text(value)
                    .filter(any -> equality)
                    .map(each -> new Read(new Row(name, sign, each), Scope.Type.TEXT)));
        });
    }

    private static Optional<Read> asked(CelCall call) {
        boolean known =
                ways(Scope.Type.TEXT).stream().anyMatch(each -> each.value().equals(call.function()));
        if (!known || call.target().isEmpty() || args(call).size() != 1) {
            return Optional.empty();
        }
        return path(call.target().get())
                .flatMap(name -> text(args(call).get(0))
                        .map(value -> new Read(new Row(name, call.function(), value), Scope.Type.TEXT)));
    }

    /** A name with its dots; empty where it is something else. */
    private static Optional<String> path(CelExpr tree) {
        return switch (tree.exprKind().getKind()) {
            case IDENT -> Optional.of(tree.ident().name());
            case SELECT ->
                tree.select().testOnly()
                        ? Optional.empty()
                        : path(tree.select().operand())
                                .map(front -> front + "." + tree.select().field());
            default -> Optional.empty();
        };
    }

    private static Optional<String> text(CelExpr tree) {
        return constant(tree)
                .filter(each -> each.getKind() == CelConstant.Kind.STRING_VALUE)
                .map(CelConstant::stringValue);
    }

    private static Optional<String> number(CelExpr tree) {
        return constant(tree)
                .filter(each -> each.getKind() == CelConstant.Kind.INT64_VALUE)
                .map(each -> Long.toString(each.int64Value()));
    }

    private static Optional<CelConstant> constant(CelExpr tree) {
        return tree.exprKind().getKind() == CelExpr.ExprKind.Kind.CONSTANT
                ? Optional.of(tree.constant())
                : Optional.empty();
    }
}

package org.waxbell.condition;

import dev.cel.checker.CelStandardDeclarations;
import dev.cel.checker.CelStandardDeclarations.StandardFunction;
import dev.cel.common.CelAbstractSyntaxTree;
import dev.cel.common.CelIssue;
import dev.cel.common.CelOptions;
import dev.cel.common.CelValidationException;
import dev.cel.common.CelValidationResult;
import dev.cel.common.ast.CelExpr;
import dev.cel.common.types.CelType;
import dev.cel.common.types.ListType;
import dev.cel.common.types.SimpleType;
import dev.cel.compiler.CelCompiler;
import dev.cel.compiler.CelCompilerBuilder;
import dev.cel.compiler.CelCompilerFactory;
import dev.cel.parser.CelStandardMacro;
import dev.cel.runtime.CelEvaluationException;
import dev.cel.runtime.CelRuntime;
import dev.cel.runtime.CelRuntimeFactory;
import dev.cel.runtime.Program;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Supplier;
import org.waxbell.check.Problems;

/**
 * A condition in CEL (Common Expression Language, an open standard), compiled once.
 *
 * <p>Typed, without loops: of the macros only {@code has}, and no {@code matches}. It is true or false, or cannot be worked out,
 * which counts as false and says why.
 */
public final class Condition {
    /** Longest condition, in characters. */
    public static final int LONGEST = 1_000;

    private static final int MOST_NESTED = 50;
    private static final Map<Scope.Type, CelType> TYPES = new EnumMap<>(Map.of(
            Scope.Type.TEXT,
            SimpleType.STRING,
            Scope.Type.NUMBER,
            SimpleType.INT,
            Scope.Type.TRUTH,
            SimpleType.BOOL,
            Scope.Type.TEXTS,
            ListType.create(SimpleType.STRING)));
    private static final CelOptions OPTIONS = CelOptions.current()
            .maxExpressionCodePointSize(LONGEST)
            .maxParseRecursionDepth(MOST_NESTED)
            .comprehensionMaxIterations(LONGEST)
            .build();
    private static final CelStandardDeclarations NO_PATTERNS = CelStandardDeclarations.newBuilder()
            .excludeFunctions(StandardFunction.MATCHES)
            .build();
    private static final CelRuntime RUNTIME =
            CelRuntimeFactory.standardCelRuntimeBuilder().setOptions(OPTIONS).build();
    private final Program program;

    private Condition(Program program) {
        this.program = program;
    }

    /** What a condition came to. @param fault why it could not be worked out, empty text where it could */
    public record Verdict(boolean holds, String fault) {}

    /** Why a condition is refused. @param column place in the text, counted from 1 */
    public record Fault(int line, int column, String message) {}

    /** Compiles {@code text}; the caller has seen that it has no faults. */
    public static Condition of(String text, Scope scope) {
        try {
            return new Condition(
                    RUNTIME.createProgram(compiler(scope).compile(text).getAst()));
        } catch (CelValidationException | CelEvaluationException wrong) {
            throw new IllegalArgumentException("not a condition: " + text, wrong);
        }
    }

    /** What is wrong with {@code text}, in the order of places; empty where it may be saved. */
    public static List<Fault> faultsOf(String text, Scope scope) {
        CelValidationResult result = compiler(scope).compile(text);
        if (!result.hasError()) {
            return truth(result);
        }
        List<CelIssue> errors = result.getErrors();
        return errors.stream().map(Condition::fault).toList();
    }

    /** The tree of {@code text}; empty where it has a fault. */
    static Optional<CelExpr> parsed(String text, Scope scope) {
        CelValidationResult result = compiler(scope).parse(text);
        try {
            return result.hasError()
                    ? Optional.empty()
                    : Optional.of(result.getAst().getExpr());
        } catch (CelValidationException wrong) {
            return Optional.empty();
        }
    }

    private static List<Fault> truth(CelValidationResult result) {
        try {
            CelAbstractSyntaxTree tree = result.getAst();
            boolean truth = tree.getResultType().equals(SimpleType.BOOL);
            return truth ? List.of() : List.of(new Fault(1, 1, "it is no comparison: it is neither true nor false"));
        } catch (CelValidationException wrong) {
            throw new IllegalStateException("compiled without an error and yet not", wrong);
        }
    }

    private static Fault fault(CelIssue issue) {
        return new Fault(
                Math.max(1, issue.getSourceLocation().getLine()),
                issue.getSourceLocation().getColumn() + 1,
                FaultWords.of(issue.getMessage()));
    }

    private static CelCompiler compiler(Scope scope) {
        CelCompilerBuilder builder = CelCompilerFactory.standardCelCompilerBuilder()
                .setOptions(OPTIONS)
                .setStandardEnvironmentEnabled(false)
                .setStandardDeclarations(NO_PATTERNS)
                .setStandardMacros(CelStandardMacro.HAS);
        scope.types().forEach((path, type) -> builder.addVar(path, TYPES.get(type)));
        return builder.build();
    }

    /** Adds what is wrong with {@code text}, each fault with its place and the names there are. */
    public static void check(Problems problems, String text, Scope scope) {
        if (text.isBlank()) {
            problems.add(text, "The condition is empty.", "Write one such as viewer.months >= 3, or take it away.");
            return;
        }
        if (text.length() > LONGEST) {
            problems.add(
                    text,
                    "The condition is too long: " + text.length() + " characters.",
                    "Shorten it to " + LONGEST + " at most.");
            return;
        }
        for (Fault fault : faultsOf(text, scope)) {
            problems.add(
                    text,
                    "At line " + fault.line() + ", character " + fault.column() + ": " + fault.message() + ".",
                    "Compare values such as "
                            + String.join(", ", new TreeSet<>(scope.types().keySet())) + ".");
        }
    }

    /** Works it out over values by their paths, which are asked for only now. */
    public Verdict test(Supplier<Map<String, Object>> values) {
        try {
            return new Verdict(Boolean.TRUE.equals(program.eval(values.get())), "");
        } catch (CelEvaluationException wrong) {
            return new Verdict(false, "cannot be worked out: " + wrong.getMessage());
        }
    }
}

package org.waxbell.app.script;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.mozilla.javascript.Callable;
import org.mozilla.javascript.Context;
import org.mozilla.javascript.Function;
import org.mozilla.javascript.LambdaFunction;
import org.mozilla.javascript.RhinoException;
import org.mozilla.javascript.Script;
import org.mozilla.javascript.Scriptable;
import org.mozilla.javascript.ScriptableObject;
import org.mozilla.javascript.Undefined;
import org.waxbell.app.script.ScriptCall.Came;
import tools.jackson.databind.json.JsonMapper;

/**
 * Runs scripts with Rhino: each call in a scope of its own, with nothing of Java, files or network in it, and with a bound on instructions and
 * time. Memory is bounded by the program that it runs in.
 */
final class Sandbox {
    /** How code is named in what is said of its lines. */
    static final String MAIN = "main.js";

    private static final int CACHED = 50;
    /** How many characters all may have that a call wants and writes down. */
    private static final int MOST = 500_000;

    private static final JsonMapper JSON = new JsonMapper();
    private final Bounded bounded = new Bounded();
    private final Map<String, Script> scripts = new LinkedHashMap<>() {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Script> eldest) {
            return size() > CACHED;
        }
    };
    private final ScriptableObject standard;
    private final Function house;

    Sandbox() {
        try (Context context = bounded.enterContext()) {
            standard = context.initSafeStandardObjects(null, true);
            house = (Function) context.evaluateString(standard, own("house.js"), "house.js", 1, null);
        }
    }

    /** What ships beside the extensions that ship. */
    static String own(String name) {
        try (InputStream in = Objects.requireNonNull(Sandbox.class.getResourceAsStream("/extensions/" + name), name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** Does one call; whatever a script does, what is said of it is no more than that it failed. */
    Came call(ScriptCall call) {
        long began = System.nanoTime();
        try (Context context = bounded.enterContext()) {
            Script script = script(context, call);
            if (call.function().isEmpty()) {
                return new Came("", false, List.of(), List.of(), micros(began));
            }
            bounded.begin();
            return run(context, script, call, began);
        } catch (Bounded.Broken bound) {
            return Came.failed(String.valueOf(bound.getMessage()), true);
        } catch (RhinoException wrong) {
            return Came.failed(where(wrong), false);
        } catch (StackOverflowError deep) {
            return Came.failed("it calls itself without an end", true);
        }
    }

    private Script script(Context context, ScriptCall call) {
        Script known = scripts.get(call.hash());
        if (known != null) {
            return known;
        }
        Script read = context.compileString(Objects.requireNonNull(call.code(), "code"), MAIN, 1, null);
        scripts.put(call.hash(), read);
        return read;
    }

    private Came run(Context context, Script script, ScriptCall call, long began) {
        Scriptable scope = context.newObject(standard);
        scope.setPrototype(standard);
        scope.setParentScope(null);
        Object[] given = {
            JSON.writeValueAsString(new Given(call.event(), call.settings(), call.notes(), call.seed(), call.now())),
            ScriptableObject.getProperty(standard, "Date"),
            ScriptableObject.getProperty(standard, "Math")
        };
        Scriptable around = (Scriptable) house.call(context, scope, scope, given);
        for (String name : List.of("house", "Date", "Math")) {
            ScriptableObject.putConstProperty(scope, name, around.get(name, around));
        }
        script.exec(context, scope, scope);
        Object function = ScriptableObject.getProperty(scope, call.function());
        String failure = "";
        if (function instanceof Callable body) {
            Object answer = body.call(context, scope, scope, arguments(call, around));
            failure = settled(context, scope, answer);
        } else if (!call.function().equals("answered")) {
            failure = MAIN + " has no function " + call.function();
        }
        String over = (String) ((Callable) around.get("over", around)).call(context, scope, around, new Object[0]);
        if (over.length() > MOST) {
            return Came.failed("it wants more at once than can be done", true);
        }
        Over made = JSON.readValue(over, Over.class);
        return new Came(failure, false, failure.isEmpty() ? made.wishes() : List.of(), made.log(), micros(began));
    }

    private static Object[] arguments(ScriptCall call, Scriptable around) {
        Object event = around.get("event", around);
        return call.function().equals("asked")
                ? new Object[] {((Scriptable) event).get("act", (Scriptable) event), event}
                : new Object[] {event};
    }

    /** What is still to come has to be there when all is done: nothing from outside ever comes to a promise here. @return why not, empty text where it is */
    private static String settled(Context context, Scriptable scope, @Nullable Object answer) {
        if (!(answer instanceof Scriptable promise)
                || !(ScriptableObject.getProperty(promise, "then") instanceof Callable then)) {
            context.processMicrotasks();
            return "";
        }
        String[] failure = {"its promise never came; an address that is called answers to the function answered"};
        LambdaFunction kept = new LambdaFunction(scope, 1, (cx, in, self, all) -> {
            failure[0] = "";
            return Undefined.instance;
        });
        LambdaFunction broken = new LambdaFunction(scope, 1, (cx, in, self, all) -> {
            failure[0] = all.length > 0 ? Context.toString(all[0]) : "its promise was broken";
            return Undefined.instance;
        });
        then.call(context, scope, promise, new Object[] {kept, broken});
        context.processMicrotasks();
        return failure[0];
    }

    private static String where(RhinoException wrong) {
        String place = wrong.sourceName() == null || wrong.lineNumber() <= 0
                ? ""
                : wrong.sourceName() + " line " + wrong.lineNumber() + ": ";
        return place + wrong.details();
    }

    private static long micros(long began) {
        return (System.nanoTime() - began) / 1_000;
    }

    /** What a call is given. */
    record Given(
            Map<String, Object> event, Map<String, Object> settings, Map<String, String> notes, long seed, long now) {}

    /** What a call leaves behind. */
    record Over(List<ScriptCall.Wanted> wishes, List<String> log) {}
}

package org.waxbell.engine;

import java.lang.reflect.Proxy;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Writes down what an outcome has kept, for comparing. */
final class Kept {
    private Kept() {}

    /** Decisions, directives and every step that would be kept, as text. */
    static String of(Outcome outcome) {
        return outcome.decisions() + " " + outcome.directives() + " " + steps(outcome);
    }

    /** Every step that would be kept: what is called and with what. */
    static List<String> steps(Outcome outcome) {
        List<String> steps = new ArrayList<>();
        Keeper keeper = (Keeper) Proxy.newProxyInstance(
                Kept.class.getClassLoader(), new Class<?>[] {Keeper.class}, (proxy, method, arguments) -> {
                    steps.add(method.getName() + Arrays.toString(arguments));
                    return null;
                });
        outcome.changes().forEach(change -> change.keep(keeper));
        return steps;
    }
}

package org.waxbell.extension;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How one script stands. Only its store outlives a restart: what was under way then is not known any more.
 *
 * @param store   what is kept of it
 * @param running what runs now; one call at a time, so that each sees what the one before kept
 * @param waiting what is to run behind it
 * @param calls   addresses that it called and that have not answered: the mark of each, by the run
 * @param lost    how many were not run because too many waited, since all that waited was run
 */
public record ExtensionState(
        ExtensionStore store, Optional<Running> running, List<Call> waiting, Map<String, String> calls, long lost) {
    static final int MOST_WAITING = 200;
    static final int MOST_CALLS = 5;

    /** One call that runs. @param run its name in reports @param since when, milliseconds since 1970 UTC */
    public record Running(String run, Call call, long since) {}

    public ExtensionState {
        waiting = List.copyOf(waiting);
        calls = Map.copyOf(calls);
    }

    static ExtensionState of(ExtensionStore store) {
        return new ExtensionState(store, Optional.empty(), List.of(), Map.of(), 0);
    }

    ExtensionState with(ExtensionStore other) {
        return new ExtensionState(other, running, waiting, calls, lost);
    }

    /** One more call waits; where too many do, it is lost. */
    ExtensionState waiting(Call call) {
        if (waiting.size() >= MOST_WAITING) {
            return new ExtensionState(store, running, waiting, calls, lost + 1);
        }
        List<Call> all = new ArrayList<>(waiting);
        all.add(call);
        return new ExtensionState(store, running, all, calls, lost);
    }

    /** The first that waits runs from now on. */
    ExtensionState runs(String run, long at) {
        Running first = new Running(run, waiting.get(0), at);
        List<Call> behind = waiting.subList(1, waiting.size());
        return new ExtensionState(store, Optional.of(first), behind, calls, behind.isEmpty() ? 0 : lost);
    }

    /** What ran is over. */
    ExtensionState over() {
        return new ExtensionState(store, Optional.empty(), waiting, calls, lost);
    }

    /** Nothing of it is under way any more. */
    ExtensionState quiet() {
        return new ExtensionState(store, Optional.empty(), List.of(), Map.of(), lost);
    }

    ExtensionState calls(String run, String tag) {
        Map<String, String> all = new LinkedHashMap<>(calls);
        all.put(run, tag);
        return new ExtensionState(store, running, waiting, all, lost);
    }

    ExtensionState answered(String run) {
        Map<String, String> all = new LinkedHashMap<>(calls);
        all.remove(run);
        return new ExtensionState(store, running, waiting, all, lost);
    }
}

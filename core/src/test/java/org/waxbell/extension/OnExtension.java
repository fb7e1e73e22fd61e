package org.waxbell.extension;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.waxbell.Samples;
import org.waxbell.desk.OnDesk;
import org.waxbell.directive.CallWeb;
import org.waxbell.directive.RunScript;
import org.waxbell.engine.Completion;
import org.waxbell.engine.Engine;
import org.waxbell.engine.Outcome;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Viewer;
import org.waxbell.kind.Fresh;
import org.waxbell.kind.Records;
import org.waxbell.wiring.CueBook;

/** An engine with one extension, whose script the test plays itself. */
class OnExtension extends OnDesk<Extension, ExtensionState> {
    /** All runs that were wanted, in order. */
    final List<RunScript> runs = new ArrayList<>();
    /** All calls of addresses that were wanted. */
    final List<CallWeb> calls = new ArrayList<>();

    OnExtension(Extension extension) {
        super(new ExtensionDesk(), extension);
    }

    /** One that hears lines and gifts, has the word {@code guess}, and was let do all of it. */
    static Extension all() {
        return Records.with(
                (Extension) Extension.KIND.fresh().apply(Fresh.NOTHING),
                Map.of(
                        "id",
                        "weigh",
                        "name",
                        "Weigh",
                        "on",
                        true,
                        "hears",
                        List.of("line", "gift"),
                        "offers",
                        List.of(new ScriptOffer("guess", "Guess", "guess")),
                        "asks",
                        List.of(Permission.values()),
                        "agreed",
                        List.of(Permission.values()),
                        "calls",
                        List.of("shop")));
    }

    Outcome happens(ShowEvent event) {
        at += 1_000;
        return noted(engine.accept(at, event));
    }

    Outcome line(Viewer viewer, String text) {
        return happens(Samples.line(viewer, text));
    }

    Outcome noted(Outcome outcome) {
        outcome.directives().forEach(each -> {
            if (each instanceof RunScript run) {
                runs.add(run);
            } else if (each instanceof CallWeb call) {
                calls.add(call);
            }
        });
        return outcome;
    }

    /** The last run comes back with these wishes. */
    Outcome wants(Wish... wishes) {
        return came(runs.get(runs.size() - 1).partRun(), Completion.ended(Wish.written(List.of(wishes))));
    }

    Outcome came(String run, Completion with) {
        at += 5;
        return noted(engine.completed(at, run, with));
    }

    static Wish wish(String act, String... with) {
        Map<String, String> said = new TreeMap<>();
        for (int i = 0; i < with.length; i += 2) {
            said.put(with[i], with[i + 1]);
        }
        return new Wish(act, said);
    }

    ExtensionBoard board(Extension extension, ExtensionState now) {
        return new ExtensionDesk().board(extension, now, at);
    }

    static List<String> sentences(Outcome outcome) {
        return outcome.decisions().stream().map(each -> each.event().sentence()).toList();
    }

    /** Another document in place of this one. */
    void becomes(Extension other) {
        at += 10;
        noted(engine.rewire(at, new CueBook(wiring(other))));
    }

    Engine engine() {
        return engine;
    }
}

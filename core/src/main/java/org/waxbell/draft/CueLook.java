package org.waxbell.draft;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.waxbell.check.Problem;
import org.waxbell.checkup.Checkup;
import org.waxbell.checkup.Remark;
import org.waxbell.condition.ConditionRows;
import org.waxbell.condition.Scope;
import org.waxbell.cue.Cue;
import org.waxbell.event.ShowEvent;
import org.waxbell.gate.ConditionGate;
import org.waxbell.gate.Gate;
import org.waxbell.gate.OnGate;
import org.waxbell.kind.Kind;
import org.waxbell.link.LinkNeeds;
import org.waxbell.port.Calendars;
import org.waxbell.sentence.Piece;
import org.waxbell.wiring.CueCheck;
import org.waxbell.wiring.Kinds;
import org.waxbell.wiring.ReadyCue;
import org.waxbell.wiring.Wiring;
import org.waxbell.wiring.WiringPatch;

/**
 * All that is told of a cue while it is being written, valid or not.
 *
 * @param problems why it could not be saved as it is, empty where it could
 * @param sentence in pieces
 * @param text     the same read aloud
 * @param plans    one a take: its parts as they will be played
 * @param values   a sample for each value that its words may use
 * @param filled   its words with samples, by the place of each
 * @param names    what its conditions may use, with types
 * @param rows     its conditions as rows, by the place of each; missing where one says more than rows can
 * @param remarks  what can go wrong with it on air
 * @param needs    the links that it needs
 * @param events   made-up events to try it with, one a pull
 * @param gates    kinds of gates that it may still be given, by name
 * @param missing  why a part of a kind could not stand anywhere, by its name
 * @param danger   what anyone may do by it that nobody should, empty text for nothing
 * @param held     by what it may be held, by kind of gate with what is said then
 */
public record CueLook(
        List<Problem> problems,
        List<Piece> sentence,
        String text,
        List<List<Sketched>> plans,
        Map<String, String> values,
        Map<String, String> filled,
        Map<String, Scope.Type> names,
        Map<String, ConditionRows> rows,
        List<Remark> remarks,
        Set<String> needs,
        List<Event> events,
        List<String> gates,
        Map<String, String> missing,
        Map<String, String> held,
        String danger) {
    /** A made-up event. @param title of what sets the cue off by it */
    public record Event(String title, ShowEvent event) {}

    /** Looks at {@code cue} among {@code wiring}, in which it may stand otherwise or not at all. @param on what fresh things are made on @param kinds those there are */
    public static CueLook at(Cue cue, FreshOn on, Calendars calendars, Kinds kinds) {
        Wiring saved = on.wiring();
        Wiring wiring = WiringPatch.of(cue).applyTo(saved);
        Map<String, String> values = Samples.of(cue, wiring);
        List<List<Sketched>> plans = cue.takes().stream()
                .map(take -> Sketch.of(take.score(), wiring, values))
                .toList();
        List<Piece> sentence = Sentence.of(cue, plans.isEmpty() ? List.of() : plans.get(0), new Names(wiring));
        List<Problem> problems = CueCheck.check(saved, cue, calendars);
        Scope scope = wiring.scope(cue);
        return new CueLook(
                problems,
                sentence,
                Sentence.text(sentence),
                plans,
                values,
                Samples.filled(cue, values),
                new TreeMap<>(scope.types()),
                rows(cue, scope),
                problems.isEmpty() ? Checkup.ofOne(wiring, cue) : List.of(),
                LinkNeeds.of(cue),
                events(cue, wiring),
                freeGates(cue, kinds),
                missing(on, kinds),
                held(cue, wiring),
                cue.danger());
    }

    private static Map<String, ConditionRows> rows(Cue cue, Scope scope) {
        Map<String, ConditionRows> rows = new LinkedHashMap<>();
        for (int i = 0; i < cue.gates().size(); i++) {
            if (cue.gates().get(i) instanceof ConditionGate gate) {
                String place = "gates[" + i + "].condition";
                ConditionRows.of(gate.condition(), scope).ifPresent(read -> rows.put(place, read));
            }
        }
        for (int i = 0; i < cue.takes().size(); i++) {
            String place = "takes[" + i + "].when";
            ConditionRows.of(cue.takes().get(i).when(), scope).ifPresent(read -> rows.put(place, read));
        }
        return rows;
    }

    private static List<Event> events(Cue cue, Wiring wiring) {
        List<Event> events = new ArrayList<>();
        cue.pulls()
                .forEach(pull -> events.add(
                        new Event(Sentence.whole(pull.said(new Names(wiring))), pull.sample(Samples.on(cue, wiring)))));
        if (events.isEmpty()) {
            events.add(new Event("a line of chat", Samples.on(cue, wiring).line("good evening")));
        }
        return events;
    }

    private static List<String> freeGates(Cue cue, Kinds kinds) {
        Set<String> there = cue.gates().stream().map(each -> each.kind().name()).collect(Collectors.toSet());
        return kinds.gates().kinds().stream()
                .map(Kind::name)
                .filter(each -> !there.contains(each))
                .toList();
    }

    private static Map<String, String> missing(FreshOn on, Kinds kinds) {
        Map<String, String> missing = new LinkedHashMap<>();
        kinds.parts().kinds().forEach(kind -> {
            String why = on.missing(kind);
            if (!why.isEmpty()) {
                missing.put(kind.name(), why);
            }
        });
        return missing;
    }

    private static Map<String, String> held(Cue cue, Wiring wiring) {
        Map<String, String> held = new LinkedHashMap<>();
        held.put(OnGate.KIND.name(), OnGate.KIND.says());
        for (Gate gate : cue.gates()) {
            held.put(gate.kind().name(), gate.kind().says());
        }
        ReadyCue.reads(cue, wiring.house().reading())
                .ifPresent(gate -> held.put(gate.kind().name(), gate.kind().says()));
        return held;
    }
}

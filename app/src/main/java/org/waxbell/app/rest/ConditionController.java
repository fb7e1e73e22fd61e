package org.waxbell.app.rest;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Refused;
import org.waxbell.app.store.Journal;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.check.Problems;
import org.waxbell.condition.Condition;
import org.waxbell.condition.Scope;
import org.waxbell.cue.Cue;
import org.waxbell.engine.Outcome;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;

/** Tries a condition before it is saved: on a sample, and on what really happened lately. */
@RestController
@RequestMapping("/api")
class ConditionController {
    private static final int EVENTS = 50;
    private static final int LOOKED_THROUGH = 500;
    private final WiringStore wiring;
    private final Journal journal;
    private final Documents json;
    private final Inbox loop;

    ConditionController(WiringStore wiring, Journal journal, Documents json, Inbox loop) {
        this.wiring = wiring;
        this.journal = journal;
        this.json = json;
        this.loop = loop;
    }

    /** A condition of a cue, as it is being written. */
    record ConditionAsked(Cue cue, String condition) {}

    /** What the condition comes to for one event. @param at 0 for the sample @param fault why it could not be worked out, else empty text */
    record ConditionTrial(long at, String event, boolean holds, String fault) {}

    /** What the condition comes to, as the evening stands now. @param tried the sample first, then the newest event first */
    record ConditionTried(List<ConditionTrial> tried) {}

    private record Happened(long at, ShowEvent event) {}

    @PostMapping("/conditions")
    CompletableFuture<ConditionTried> preview(@RequestBody ConditionAsked asked) {
        Scope scope = wiring.current().wiring().scope(asked.cue());
        Problems problems = new Problems();
        Condition.check(problems.at("condition"), asked.condition(), scope);
        if (!problems.found().isEmpty()) {
            throw new Refused(problems.found());
        }
        Condition condition = Condition.of(asked.condition(), scope);
        List<Happened> events = new ArrayList<>();
        Facts.bringing(asked.cue().fields()).ifPresent(sample -> events.add(new Happened(0, sample)));
        journal.before(Long.MAX_VALUE, LOOKED_THROUGH).stream()
                .filter(decision -> decision.event()
                        .values()
                        .keySet()
                        .containsAll(asked.cue().fields()))
                .limit(EVENTS)
                .forEach(decision -> events.add(new Happened(decision.at(), decision.event())));
        List<Condition.Verdict> verdicts = new ArrayList<>();
        return loop.submit((engine, at) -> {
                    verdicts.addAll(engine.wouldHold(
                            condition, events.stream().map(Happened::event).toList()));
                    return Outcome.NOTHING;
                })
                .thenApply(outcome -> {
                    List<ConditionTrial> tried = new ArrayList<>();
                    for (int i = 0; i < events.size(); i++) {
                        tried.add(new ConditionTrial(
                                events.get(i).at(),
                                events.get(i).event().sentence(),
                                verdicts.get(i).holds(),
                                verdicts.get(i).fault()));
                    }
                    return new ConditionTried(tried);
                });
    }
}

package org.waxbell.app.rest;

import java.util.List;
import java.util.Objects;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.LongFunction;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.actor.Actor;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Refused;
import org.waxbell.app.live.Notices;
import org.waxbell.app.live.Notices.DecisionNotice;
import org.waxbell.app.live.Notices.PartNotice;
import org.waxbell.app.live.Notices.RingNotice;
import org.waxbell.app.media.MediaTokens;
import org.waxbell.app.stage.SpokenSource;
import org.waxbell.app.stage.StagePart;
import org.waxbell.app.store.EngineMapper;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.check.Problem;
import org.waxbell.cue.Cue;
import org.waxbell.directive.Directive;
import org.waxbell.directive.SayInChat;
import org.waxbell.directive.StageDirective;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.Outcome;
import org.waxbell.engine.Ring;
import org.waxbell.event.Fact;
import org.waxbell.event.FactKind;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Tried;
import org.waxbell.port.Calendars;
import org.waxbell.rehearsal.Step;
import org.waxbell.rehearsal.Tryout;
import org.waxbell.wiring.CueCheck;
import org.waxbell.wiring.WiringPatch;
import org.waxbell.words.WordBook;

/** Tries a cue with a made-up event, in practice or for real; stops a ring, and plays one again. */
@RestController
@RequestMapping("/api")
class TryoutController {
    private static final int LONGEST_EVENT = 4_000;
    private final Notices notices;
    private final WiringStore wiring;
    private final Inbox loop;
    private final Calendars calendars;
    private final MediaTokens tokens;
    private final EngineMapper rings;
    private final Documents json;

    TryoutController(
            WiringStore wiring,
            Inbox loop,
            Calendars calendars,
            MediaTokens tokens,
            EngineMapper rings,
            Documents json,
            Notices notices) {
        this.notices = notices;
        this.wiring = wiring;
        this.loop = loop;
        this.calendars = calendars;
        this.tokens = tokens;
        this.rings = rings;
        this.json = json;
    }

    /** A cue as it is being written, and the event to try it with. @param past whether its gates are passed over @param take the one that is to be played, counted from 0; less than 0 for what its rule chooses */
    record TryAsked(Cue cue, ShowEvent event, boolean past, int take) {}

    /** The event to ring a saved cue with. @param past whether its gates are passed over */
    record RingAsked(ShowEvent event, boolean past) {}

    /** What a stage page would be told. @param part its moment counts from the start of the ring */
    record StageMoment(String stage, StagePart part) {}

    /**
     * What would happen, with nothing else playing.
     *
     * @param parts  the parts as they would be played, their moments in milliseconds from the start; empty where it would be held
     * @param stages what stage pages would be told
     * @param said   what would be said in chat, an answer of a gate among it
     */
    record TriedOut(DecisionNotice decision, List<PartNotice> parts, List<StageMoment> stages, List<String> said) {}

    /** How the evening stood when a cue was tried. @param at milliseconds since 1970 UTC */
    private record Evening(EngineState state, long at) {}

    /** Tries the cue in practice: nothing is sent anywhere and nothing is remembered. */
    @PostMapping("/tryouts")
    CompletableFuture<TriedOut> tryOut(@RequestBody TryAsked asked, Actor by) {
        checkEvent(asked.event());
        Cue cue = asked.take() < 0 ? asked.cue() : asked.cue().playing(asked.take());
        List<Problem> problems = CueCheck.check(wiring.current().wiring(), cue, calendars);
        if (!problems.isEmpty()) {
            throw new Refused(problems);
        }
        AtomicReference<Evening> seen = new AtomicReference<>();
        return loop.submit((engine, at) -> {
                    seen.set(new Evening(engine.save(), at));
                    return Outcome.NOTHING;
                })
                .thenApplyAsync(saved -> {
                    Evening evening = Objects.requireNonNull(seen.get());
                    WiringPatch patch = WiringPatch.of(cue);
                    return told(Tryout.of(
                            wiring.book().next(patch.applyTo(wiring.current().wiring())),
                            evening.state(),
                            evening.at(),
                            new Tried(cue.id(), cue.name(), asked.past(), asked.event(), by),
                            calendars));
                });
    }

    private TriedOut told(Tryout tryout) {
        Ring ring = tryout.ring();
        List<String> said = tryout.directives().stream()
                .filter(SayInChat.class::isInstance)
                .map(each -> ((SayInChat) each).text())
                .toList();
        if (ring == null) {
            return new TriedOut(notices.of(tryout.decision()), List.of(), List.of(), said);
        }
        long from = ring.start();
        List<PartNotice> parts = notices.of(ring, new WordBook()).parts().stream()
                .map(each -> new PartNotice(
                        each.id(),
                        each.lane(),
                        each.label(),
                        each.from() - from,
                        each.to() - from,
                        each.state(),
                        each.note()))
                .toList();
        List<StageMoment> stages = tryout.directives().stream()
                .filter(StageDirective.class::isInstance)
                .map(each -> moment(each, from))
                .toList();
        return new TriedOut(notices.of(tryout.decision()), parts, stages, said);
    }

    private StageMoment moment(Directive directive, long from) {
        StageDirective part = (StageDirective) directive;
        return new StageMoment(
                part.stage(), StagePart.of(part, tokens, SpokenSource.NONE).since(from));
    }

    /** Rings a saved cue for real, with its gates asked or passed over; no other cue hears of the event. */
    @PostMapping("/cues/{id}/try")
    CompletableFuture<DecisionNotice> ring(@PathVariable String id, @RequestBody RingAsked asked, Actor by) {
        checkEvent(asked.event());
        Cue cue = wiring.book()
                .cue(id)
                .orElseThrow(() -> new Refused("id", id, "There is no such cue.", "Save it first."))
                .cue();
        return loop.happen(new Tried(id, cue.name(), asked.past(), asked.event(), by))
                .thenApply(notices::of);
    }

    private void checkEvent(ShowEvent event) {
        if (json.write(event).length() > LONGEST_EVENT) {
            throw new Refused("event", "", "The event is too long.", "Shorten its texts.");
        }
        event.by().filter(viewer -> viewer.name().isBlank()).ifPresent(nobody -> {
            throw new Refused("event.viewer.name", "", "Nobody is named.", "Write a name, such as wickerby.");
        });
    }

    @GetMapping("/rings/{number}")
    RingNotice ring(@PathVariable long number) {
        return notices.of(kept(number), new WordBook());
    }

    /** Ends a ring that plays, or skips one that waits. */
    @PostMapping("/rings/{number}/stop")
    CompletableFuture<DecisionNotice> stop(@PathVariable long number, Actor by) {
        return byHand(at -> new Step.Stopped(at, number, by), Facts.STOPPED);
    }

    /** Lets a ring that waits go before the others. */
    @PostMapping("/rings/{number}/next")
    CompletableFuture<DecisionNotice> next(@PathVariable long number, Actor by) {
        return byHand(at -> new Step.Hastened(at, number, by), Facts.HASTENED);
    }

    private CompletableFuture<DecisionNotice> byHand(LongFunction<Step> step, FactKind kind) {
        return loop.step(step)
                .thenApply(outcome -> notices.of(outcome.decisions().stream()
                        .filter(each -> each.event() instanceof Fact fact && fact.is(kind))
                        .findFirst()
                        .orElseThrow()));
    }

    /** Plays once more what a ring played, past its gates. */
    @PostMapping("/rings/{number}/again")
    CompletableFuture<DecisionNotice> again(@PathVariable long number, Actor by) {
        Ring ring = kept(number);
        return loop.happen(new Tried(ring.cueId(), ring.cueName(), true, Objects.requireNonNull(ring.event()), by))
                .thenApply(notices::of);
    }

    private Ring kept(long number) {
        String text = rings.ring(number);
        if (text == null) {
            throw new Refused(
                    "number",
                    Long.toString(number),
                    "There is no such ring, or it is too long ago.",
                    "Choose one of tonight.");
        }
        return json.read(text, Ring.class);
    }
}

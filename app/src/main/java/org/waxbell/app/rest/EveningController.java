package org.waxbell.app.rest;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.actor.Actor;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.json.Refused;
import org.waxbell.app.live.JournalPages;
import org.waxbell.app.live.LiveStandings;
import org.waxbell.app.live.Notices;
import org.waxbell.app.live.Notices.DecisionNotice;
import org.waxbell.app.security.Helpers;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.cue.HandPull;
import org.waxbell.event.ChatText;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.Target;
import org.waxbell.rehearsal.Step;

/** What is done and looked at while an evening runs. */
@RestController
@RequestMapping("/api")
class EveningController {
    private final Notices notices;
    private final LiveStandings live;
    private static final int LATELY = 6;
    private final JournalPages journal;
    private final Inbox loop;
    private final WiringStore wiring;

    private final Helpers helpers;

    EveningController(
            LiveStandings live,
            JournalPages journal,
            Inbox loop,
            WiringStore wiring,
            Notices notices,
            Helpers helpers) {
        this.helpers = helpers;
        this.notices = notices;
        this.live = live;
        this.journal = journal;
        this.loop = loop;
        this.wiring = wiring;
    }

    @GetMapping("/live")
    LiveStandings.LiveStanding live() {
        return live.standing();
    }

    /** What a cue was asked lately, newest last, whatever else was decided since. */
    @GetMapping("/cues/{id}/lately")
    List<DecisionNotice> lately(@PathVariable String id) {
        return journal.ofCue(id, LATELY);
    }

    @GetMapping("/journal")
    List<DecisionNotice> journal(@RequestParam(defaultValue = "9223372036854775807") long before) {
        return journal.before(before);
    }

    @PostMapping("/hush")
    CompletableFuture<DecisionNotice> hush(Actor by) {
        return loop.step(at -> new Step.Hush(at, by))
                .thenApply(outcome ->
                        notices.of(outcome.decisions().get(outcome.decisions().size() - 1)));
    }

    /** Opens the show, or closes the one that is open. */
    record ShowMove(boolean open) {}

    /** Says that the evening is on air or not, where no mixer does. */
    record AirMove(boolean onAir) {}

    @PostMapping("/show")
    CompletableFuture<DecisionNotice> show(@RequestBody ShowMove move, Actor by) {
        return happens(Facts.show(by, move.open()));
    }

    @PostMapping("/air")
    CompletableFuture<DecisionNotice> air(@RequestBody AirMove move, Actor by) {
        return happens(Facts.air(by, move.onAir()));
    }

    /** Lets the shutters down, which keep strangers from ringing, or lifts them. */
    record ShuttersMove(boolean down) {}

    @PostMapping("/shutters")
    CompletableFuture<DecisionNotice> shutters(@RequestBody ShuttersMove move, Actor by) {
        return happens(Facts.switched(by, new Target(Target.Kind.SHUTTERS, ""), move.down() ? "down" : "up"));
    }

    /** How something outside is to stand from now on, such as a scene on programme. */
    record TargetMove(Target target, String value) {}

    @PostMapping("/targets")
    CompletableFuture<DecisionNotice> switched(@RequestBody TargetMove move, Actor by) {
        if (move.target().kind().ofEngine() || move.value().isBlank()) {
            throw new Refused(
                    "value",
                    move.value(),
                    "That is not switched here.",
                    "Choose a scene, a source, the stream, the recording or a device.");
        }
        return happens(Facts.switched(by, move.target(), move.value()));
    }

    /**
     * A line into a chat.
     *
     * @param chat which one; empty text for the one of the house, to which goes what no chat asked for
     * @param to   whom alone it is for, by name, empty text for everyone
     */
    record ChatSaid(String chat, String to, String text) {}

    @PostMapping("/chat")
    CompletableFuture<DecisionNotice> say(@RequestBody ChatSaid said, Actor by) {
        String text = ChatText.line(said.text());
        if (text.isEmpty() || text.length() > ChatText.LONGEST_LINE) {
            throw new Refused(
                    "text",
                    text,
                    text.isEmpty() ? "Nothing is written." : "The line is too long: " + text.length() + " characters.",
                    "Write up to " + ChatText.LONGEST_LINE + " characters.");
        }
        return happens(Facts.SAID.by(by, said.chat(), said.to().strip(), text));
    }

    /** Presses the button of a cue. */
    @PostMapping("/cues/{id}/press")
    CompletableFuture<DecisionNotice> press(@PathVariable String id, Actor by) {
        helpers.asking(by).flatMap(each -> each.pressRefused(id)).ifPresent(NotAllowed::because);
        return happens(wiring.current().wiring().cues().stream()
                .filter(cue -> cue.id().equals(id))
                .findFirst()
                .flatMap(cue -> HandPull.pressed(cue, by))
                .orElseThrow(() -> new Refused(
                        "id", id, "No cue of that name has a button or key.", "Give it one among what sets it off.")));
    }

    private CompletableFuture<DecisionNotice> happens(Fact event) {
        return loop.happen(event).thenApply(notices::of);
    }
}

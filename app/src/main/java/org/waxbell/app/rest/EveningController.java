package org.waxbell.app.rest;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.app.practice.PracticeChannel;
import org.waxbell.app.practice.PracticeCrowd;
import org.waxbell.app.practice.PracticeMixer.MixerStanding;
import org.waxbell.app.practice.PracticeMixer;
import org.waxbell.app.rest.Notices.DecisionNotice;
import org.waxbell.app.run.EngineLoop;
import org.waxbell.app.stage.StageFeed;
import org.waxbell.app.stage.StageKeys;
import org.waxbell.app.wiring.Refused;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.cue.HandPull;
import org.waxbell.event.EventSamples;
import org.waxbell.event.HouseEvent;
import org.waxbell.event.Viewer;
import org.waxbell.rehearsal.Step;

/** What is done and looked at while an evening runs. */
@RestController
@RequestMapping("/api")
class EveningController {
    private final LiveNews live;
    private final EngineLoop loop;
    private final PracticeChannel channel;
    private final PracticeCrowd crowd;
    private final PracticeMixer mixer;
    private final StageKeys keys;
    private final StageFeed feed;
    private final WiringStore wiring;

    EveningController(LiveNews live, EngineLoop loop, PracticeChannel channel, PracticeCrowd crowd, PracticeMixer mixer, StageKeys keys,
                      StageFeed feed, WiringStore wiring) {
        this.live = live;
        this.loop = loop;
        this.channel = channel;
        this.crowd = crowd;
        this.mixer = mixer;
        this.keys = keys;
        this.feed = feed;
        this.wiring = wiring;
    }

    /** A line to be written into the practice channel. @param name of the viewer who writes it, known or new @param privately to the helper alone */
    record Line(String name, String text, boolean privately) {
    }

    /** An event to happen on the practice channel: a kind, who causes it, and what differs from the sample of its kind. */
    record Happening(String kind, String name, Map<String, Long> numbers, Map<String, String> texts) {
    }

    /** A kind of event with the fields of its sample. */
    record EventSample(String kind, String sentence, Map<String, Long> numbers, Map<String, String> values) {
    }

    /** A scene to be put on programme. */
    record Cut(String scene) {
    }

    /** The secret address of a stage, without the host. */
    record Address(String address) {
    }

    @GetMapping("/live")
    LiveNews.LiveStanding live() {
        return live.standing();
    }

    @GetMapping("/journal")
    List<DecisionNotice> journal(@RequestParam(defaultValue = "9223372036854775807") long before) {
        return live.decisions(before);
    }

    @PostMapping("/hush")
    CompletableFuture<DecisionNotice> hush() {
        return loop.step(Step.Hush::new).thenApply(outcome ->
                Notices.of(outcome.decisions().get(outcome.decisions().size() - 1)));
    }

    /** Opens the show, or closes the one that is open. */
    record ShowMove(boolean open) {
    }

    /** Says that the evening is on air or not, where no mixer does. */
    record AirMove(boolean onAir) {
    }

    @PostMapping("/show")
    CompletableFuture<DecisionNotice> show(@RequestBody ShowMove move) {
        return happens(new HouseEvent.ShowMoved(move.open()));
    }

    @PostMapping("/air")
    CompletableFuture<DecisionNotice> air(@RequestBody AirMove move) {
        return happens(new HouseEvent.AirChanged(move.onAir()));
    }

    /** Presses the button of a cue. */
    @PostMapping("/cues/{id}/press")
    CompletableFuture<DecisionNotice> press(@PathVariable String id) {
        HandPull pull = wiring.current().wiring().cues().stream().filter(cue -> cue.id().equals(id)).flatMap(cue -> cue.pulls().stream())
                .filter(HandPull.class::isInstance).map(HandPull.class::cast).findFirst().orElseThrow(() -> new Refused("id", id,
                        "No cue of that name has a button or key.", "Give it one among what sets it off."));
        return happens(new HouseEvent.HandPulled(id, pull.button().isEmpty() ? pull.key() : pull.button()));
    }

    private CompletableFuture<DecisionNotice> happens(HouseEvent event) {
        return loop.happen(event).thenApply(Notices::of);
    }

    @GetMapping("/practice/viewers")
    List<Viewer> viewers() {
        return channel.viewers();
    }

    @PostMapping("/practice/lines")
    CompletableFuture<DecisionNotice> write(@RequestBody Line line) {
        return channel.write(line.name(), line.text(), line.privately()).thenApply(Notices::of);
    }

    @GetMapping("/practice/events")
    List<EventSample> events() {
        return EventSamples.all().stream().map(each -> new EventSample(each.kind(), each.sentence(), new TreeMap<>(each.numbers()),
                new TreeMap<>(each.values()))).toList();
    }

    @PostMapping("/practice/events")
    CompletableFuture<DecisionNotice> happen(@RequestBody Happening happening) {
        return channel.happen(happening.kind(), happening.name(), happening.numbers(), happening.texts()).thenApply(Notices::of);
    }

    @GetMapping("/practice/crowd")
    PracticeCrowd.CrowdStanding crowd() {
        return crowd.standing();
    }

    @PutMapping("/practice/crowd")
    PracticeCrowd.CrowdStanding crowd(@RequestBody PracticeCrowd.CrowdWanted wanted) {
        return crowd.set(wanted);
    }

    @GetMapping("/practice/mixer")
    MixerStanding mixer() {
        return mixer.standing();
    }

    @PutMapping("/practice/mixer/scene")
    MixerStanding cut(@RequestBody Cut cut) {
        return mixer.cutTo(cut.scene());
    }

    @PostMapping("/practice/mixer/source")
    MixerStanding takeAddress() {
        return mixer.takeAddress();
    }

    @GetMapping("/stages/{id}/address")
    Address address(@PathVariable String id) {
        return new Address("/stage#k=" + keys.key(known(id)));
    }

    @PostMapping("/stages/{id}/address")
    Address renew(@PathVariable String id) {
        String key = keys.renew(known(id));
        feed.dismiss(id);
        mixer.addressChanged();
        return new Address("/stage#k=" + key);
    }

    private String known(String stage) {
        if (wiring.current().wiring().stage(stage).isEmpty()) {
            throw new Refused("stage", stage, "There is no such stage.", "Choose one that is in the list.");
        }
        return stage;
    }
}

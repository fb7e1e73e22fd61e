package org.waxbell.app.rest;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.app.json.Refused;
import org.waxbell.app.live.Notices;
import org.waxbell.app.live.Notices.DecisionNotice;
import org.waxbell.app.practice.PracticeChannel;
import org.waxbell.app.practice.PracticeCrowd;
import org.waxbell.app.practice.PracticeMixer;
import org.waxbell.app.practice.PracticeMixerServer;
import org.waxbell.app.practice.PracticeNoticeboard;
import org.waxbell.app.practice.PracticeRewards;
import org.waxbell.app.practice.PracticeRig;
import org.waxbell.app.rpc.MixerCalls.News.Level;
import org.waxbell.event.FactKind;
import org.waxbell.event.Facts;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.keys.KeyName;
import org.waxbell.mixer.MixerChange;
import org.waxbell.mixer.MixerPicture;

/** What a person does on the practice channel and at the practice mixer. */
@RestController
@RequestMapping("/api/practice")
class PracticeController {
    private final Notices notices;
    private final PracticeChannel channel;
    private final PracticeCrowd crowd;
    private final PracticeRewards rewards;
    private final PracticeMixer mixer;
    private final PracticeMixerServer server;
    private final PracticeRig rig;
    private final PracticeNoticeboard noticeboard;

    PracticeController(
            PracticeChannel channel,
            PracticeCrowd crowd,
            PracticeRewards rewards,
            PracticeMixer mixer,
            PracticeMixerServer server,
            PracticeRig rig,
            PracticeNoticeboard noticeboard,
            Notices notices) {
        this.notices = notices;
        this.channel = channel;
        this.crowd = crowd;
        this.rewards = rewards;
        this.mixer = mixer;
        this.server = server;
        this.rig = rig;
        this.noticeboard = noticeboard;
    }

    /** A line to be written into the practice channel. @param name of the viewer who writes it, known or new @param privately to the helper alone */
    record Line(String name, String text, boolean privately) {}

    /** An event to happen on the practice channel: a kind, who causes it, and what differs from the sample of its kind. */
    record Happening(String kind, String name, Map<String, Long> numbers, Map<String, String> texts) {}

    /** A kind of event with the fields of its sample. */
    record EventSample(String kind, String sentence, Map<String, Long> numbers, Map<String, String> values) {}

    /** What a viewer is to be. */
    record Known(String name, Set<Standing> standings, int months) {}

    /** A viewer redeems a reward. @param desk of ours that has it, empty text for one of the channel's */
    record Redemption(String name, String title, String input, String desk) {}

    /** Where others link to the practice mixer. */
    record Door(String password) {}

    @GetMapping("/viewers")
    List<Viewer> viewers() {
        return channel.viewers();
    }

    @PutMapping("/viewers")
    Viewer know(@RequestBody Known known) {
        return channel.know(known.name(), known.standings(), known.months());
    }

    @PostMapping("/lines")
    CompletableFuture<DecisionNotice> write(@RequestBody Line line) {
        return channel.write(line.name(), line.text(), line.privately()).thenApply(notices::of);
    }

    @GetMapping("/events")
    List<EventSample> events() {
        return Facts.ofChannel().stream()
                .map(FactKind::sample)
                .map(each -> new EventSample(
                        each.kind(), each.sentence(), new TreeMap<>(each.numbers()), new TreeMap<>(each.values())))
                .toList();
    }

    @PostMapping("/events")
    CompletableFuture<DecisionNotice> happen(@RequestBody Happening happening) {
        return channel.happen(happening.kind(), happening.name(), happening.numbers(), happening.texts())
                .thenApply(notices::of);
    }

    @GetMapping("/rewards")
    List<PracticeRewards.ChannelReward> rewards() {
        return rewards.all();
    }

    /** What viewers see: the channel's rewards, and ours. */
    @GetMapping("/rewards/offered")
    List<PracticeRewards.OfferedReward> offered() {
        return rewards.offered();
    }

    @PutMapping("/rewards")
    List<PracticeRewards.ChannelReward> rewards(@RequestBody List<PracticeRewards.ChannelReward> wanted) {
        return rewards.set(wanted);
    }

    @PostMapping("/rewards/redeem")
    CompletableFuture<DecisionNotice> redeem(@RequestBody Redemption redemption) {
        return rewards.redeem(redemption.name(), redemption.title(), redemption.input(), redemption.desk())
                .thenApply(notices::of);
    }

    @GetMapping("/crowd")
    PracticeCrowd.CrowdStanding crowd() {
        return crowd.standing();
    }

    @PutMapping("/crowd")
    PracticeCrowd.CrowdStanding crowd(@RequestBody PracticeCrowd.CrowdWanted wanted) {
        return crowd.set(wanted);
    }

    @GetMapping("/mixer")
    MixerPicture mixer() {
        return mixer.picture();
    }

    @GetMapping("/mixer/door")
    Door door() {
        return new Door(server.password());
    }

    @PostMapping("/mixer/hand")
    MixerPicture hand(@RequestBody MixerChange change) {
        return mixer.byHand(change);
    }

    /** What stands on the practice noticeboard, the newest first. */
    @GetMapping("/notices")
    List<PracticeNoticeboard.Notice> notices() {
        return noticeboard.notices();
    }

    @DeleteMapping("/notices")
    void clearNotices() {
        noticeboard.clear();
    }

    @GetMapping("/rig")
    PracticeRig.RigStands rig() {
        return rig.standing();
    }

    /** A person presses a key at the rig's page. */
    @PostMapping("/rig/keys/{key}")
    PracticeRig.RigStands press(@PathVariable String key) {
        KeyName name = KeyName.of(key)
                .orElseThrow(() -> new Refused("key", key, "There is no such key.", "Press one such as ArrowLeft."));
        rig.key(name, true);
        rig.key(name, false);
        return rig.standing();
    }

    @PostMapping("/rig/anew")
    PracticeRig.RigStands anew() {
        return rig.anew();
    }

    /** The mixer's page measured how loud its sources are. */
    @PostMapping("/mixer/levels")
    void levels(@RequestBody List<Level> levels) {
        mixer.sounds(levels);
    }
}

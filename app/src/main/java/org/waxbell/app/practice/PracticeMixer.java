package org.waxbell.app.practice;

import java.util.List;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.waxbell.app.json.Documents;
import org.waxbell.app.run.EngineLoop;
import org.waxbell.app.socket.Outboxes;
import org.waxbell.app.socket.Topic;
import org.waxbell.app.stage.StageKeys;
import org.waxbell.app.store.SettingMapper;
import org.waxbell.app.wiring.Refused;
import org.waxbell.directive.SetTarget;
import org.waxbell.engine.Completion;
import org.waxbell.event.HouseEvent;
import org.waxbell.event.Target;
import org.waxbell.port.TargetOut;
import org.waxbell.rehearsal.Step;

/** Stands for the broadcasting software: two scenes, each with a browser source that loads the Main stage by its address. */
@Component
public class PracticeMixer implements TargetOut {
    private static final String SETTING = "practice.mixer";
    private static final String STAGE = "main";
    private static final List<Scene> SCENES = List.of(new Scene("bench", "Bench camera"), new Scene("kettle", "Kettle camera"));
    private final EngineLoop loop;
    private final SettingMapper settings;
    private final StageKeys keys;
    private final Documents json;
    private final Topic topic;

    PracticeMixer(@Lazy EngineLoop loop, SettingMapper settings, StageKeys keys, Documents json, Outboxes outboxes) {
        this.loop = loop;
        this.settings = settings;
        this.keys = keys;
        this.json = json;
        this.topic = new Topic(outboxes, json, this::standing);
        // Taken now, so that a renewal later leaves it with the old address, as it would a real mixer.
        kept();
    }

    /** A scene of the mixer. */
    public record Scene(String id, String name) {
    }

    /** @param current id of the scene on programme @param key the stage's key that its browser sources were given */
    record Kept(String current, String key) {
    }

    /**
     * The mixer as it stands.
     *
     * @param current       id of the scene on programme
     * @param sourceAddress address that its browser sources load
     * @param sourceValid   whether that address still opens the stage
     */
    public record MixerStanding(List<Scene> scenes, String current, String sourceAddress, boolean sourceValid) {
    }

    /** The socket of its page. */
    public Topic topic() {
        return topic;
    }

    /** How it stands. */
    public MixerStanding standing() {
        Kept kept = kept();
        return new MixerStanding(SCENES, kept.current(), "/stage#k=" + kept.key(), kept.key().equals(keys.key(STAGE)));
    }

    /** Puts a scene on programme, as a person at the mixer does. */
    public MixerStanding cutTo(String scene) {
        known(scene);
        MixerStanding standing = keep(new Kept(scene, kept().key()));
        tell(scene, true);
        return standing;
    }

    @Override
    public boolean knows(Target.Kind kind) {
        return kind == Target.Kind.SCENE;
    }

    @Override
    public void set(SetTarget set) {
        if (SCENES.stream().noneMatch(each -> each.id().equals(set.value()))) {
            loop.completed(set.partRun(), Completion.failed("the practice mixer has no scene called " + set.value()));
            return;
        }
        keep(new Kept(set.value(), kept().key()));
        tell(set.value(), false);
    }

    /** The engine learns at every start which scene is on programme. */
    @EventListener(ApplicationReadyEvent.class)
    void report() {
        tell(kept().current(), false);
    }

    private void tell(String scene, boolean byHand) {
        HouseEvent.Switched switched = new HouseEvent.Switched(new Target(Target.Kind.SCENE, ""), scene, byHand);
        loop.step(at -> new Step.Happens(at, switched));
    }

    private static void known(String scene) {
        if (SCENES.stream().noneMatch(each -> each.id().equals(scene))) {
            throw new Refused("scene", scene, "The practice mixer has no such scene.", "Choose one of "
                    + SCENES.stream().map(Scene::id).toList() + ".");
        }
    }

    /** Gives its browser sources the stage's present address, after that was renewed. */
    public MixerStanding takeAddress() {
        return keep(new Kept(kept().current(), keys.key(STAGE)));
    }

    /** The stage's address may have changed. */
    public void addressChanged() {
        topic.tell("standing", standing());
    }

    private MixerStanding keep(Kept next) {
        settings.put(SETTING, json.write(next));
        MixerStanding standing = standing();
        topic.tell("standing", standing);
        return standing;
    }

    private Kept kept() {
        String kept = settings.get(SETTING);
        if (kept == null) {
            Kept first = new Kept(SCENES.get(0).id(), keys.key(STAGE));
            settings.put(SETTING, json.write(first));
            return first;
        }
        return json.read(kept, Kept.class);
    }
}

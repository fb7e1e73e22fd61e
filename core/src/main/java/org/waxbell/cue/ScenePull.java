package org.waxbell.cue;

import java.util.List;
import java.util.Set;
import org.waxbell.actor.Actor;
import org.waxbell.check.Problems;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Target;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;

/** Sets the cue off when the mixer changes to one of these scenes. @param scenes none for any */
public record ScenePull(List<String> scenes) implements Pull {
    /** What it says of itself. */
    public static final Kind<Pull> KIND = Kind.<Pull>of(ScenePull.class, "scene", "the scene changes", "Scene")
            .also("mixer")
            .with(Field.many("scenes", "To one of").hint("Empty for any.").from(From.SCENES))
            .making(on -> new ScenePull(List.of()));

    public ScenePull {
        scenes = List.copyOf(scenes);
    }

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Said said(Naming names) {
        return Said.of("the scene changes" + (scenes.isEmpty() ? "" : " to " + Said.either(scenes)));
    }

    @Override
    public ShowEvent sample(Sampling on) {
        return Facts.switched(
                Actor.MIXER, new Target(Target.Kind.SCENE, ""), scenes.isEmpty() ? "Bench" : scenes.get(0));
    }

    @Override
    public Set<String> fields() {
        return Set.of("sceneName");
    }

    @Override
    public long exactness() {
        return scenes.isEmpty() ? Exactness.KIND : Exactness.NAMED;
    }

    @Override
    public void enter(PullIndex index) {
        index.byKind(
                "scene",
                event -> event instanceof Fact fact && (scenes.isEmpty() || scenes.contains(fact.text("value"))));
    }

    @Override
    public void check(Problems problems) {
        for (int i = 0; i < scenes.size(); i++) {
            problems.at("scenes", i).text(scenes.get(i), 80, "The name of the scene");
        }
    }
}

package org.waxbell.cue;

import java.util.List;
import java.util.Set;
import org.waxbell.check.Problems;
import org.waxbell.event.Fact;

/** Sets the cue off when the mixer changes to one of these scenes. @param scenes none for any */
public record ScenePull(List<String> scenes) implements Pull {
    public ScenePull {
        scenes = List.copyOf(scenes);
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

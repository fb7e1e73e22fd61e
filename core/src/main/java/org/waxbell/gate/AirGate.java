package org.waxbell.gate;

import java.util.List;
import java.util.Map;
import org.waxbell.check.Problems;
import org.waxbell.condition.Scope;
import org.waxbell.kind.Choice;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;

/**
 * Holds where the evening does not stand as the cue wants it.
 *
 * @param air    whether it must be on air
 * @param scenes the scenes of which one must be on programme, none for any
 */
public record AirGate(Air air, List<String> scenes) implements Gate {
    /** What it says of itself. */
    public static final Kind<Gate> KIND = Kind.<Gate>of(AirGate.class, "air", "on air, or in a scene", "On air")
            .also("live stream")
            .saying("not on air or in another scene")
            .with(
                    Field.choice(
                            "air",
                            "The stream",
                            new Choice("on", "must be on air"),
                            new Choice("off", "must be off air"),
                            new Choice("either", "makes no difference")),
                    Field.many("scenes", "Only in these scenes")
                            .hint("Empty for any.")
                            .from(From.SCENES))
            .making(on -> new AirGate(Air.ON, List.of()));

    /** What the cue wants of the stream. */
    public enum Air {
        /** Makes no difference. */
        EITHER,
        /** The mixer must stream. */
        ON,
        /** The mixer must not stream. */
        OFF
    }

    public AirGate {
        scenes = List.copyOf(scenes);
    }

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Said said(Naming names) {
        String stream = air == Air.ON ? "on air" : air == Air.OFF ? "off air" : "";
        String where = scenes.isEmpty() ? "" : "in the scene " + Said.either(scenes);
        String all = (stream + " " + where).strip();
        return Said.of(all.isEmpty() ? "on air or not" : all);
    }

    @Override
    public int order() {
        return 8;
    }

    @Override
    public boolean standing() {
        return true;
    }

    @Override
    public Check ready(Scope scope) {
        return this::ask;
    }

    private GateAnswer ask(GateQuery query) {
        boolean onAir = query.facts().onAir();
        if (air == Air.ON && !onAir) {
            return GateAnswer.held("air", "only on air", Map.of());
        }
        if (air == Air.OFF && onAir) {
            return GateAnswer.held("air", "only off air", Map.of());
        }
        String scene = query.facts().scene();
        if (scenes.isEmpty() || scenes.contains(scene)) {
            return GateAnswer.pass("air", onAir ? "on air" : "off air");
        }
        return GateAnswer.held(
                "air",
                "only in " + String.join(", ", scenes)
                        + (scene.isEmpty() ? ", and the scene is not known" : ", not in " + scene),
                Map.of());
    }

    @Override
    public void check(Problems problems, Scope scope) {
        if (air == Air.EITHER && scenes.isEmpty()) {
            problems.at("air")
                    .add(
                            "either",
                            "This gate lets everything through.",
                            "Choose on air, off air or scenes, or take it away.");
        }
        for (int i = 0; i < scenes.size(); i++) {
            problems.at("scenes", i).text(scenes.get(i), 80, "The name of the scene");
        }
    }
}

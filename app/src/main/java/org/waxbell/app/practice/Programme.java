package org.waxbell.app.practice;

import java.util.List;
import org.waxbell.directive.StageDirective;
import org.waxbell.mixer.MixerPicture;
import org.waxbell.stage.Stage;

/**
 * What is on the practice mixer's programme at one moment.
 *
 * @param at     milliseconds since 1970 UTC
 * @param mixer  its scenes and sources
 * @param stages the stages that stand in the scene, where they stand
 * @param lines  the newest lines of chat, oldest first
 */
record Programme(long at, MixerPicture mixer, List<OnStage> stages, List<String> lines) {
    Programme {
        stages = List.copyOf(stages);
        lines = List.copyOf(lines);
    }

    /** A stage in the scene. @param parts what it shows now, in the order in which that came */
    record OnStage(Stage stage, MixerPicture.Place place, List<StageDirective> parts) {
        OnStage {
            parts = List.copyOf(parts);
        }
    }
}

package org.waxbell.app.seen;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import org.waxbell.app.address.StageAddresses;
import org.waxbell.app.rpc.MixerCalls.News.Levels;
import org.waxbell.app.stage.StageFeed;
import org.waxbell.engine.PartRun;
import org.waxbell.engine.PartState;
import org.waxbell.engine.Ring;
import org.waxbell.event.Target;
import org.waxbell.mixer.MixerPicture;
import org.waxbell.mixer.MixerPicture.Standing;
import org.waxbell.score.Lane;
import org.waxbell.seen.Sight;

/** What is known so far of one ring that plays. Safe for several threads. */
final class RingSight {
    /** Below this a level counts as silence, in decibels below full scale. */
    private static final double SILENCE = -60;

    private final Map<String, OnStage> stages = new TreeMap<>();

    private static final class OnStage {
        private int pages;
        private boolean mixer;
        private boolean muted;
        private boolean moved;
        private Standing standing = Standing.NOWHERE;
        private String scene = "";
        /** The outlets that the ring sounds by, which may have sources of their own. */
        private final Set<String> outlets = new TreeSet<>();
    }

    synchronized void looks(Ring ring, StageFeed feed) {
        for (PartRun run : ring.parts()) {
            if (run.state() == PartState.TOLD && run.part().place().isPresent()) {
                String stage = stageOf(run);
                OnStage here = stages.computeIfAbsent(stage, id -> new OnStage());
                here.pages = Math.max(here.pages, feed.pages(stage).size());
                if (run.part().lane().heard()) {
                    here.outlets.add(run.part().place().orElseThrow().spot());
                }
            }
        }
    }

    private static String stageOf(PartRun run) {
        return run.part().place().orElseThrow().stage();
    }

    synchronized void pages(String stage, int pages) {
        if (stages.containsKey(stage)) {
            stages.get(stage).pages = Math.max(stages.get(stage).pages, pages);
        }
    }

    synchronized void sees(MixerPicture picture, StageAddresses addresses) {
        stages.forEach((stage, here) -> {
            List<String> sources = picture.loading(address -> addresses.opens(address, stage));
            Standing standing = picture.standing(sources);
            boolean better = !here.mixer || standing.compareTo(here.standing) > 0;
            here.mixer = true;
            if (better) {
                here.standing = standing;
                here.scene = picture.programme();
            }
            here.muted = heard(picture, addresses, stage, here).stream()
                    .allMatch(source -> picture.valueOf(new Target(Target.Kind.MUTE, source))
                            .orElse("")
                            .equals("muted"));
        });
    }

    synchronized void hears(Levels levels, MixerPicture picture, StageAddresses addresses) {
        stages.forEach((stage, here) -> {
            List<String> sources = heard(picture, addresses, stage, here);
            here.moved |= levels.levels().stream()
                    .anyMatch(level -> level.peak() > SILENCE && sources.contains(level.source()));
        });
    }

    /** The sources of the mixer by which the ring can be heard: those that show the stage, and those of its outlets alone. */
    private static List<String> heard(MixerPicture picture, StageAddresses addresses, String stage, OnStage here) {
        return picture.loading(address -> addresses.opens(address, stage)
                || here.outlets.stream().anyMatch(outlet -> addresses.opens(address, stage, outlet)));
    }

    /** What is known of each stage on which the ring played long enough. @param painted the runs of parts that a page painted */
    synchronized List<Sight> sights(
            Ring ring, long shortest, Set<String> painted, boolean levels, UnaryOperator<String> name) {
        List<Sight> sights = new ArrayList<>();
        stages.forEach((stage, here) -> {
            List<PartRun> played = ring.parts().stream()
                    .filter(run ->
                            run.part().place().isPresent() && stageOf(run).equals(stage))
                    .filter(run -> run.state() == PartState.ENDED
                            || run.state() == PartState.CUT
                                    && run.toMs() - run.fromMs() > shortest
                                    && painted.contains(ring.nameOf(run)))
                    .toList();
            List<PartRun> shown = played.stream()
                    .filter(run -> run.part().lane() == Lane.SCREEN)
                    .toList();
            boolean sounds =
                    played.stream().anyMatch(run -> run.part().lane().heard() && run.state() == PartState.ENDED);
            if (!played.isEmpty()) {
                Sight.Level level = here.muted
                        ? Sight.Level.MUTED
                        : here.moved ? Sight.Level.MOVED : levels ? Sight.Level.STILL : Sight.Level.UNKNOWN;
                sights.add(new Sight(
                        stage,
                        name.apply(stage),
                        !shown.isEmpty(),
                        sounds,
                        here.pages,
                        shown.stream().allMatch(run -> painted.contains(ring.nameOf(run))),
                        here.mixer,
                        here.standing,
                        here.scene,
                        level));
            }
        });
        return sights;
    }
}

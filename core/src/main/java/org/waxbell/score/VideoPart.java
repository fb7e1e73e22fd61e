package org.waxbell.score;

import java.util.Optional;
import org.waxbell.directive.Directive;
import org.waxbell.directive.ShowThing;
import org.waxbell.directive.Shown;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.shelf.Levelling;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;
import org.waxbell.stage.Stage;

/**
 * Plays a video on a spot with its own sound; it is as long as the video is, or as the page that plays it says.
 *
 * @param file   file name in the folder {@value #VIDEOS}
 * @param volume in percent of its own, 0 to 100
 * @param left   how much is cut off at the left, in percent of its width; likewise the other edges
 */
public record VideoPart(
        String id,
        Anchor start,
        String stage,
        String spot,
        String file,
        int volume,
        int left,
        int top,
        int right,
        int bottom,
        String entry,
        String exit,
        long entryMs,
        long exitMs,
        Manner manner)
        implements SpotPart {
    /** What it says of itself. */
    public static final Kind<Part> KIND = Kind.<Part>of(VideoPart.class, "video", "Video", "Video")
            .also("film clip media")
            .with(
                    Field.file("file", "Video", From.VIDEOS).needed(),
                    Field.number("volume", "Volume", 0, 100)
                            .called("The volume")
                            .in("%"))
            .and(Crop.fields())
            .and(SpotPart.where())
            .and(Motions.fields())
            .making(on -> new VideoPart(
                    on.id(),
                    Anchor.START,
                    on.first(From.STAGES),
                    on.another(From.SPOTS),
                    on.first(From.VIDEOS),
                    80,
                    0,
                    0,
                    0,
                    0,
                    "",
                    "",
                    400,
                    400,
                    Manner.PLAIN));

    /** The folder of the shelf in which videos lie. */
    public static final String VIDEOS = "Videos";

    private static final long LONGEST = 600_000;
    private static final long OVERRUN = 10_000;

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Optional<MediaUse> uses() {
        return Optional.of(use());
    }

    private MediaUse use() {
        return new MediaUse("file", "video", VIDEOS, file);
    }

    @Override
    public Settled settle(Shelf shelf, Draws draws) {
        Media media = use().one(shelf);
        return media.lengthMs() == 0
                ? Settled.open(LONGEST, media)
                : new Settled(media.lengthMs(), media.lengthMs() + OVERRUN, true, media, 0);
    }

    @Override
    public Directive direct(Telling telling) {
        return new ShowThing(
                telling.partRun(),
                telling.meantFor(),
                telling.settled().claimMs(),
                stage,
                spot,
                telling.mediaHash(),
                new Shown.Video(
                        Levelling.raised(volume, telling.settled().media().gain()),
                        left,
                        top,
                        right,
                        bottom,
                        entry,
                        exit,
                        entryMs,
                        exitMs,
                        !telling.settled().known()));
    }

    @Override
    public String label(Telling telling, Naming names) {
        return file;
    }

    @Override
    public void check(PartCheck check) {
        var problems = check.problems();
        check.fields(this);
        Crop.check(problems, left, top, right, bottom);
        check.easing(entryMs, exitMs, LONGEST);
        check.onStage(stage, "spot", spot, Stage::hasSpot, "spot");
        check.media(use());
    }
}

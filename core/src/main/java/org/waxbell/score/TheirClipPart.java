package org.waxbell.score;

import org.waxbell.directive.Directive;
import org.waxbell.directive.ShowThing;
import org.waxbell.directive.Shown;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;
import org.waxbell.stage.Stage;

/**
 * Shows the clip of a broadcaster that a look-up found, with its own sound. It ends with the clip, or is cut at its longest.
 *
 * @param lookUp    id of the look-up that found it
 * @param longestMs when it is cut, in milliseconds
 * @param volume    in percent of its own, 0 to 100
 * @param left      how much is cut off at the left, in percent of its width; likewise the other edges
 */
public record TheirClipPart(
        String id,
        Anchor start,
        String stage,
        String spot,
        String lookUp,
        long longestMs,
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
    public static final Kind<Part> KIND = Kind.<Part>of(
                    TheirClipPart.class, "theirClip", "Show a clip of theirs", "Clip of theirs")
            .also("shoutout raid video film")
            .with(
                    IntroducePart.lookUpField(),
                    Field.number("volume", "Volume", 0, 100)
                            .called("The volume")
                            .in("%")
                            .wide(3),
                    Field.span("longestMs", "Cut off after", 2_000, 300_000)
                            .called("The longest time")
                            .wide(3))
            .and(SpotPart.where())
            .and(Motions.fields())
            .and(Crop.fields())
            .making(on -> new TheirClipPart(
                    on.id(),
                    on.lookUp().<Anchor>map(meet -> new Anchor.After(meet, 0)).orElse(Anchor.START),
                    on.first(From.STAGES),
                    on.another(From.SPOTS),
                    on.first(From.LOOK_UPS),
                    30_000,
                    80,
                    0,
                    0,
                    0,
                    0,
                    "",
                    "",
                    400,
                    600,
                    Manner.PLAIN));

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Settled settle(Shelf shelf, Draws draws) {
        return Settled.open(longestMs, Media.NONE);
    }

    @Override
    public Directive direct(Telling telling) {
        return new ShowThing(
                telling.partRun(),
                telling.meantFor(),
                Math.min(longestMs, length(telling)),
                stage,
                spot,
                telling.value(Brought.name(lookUp, "clip")),
                new Shown.Video(volume, left, top, right, bottom, entry, exit, entryMs, exitMs, true));
    }

    /** How long the clip is, in milliseconds; its longest where nobody tells. */
    private long length(Telling telling) {
        String told = telling.value(Brought.name(lookUp, "clipMs"));
        return told.matches("[1-9]\\d{0,8}") ? Long.parseLong(told) : longestMs;
    }

    @Override
    public String label(Telling telling, Naming names) {
        String title = telling.value(Brought.name(lookUp, "clipTitle"));
        return title.isEmpty() ? "a clip of theirs" : title;
    }

    @Override
    public void check(PartCheck check) {
        check.fields(this);
        Crop.check(check.problems(), left, top, right, bottom);
        check.easing(entryMs, exitMs, longestMs);
        check.onStage(stage, "spot", spot, Stage::hasSpot, "spot");
        check.lookUp(lookUp);
    }
}

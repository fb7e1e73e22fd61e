package org.waxbell.score;

import java.util.Optional;
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
 * Shows a picture on a spot, as large as the spot lets it.
 *
 * @param picture file name in the folder {@value CardPart#PICTURES}
 * @param entry   how it comes in, by name; likewise {@code exit}
 */
public record PicturePart(
        String id,
        Anchor start,
        long lengthMs,
        String stage,
        String spot,
        String picture,
        String entry,
        String exit,
        long entryMs,
        long exitMs,
        Manner manner)
        implements SpotPart {
    private static final long LONGEST = 600_000;
    /** What it says of itself. */
    public static final Kind<Part> KIND = Kind.<Part>of(PicturePart.class, "picture", "Picture", "Picture")
            .also("image overlay")
            .with(
                    Field.file("picture", "Picture", From.PICTURES).needed(),
                    Field.span("lengthMs", "Stays", 500, LONGEST)
                            .called("The time on screen")
                            .when("manner.toEnd", "false"))
            .and(SpotPart.where())
            .and(Motions.fields())
            .making(on -> new PicturePart(
                    on.id(),
                    Anchor.START,
                    5_000,
                    on.first(From.STAGES),
                    on.another(From.SPOTS),
                    on.first(From.PICTURES),
                    "",
                    "",
                    400,
                    400,
                    Manner.PLAIN));

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Optional<MediaUse> uses() {
        return Optional.of(use());
    }

    private MediaUse use() {
        return new MediaUse("picture", "picture", CardPart.PICTURES, picture);
    }

    @Override
    public boolean mayLastToEnd() {
        return true;
    }

    @Override
    public long leastMs() {
        return entryMs + exitMs;
    }

    @Override
    public Settled settle(Shelf shelf, Draws draws) {
        Media media = use().one(shelf);
        return manner.toEnd() ? Settled.open(LONGEST, media) : Settled.fixed(lengthMs, media);
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
                new Shown.Picture(entry, exit, entryMs, exitMs));
    }

    @Override
    public String label(Telling telling, Naming names) {
        return picture;
    }

    @Override
    public void check(PartCheck check) {
        check.fields(this);
        check.easing(entryMs, exitMs, manner.toEnd() ? LONGEST : lengthMs);
        check.onStage(stage, "spot", spot, Stage::hasSpot, "spot");
        check.media(use());
    }
}

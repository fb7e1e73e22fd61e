package org.waxbell.score;

import java.util.List;
import java.util.Optional;
import org.waxbell.booking.Place;
import org.waxbell.directive.Directive;
import org.waxbell.directive.PlaySound;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;
import org.waxbell.stage.Stage;

/**
 * Plays a sound of a folder on an outlet: the one that is named, or any of them and never the same twice running.
 * It is as long as the sound is; where that could not be measured, the page tells its end.
 *
 * @param file   file name within the folder; empty text for any of it
 * @param volume loudness in percent of the file's own, 0 to 100
 */
public record SoundPart(
        String id, Anchor start, String stage, String outlet, String folder, String file, int volume, Manner manner)
        implements Part {
    /** What it says of itself. */
    public static final Kind<Part> KIND = Kind.<Part>of(SoundPart.class, "sound", "Sound", "Sound")
            .also("audio effect")
            .with(
                    Field.choice("folder", "Folder", From.SOUND_FOLDERS),
                    Field.choice("file", "Sound", From.SOUNDS),
                    Field.number("volume", "Volume", 0, 100)
                            .called("The volume")
                            .in("%"),
                    Field.choice("stage", "Stage", From.STAGES).wide(3),
                    Field.choice("outlet", "Outlet", From.OUTLETS).wide(3))
            .making(on -> new SoundPart(
                    on.id(),
                    Anchor.START,
                    on.first(From.STAGES),
                    on.first(From.OUTLETS),
                    on.first(From.SOUND_FOLDERS),
                    "",
                    80,
                    Manner.PLAIN));

    /** Longest sound whose length could not be measured, in milliseconds. */
    private static final long LONGEST = 600_000;
    /** How much longer than measured it may take before it is cut, in milliseconds. */
    private static final long OVERRUN = 10_000;

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Lane lane() {
        return Lane.SOUND;
    }

    @Override
    public Optional<Place> place() {
        return Optional.of(new Place(stage, outlet));
    }

    @Override
    public Optional<MediaUse> uses() {
        return Optional.of(use());
    }

    private MediaUse use() {
        return new MediaUse(file.isEmpty() ? "folder" : "file", "sound", folder, file);
    }

    @Override
    public Settled settle(Shelf shelf, Draws draws) {
        List<Media> choices = use().on(shelf);
        if (choices.isEmpty()) {
            return Settled.fixed(0, Media.NONE);
        }
        Media media = choices.size() == 1 ? choices.get(0) : draws.draw(id, choices);
        return media.lengthMs() == 0
                ? Settled.open(LONGEST, media)
                : new Settled(media.lengthMs(), media.lengthMs() + OVERRUN, true, media, 0);
    }

    @Override
    public Directive direct(Telling telling) {
        return new PlaySound(
                telling.partRun(),
                telling.meantFor(),
                telling.settled().claimMs(),
                stage,
                outlet,
                telling.mediaHash(),
                volume,
                !telling.settled().known());
    }

    @Override
    public String label(Telling telling, Naming names) {
        String name = telling.settled().media().name();
        return name.isEmpty() ? folder : name;
    }

    @Override
    public void check(PartCheck check) {
        var problems = check.problems();
        check.fields(this);
        check.onStage(stage, "outlet", outlet, Stage::hasOutlet, "outlet");
        if (use().on(check.shelf()).isEmpty()) {
            problems.at(use().field())
                    .add(
                            file.isEmpty() ? folder : folder + "/" + file,
                            "There is no such sound on the shelf.",
                            "Choose one that is there.");
        }
    }
}

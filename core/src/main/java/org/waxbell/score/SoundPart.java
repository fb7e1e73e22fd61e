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
 * @param volume    loudness in percent, 0 to 100; at 100 every sound is as loud as {@link org.waxbell.shelf.Levelling} makes it
 * @param fromMs    where in the file it begins, in milliseconds
 * @param toMs      where in it it ends, likewise; 0 for its own end
 * @param fadeInMs  how long it takes to be as loud as it gets
 * @param fadeOutMs how long it takes to fall silent, before its end
 */
public record SoundPart(
        String id,
        Anchor start,
        String stage,
        String outlet,
        String folder,
        String file,
        int volume,
        long fromMs,
        long toMs,
        long fadeInMs,
        long fadeOutMs,
        Manner manner)
        implements Part {
    /** What it says of itself. */
    public static final Kind<Part> KIND = Kind.<Part>of(SoundPart.class, "sound", "Sound", "Sound")
            .also("audio effect")
            .with(
                    Field.choice("folder", "Folder", From.SOUND_FOLDERS),
                    Field.choice("file", "Sound", From.SOUNDS),
                    Field.number("volume", "Volume", 0, 100)
                            .called("The volume")
                            .in("%")
                            .hint(
                                    "100 % is the same loudness for every sound; 71 % is 3 dB softer, 50 % is 6 dB softer."),
                    Field.choice("stage", "Stage", From.STAGES).wide(3),
                    Field.choice("outlet", "Outlet", From.OUTLETS).wide(3),
                    part("fromMs", "Begins at").called("The beginning"),
                    part("toMs", "Ends at").called("The end").hint("0 is its own end."),
                    part("fadeInMs", "Fades in").called("The fade in"),
                    part("fadeOutMs", "Fades out").called("The fade out"))
            .making(on -> new SoundPart(
                    on.id(),
                    Anchor.START,
                    on.first(From.STAGES),
                    on.first(From.OUTLETS),
                    on.first(From.SOUND_FOLDERS),
                    "",
                    80,
                    0,
                    0,
                    0,
                    0,
                    Manner.PLAIN));

    /** A whole sound without fades. */
    public SoundPart(
            String id,
            Anchor start,
            String stage,
            String outlet,
            String folder,
            String file,
            int volume,
            Manner manner) {
        this(id, start, stage, outlet, folder, file, volume, 0, 0, 0, 0, manner);
    }

    /** A time within the file, folded away with its like. */
    private static Field part(String key, String label) {
        return Field.span(key, label, 0, LONGEST).wide(3).under("Only a part of it, and fades");
    }

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
                : new Settled(heard(media), heard(media) + OVERRUN, true, media, 0);
    }

    /** How long a file of known length is heard, in milliseconds. */
    private long heard(Media media) {
        long end = toMs == 0 ? media.lengthMs() : Math.min(toMs, media.lengthMs());
        return Math.max(0, end - fromMs);
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
                telling.settled().media().gain(),
                fromMs,
                toMs == 0 ? 0 : Math.max(0, toMs - fromMs),
                fadeInMs,
                fadeOutMs,
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
        if (toMs > 0 && toMs <= fromMs) {
            problems.at("toMs").add(toMs, "It would end before it begins.", "Make it later, or 0 for its own end.");
        }
        if (use().on(check.shelf()).isEmpty()) {
            problems.at(use().field())
                    .add(
                            file.isEmpty() ? folder : folder + "/" + file,
                            "There is no such sound on the shelf.",
                            "Choose one that is there.");
        }
    }
}

package org.waxbell.app.stage;

import org.jspecify.annotations.Nullable;
import org.waxbell.app.media.MediaTokens;
import org.waxbell.directive.Caption;
import org.waxbell.directive.PlaySound;
import org.waxbell.directive.Quieten;
import org.waxbell.directive.ShowCard;
import org.waxbell.directive.ShowThing;
import org.waxbell.directive.Shown;
import org.waxbell.directive.Speak;
import org.waxbell.directive.StageDirective;
import org.waxbell.look.Look;

/**
 * A part as a stage page is told it.
 *
 * @param at       the moment it starts, milliseconds since 1970 UTC
 * @param lengthMs how long it lasts
 * @param card     what to show, null for none
 * @param sound    what to play, null for none
 * @param caption  what can be read while it is heard, null for none
 * @param quiet    which outlet sounds quieter meanwhile, null for none
 * @param thing    what else to show, null for none
 */
public record StagePart(
        String partRun,
        long at,
        long lengthMs,
        @Nullable Card card,
        @Nullable Sound sound,
        @Nullable Caption caption,
        @Nullable Quiet quiet,
        @Nullable Thing thing) {
    /** What is shown beside cards. @param place spot or fixture @param media address of its picture or video, empty text for none */
    public record Thing(String place, String media, Shown shown) {}

    /** @param picture address of its picture, empty text for none @param portrait name of the viewer whose portrait stands there, empty text for none */
    public record Card(
            String spot,
            Look look,
            String title,
            String words,
            String picture,
            String portrait,
            long entryMs,
            long exitMs) {}

    /** @param media address of the sound @param volume 0 to 100 @param gain in hundredths of a decibel beside it @param fromMs where in the file it begins @param playMs how much of it is played, 0 for all @param coming whether it is still being made: it begins when it is there */
    public record Sound(
            String outlet,
            String media,
            int volume,
            int gain,
            long fromMs,
            long playMs,
            long fadeInMs,
            long fadeOutMs,
            boolean coming) {}

    /** @param percent of its own loudness */
    public record Quiet(String outlet, int percent) {}

    /** The directive with addresses for its media. */
    public static StagePart of(StageDirective directive, MediaTokens tokens, SpokenSource spoken) {
        if (directive instanceof Speak speak) {
            return of(speak, spoken.of(speak));
        }
        Card card = null;
        Sound sound = null;
        Quiet quiet = null;
        Thing thing = null;
        if (directive instanceof ShowCard show) {
            card = new Card(
                    show.spot(),
                    show.look(),
                    show.title(),
                    show.words(),
                    tokens.address(show.picture()),
                    show.portrait(),
                    show.entryMs(),
                    show.exitMs());
        } else if (directive instanceof PlaySound play) {
            sound = new Sound(
                    play.outlet(),
                    tokens.address(play.media()),
                    play.volume(),
                    play.gain(),
                    play.fromMs(),
                    play.playMs(),
                    play.fadeInMs(),
                    play.fadeOutMs(),
                    false);
        } else if (directive instanceof Quieten quieten) {
            quiet = new Quiet(quieten.outlet(), quieten.percent());
        } else if (directive instanceof ShowThing other) {
            Shown shown = other.shown() instanceof Shown.Introduction who ? who.at(tokens::address) : other.shown();
            thing = new Thing(other.place(), tokens.address(other.media()), shown);
        }
        return new StagePart(
                directive.partRun(), directive.meantFor(), directive.lengthMs(), card, sound, null, quiet, thing);
    }

    private static StagePart of(Speak speak, SpokenSource.Spoken spoken) {
        Sound sound = new Sound(speak.outlet(), spoken.address(), speak.volume(), 0, 0, 0, 0, 0, spoken.coming());
        return new StagePart(
                speak.partRun(),
                spoken.begins(),
                Math.max(0, speak.over() - spoken.begins()),
                null,
                sound,
                speak.caption().orElse(null),
                null,
                null);
    }

    /** The same with its moment counted from another. */
    public StagePart since(long moment) {
        return new StagePart(partRun, at - moment, lengthMs, card, sound, caption, quiet, thing);
    }
}

package org.waxbell.app.stage;

import org.jspecify.annotations.Nullable;
import org.waxbell.app.media.MediaTokens;
import org.waxbell.directive.PlaySound;
import org.waxbell.directive.Quieten;
import org.waxbell.directive.ShowCard;
import org.waxbell.directive.StageDirective;

/**
 * A part as a stage page is told it.
 *
 * @param at       the moment it starts, milliseconds since 1970 UTC
 * @param lengthMs how long it lasts
 * @param card     what to show, null for none
 * @param sound    what to play, null for none
 * @param quiet    which outlet sounds quieter meanwhile, null for none
 */
record StagePart(String partRun, long at, long lengthMs, @Nullable Card card, @Nullable Sound sound, @Nullable Quiet quiet) {
    /** @param picture address of its picture, empty text for none */
    record Card(String spot, String look, String title, String words, String picture, long entryMs, long exitMs) {
    }

    /** @param media address of the sound @param volume 0 to 100 */
    record Sound(String outlet, String media, int volume) {
    }

    /** @param percent of its own loudness */
    record Quiet(String outlet, int percent) {
    }

    static StagePart of(StageDirective directive, MediaTokens tokens) {
        Card card = null;
        Sound sound = null;
        Quiet quiet = null;
        if (directive instanceof ShowCard show) {
            card = new Card(show.spot(), show.look(), show.title(), show.words(), tokens.address(show.picture()),
                    show.entryMs(), show.exitMs());
        } else if (directive instanceof PlaySound play) {
            sound = new Sound(play.outlet(), tokens.address(play.media()), play.volume());
        } else if (directive instanceof Quieten quieten) {
            quiet = new Quiet(quieten.outlet(), quieten.percent());
        }
        return new StagePart(directive.partRun(), directive.meantFor(), directive.lengthMs(), card, sound, quiet);
    }
}

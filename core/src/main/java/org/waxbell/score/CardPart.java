package org.waxbell.score;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.waxbell.check.Problems;
import org.waxbell.directive.Directive;
import org.waxbell.directive.ShowCard;
import org.waxbell.look.Look;
import org.waxbell.look.Motion;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;
import org.waxbell.stage.Stage;

/**
 * Shows a card on a spot: a picture, a large line and a line below it.
 *
 * @param lengthMs time on screen in milliseconds, easing in and out included
 * @param picture  file name in the folder {@value #PICTURES}, empty text for none
 * @param portrait whether the portrait of the viewer stands in place of a picture
 * @param entry    how it comes in, by name; empty text for as its look says
 * @param exit     how it goes out, likewise
 */
public record CardPart(
        String id,
        Anchor start,
        long lengthMs,
        String stage,
        String spot,
        String look,
        String title,
        String words,
        String picture,
        boolean portrait,
        String entry,
        String exit,
        long entryMs,
        long exitMs,
        Manner manner)
        implements SpotPart {
    /** The folder of the shelf in which pictures lie. */
    public static final String PICTURES = "Pictures";
    /** The ways to come in and go out, by name. */
    public static final List<String> MOTIONS = Stream.of(Motion.values())
            .map(each -> each.name().toLowerCase(Locale.ROOT))
            .toList();

    private static final long LONGEST = 600_000;

    @Override
    public List<String> patterns() {
        return List.of(title, words);
    }

    @Override
    public Optional<MediaUse> uses() {
        return picture.isEmpty()
                ? Optional.empty()
                : Optional.of(new MediaUse("picture", "picture", PICTURES, picture));
    }

    @Override
    public Settled settle(Shelf shelf, Draws draws) {
        Media media = uses().map(use -> use.one(shelf)).orElse(Media.NONE);
        return manner.toEnd() ? Settled.open(LONGEST, media) : Settled.fixed(lengthMs, media);
    }

    @Override
    public Directive direct(Telling telling) {
        String of = portrait ? telling.value("viewer") : "";
        return new ShowCard(
                telling.partRun(),
                telling.meantFor(),
                telling.settled().claimMs(),
                stage,
                spot,
                moving(telling.look(look)),
                telling.fill(title),
                telling.fill(words),
                telling.mediaHash(),
                of,
                entryMs,
                exitMs);
    }

    /** The look with this card's own ways to come and go. */
    private Look moving(Look from) {
        return new Look(
                from.id(),
                from.name(),
                from.plate(),
                from.plateTo(),
                from.angle(),
                from.ink(),
                from.second(),
                from.seal(),
                from.edge(),
                from.corner(),
                from.outline(),
                from.face(),
                from.titleSize(),
                from.lineSize(),
                motion(entry, from.entry()),
                motion(exit, from.exit()),
                from.easing());
    }

    private static Motion motion(String own, Motion otherwise) {
        return MOTIONS.contains(own) ? Motion.valueOf(own.toUpperCase(Locale.ROOT)) : otherwise;
    }

    @Override
    public String label(Telling telling) {
        return (telling.fill(title) + " " + telling.fill(words)).strip();
    }

    @Override
    public void check(PartCheck check) {
        var problems = check.problems();
        if (!manner.toEnd()) {
            problems.at("lengthMs").time(lengthMs, 500, LONGEST, "The time on screen");
        }
        check.easing(entry, exit, entryMs, exitMs, manner.toEnd() ? LONGEST : lengthMs);
        check.words("title", title, false);
        check.words("words", words, true);
        check.onStage(stage, "spot", spot, Stage::hasSpot, "spot");
        List<String> looks = check.looks();
        if (!looks.contains(look)) {
            problems.at("look").add(look, "There is no such look.", "Choose one of " + looks + ".");
        }
        if (!picture.isEmpty() && check.shelf().find(PICTURES, picture).isEmpty()) {
            problems.at("picture")
                    .add(picture, "There is no such picture on the shelf.", "Choose one that is there, or none.");
        }
    }

    static void motion(Problems here, String motion) {
        if (!motion.isEmpty() && !MOTIONS.contains(motion)) {
            here.add(motion, "Nothing moves like that.", "Choose one of " + MOTIONS + ", or leave it to the look.");
        }
    }
}

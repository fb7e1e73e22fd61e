package org.waxbell.score;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.waxbell.directive.Directive;
import org.waxbell.directive.ShowCard;
import org.waxbell.kind.Choice;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.look.Look;
import org.waxbell.look.Motion;
import org.waxbell.sentence.Naming;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;
import org.waxbell.stage.Stage;
import org.waxbell.words.WordKey;

/**
 * Shows a card on a spot: a picture, a large line and a line below it.
 *
 * @param lengthMs time on screen in milliseconds, easing in and out included
 * @param picture  file name in the folder {@value #PICTURES}, empty text for none
 * @param portrait whose portrait stands in place of a picture: {@value #WRITER}, {@value #NAMED}, empty text for nobody's
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
        String portrait,
        String entry,
        String exit,
        long entryMs,
        long exitMs,
        Manner manner)
        implements SpotPart {
    /** The portrait of who wrote, arrives, gives or redeems. */
    public static final String WRITER = "viewer";
    /** The portrait of the person who is named behind the word. */
    public static final String NAMED = "named";

    private static final long LONGEST = 600_000;
    /** What it says of itself. */
    public static final Kind<Part> KIND = Kind.<Part>of(CardPart.class, "card", "Card on a stage", "Card")
            .also("alert text picture overlay shoutout")
            .with(
                    Field.words("title", "Large line").needed(),
                    Field.words("words", "Line below"),
                    Field.span("lengthMs", "Stays", 500, LONGEST)
                            .called("The time on screen")
                            .wide(3)
                            .when("manner.toEnd", "false"),
                    Field.choice("look", "Look", From.LOOKS).wide(3))
            .and(SpotPart.where())
            .and(Motions.fields())
            .and(
                    Field.choice(
                            "portrait",
                            "Beside the words",
                            new Choice("", "a picture, or nothing"),
                            new Choice(WRITER, "the portrait of who sets it off"),
                            new Choice(NAMED, "the portrait of whom they name")),
                    Field.file("picture", "Picture", From.PICTURES).when("portrait", ""))
            .making(on -> new CardPart(
                    on.id(),
                    Anchor.START,
                    5_000,
                    on.first(From.STAGES),
                    on.another(From.SPOTS),
                    on.first(From.LOOKS),
                    on.brings("viewer") ? "{viewer}" : "Good evening",
                    on.brings("viewer") ? "is here" : "",
                    "",
                    "",
                    "",
                    "",
                    400,
                    600,
                    Manner.PLAIN));

    /** The folder of the shelf in which pictures lie. */
    public static final String PICTURES = "Pictures";

    @Override
    public Kind<?> kind() {
        return KIND;
    }

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
    public boolean mayLastToEnd() {
        return true;
    }

    @Override
    public long leastMs() {
        return entryMs + exitMs;
    }

    @Override
    public Settled settle(Shelf shelf, Draws draws) {
        Media media = uses().map(use -> use.one(shelf)).orElse(Media.NONE);
        return manner.toEnd() ? Settled.open(LONGEST, media) : Settled.fixed(lengthMs, media);
    }

    @Override
    public Directive direct(Telling telling) {
        // The same seal however a name is written.
        String of = portrait.isEmpty() ? "" : WordKey.of(telling.value(portrait));
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

    /** The same with another line below. */
    public CardPart saying(String other) {
        return new CardPart(
                id, start, lengthMs, stage, spot, look, title, other, picture, portrait, entry, exit, entryMs, exitMs,
                manner);
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
        return Motions.NAMES.contains(own) ? Motion.valueOf(own.toUpperCase(Locale.ROOT)) : otherwise;
    }

    @Override
    public String label(Telling telling, Naming names) {
        return (telling.fill(title) + " " + telling.fill(words)).strip();
    }

    @Override
    public void check(PartCheck check) {
        var problems = check.problems();
        check.fields(this);
        check.easing(entryMs, exitMs, manner.toEnd() ? LONGEST : lengthMs);
        check.onStage(stage, "spot", spot, Stage::hasSpot, "spot");
        if (!portrait.isEmpty()
                && !check.fields().contains(portrait)
                && !check.some().contains(portrait)) {
            problems.at("portrait")
                    .add(
                            portrait,
                            "Nothing that sets this cue off tells whose portrait that is.",
                            "Choose another one, or a picture.");
        }
        check.look(look);
        if (!picture.isEmpty() && check.shelf().find(PICTURES, picture).isEmpty()) {
            problems.at("picture")
                    .add(picture, "There is no such picture on the shelf.", "Choose one that is there, or none.");
        }
    }
}

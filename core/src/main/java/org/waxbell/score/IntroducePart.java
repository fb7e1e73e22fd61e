package org.waxbell.score;

import java.util.List;
import java.util.Locale;
import org.waxbell.directive.Directive;
import org.waxbell.directive.ShowThing;
import org.waxbell.directive.Shown;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.look.Motion;
import org.waxbell.sentence.Naming;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;
import org.waxbell.stage.Stage;

/**
 * Introduces a broadcaster whom a look-up found: portrait, name, what is known of them, what they last streamed with its art. Of whom nothing
 * is known, the name and the words stand there.
 *
 * @param lengthMs time on screen in milliseconds, coming and going included
 * @param lookUp   id of the look-up that found them
 * @param words    what stands below the name where nothing is known
 * @param entry    how it comes in, by name; empty text for as its look says
 */
public record IntroducePart(
        String id,
        Anchor start,
        long lengthMs,
        String stage,
        String spot,
        String look,
        String lookUp,
        String words,
        String entry,
        String exit,
        long entryMs,
        long exitMs,
        Manner manner)
        implements SpotPart {
    private static final long LONGEST = 120_000;
    /** What it says of itself. */
    public static final Kind<Part> KIND = Kind.<Part>of(
                    IntroducePart.class, "introduce", "Introduce a broadcaster", "Introduce")
            .also("shoutout raid animated card")
            .with(
                    lookUpField(),
                    Field.words("words", "Where nothing is known of them"),
                    Field.span("lengthMs", "Stays", 1_000, LONGEST)
                            .called("The time on screen")
                            .wide(3),
                    Field.choice("look", "Look", From.LOOKS).wide(3))
            .and(SpotPart.where())
            .and(Motions.fields())
            .making(on -> new IntroducePart(
                    on.id(),
                    on.lookUp().<Anchor>map(meet -> new Anchor.After(meet, 0)).orElse(Anchor.START),
                    7_000,
                    on.first(From.STAGES),
                    on.another(From.SPOTS),
                    on.first(From.LOOKS),
                    on.first(From.LOOK_UPS),
                    "is well worth a visit",
                    "",
                    "",
                    600,
                    600,
                    Manner.PLAIN));

    static Field lookUpField() {
        return Field.choice("lookUp", "Whom this look-up found", From.LOOK_UPS);
    }

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public List<String> patterns() {
        return List.of(words);
    }

    @Override
    public long leastMs() {
        return entryMs + exitMs;
    }

    @Override
    public Settled settle(Shelf shelf, Draws draws) {
        return Settled.fixed(lengthMs, Media.NONE);
    }

    @Override
    public Directive direct(Telling telling) {
        String known = found(telling, "words");
        return new ShowThing(
                telling.partRun(),
                telling.meantFor(),
                telling.settled().claimMs(),
                stage,
                spot,
                found(telling, "art"),
                new Shown.Introduction(
                        telling.look(look),
                        found(telling, "name"),
                        known.isEmpty() ? telling.fill(words) : known,
                        found(telling, "last"),
                        found(telling, "portrait"),
                        motion(entry, telling.look(look).entry()),
                        motion(exit, telling.look(look).exit()),
                        entryMs,
                        exitMs));
    }

    private String found(Telling telling, String what) {
        return telling.value(Brought.name(lookUp, what));
    }

    private static String motion(String own, Motion otherwise) {
        return own.isEmpty() ? otherwise.name().toLowerCase(Locale.ROOT) : own;
    }

    @Override
    public String label(Telling telling, Naming names) {
        String name = found(telling, "name");
        return name.isEmpty() ? "an introduction" : name;
    }

    @Override
    public void check(PartCheck check) {
        check.fields(this);
        check.easing(entryMs, exitMs, lengthMs);
        check.onStage(stage, "spot", spot, Stage::hasSpot, "spot");
        check.look(look);
        check.lookUp(lookUp);
    }
}

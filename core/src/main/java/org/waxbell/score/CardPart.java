package org.waxbell.score;

import java.util.List;
import java.util.Optional;
import org.waxbell.directive.Directive;
import org.waxbell.directive.ShowCard;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;
import org.waxbell.stage.Stage;
import org.waxbell.time.Spans;

/**
 * Shows a card on a spot: a picture, a large line and a line below it.
 *
 * @param lengthMs time on screen in milliseconds, easing in and out included
 * @param picture  file name in the folder {@value #PICTURES}, empty text for none
 */
public record CardPart(String id, Anchor start, long lengthMs, String stage, String spot, String look,
                       String title, String words, String picture, long entryMs, long exitMs,
                       Manner manner) implements Part {
    /** The folder of the shelf in which pictures lie. */
    public static final String PICTURES = "Pictures";
    /** The looks that ship, in the order in which they are offered. */
    public static final List<String> LOOKS = List.of("beeswax", "tide", "pewter");
    private static final long LONGEST = 600_000;

    @Override
    public Lane lane() {
        return Lane.SCREEN;
    }

    @Override
    public Optional<String> place() {
        return Optional.of(stage + "/" + spot);
    }

    @Override
    public List<String> patterns() {
        return List.of(title, words);
    }

    @Override
    public Settled settle(Shelf shelf, Draws draws) {
        Media media = shelf.find(PICTURES, picture).orElse(Media.NONE);
        return manner.toEnd() ? Settled.open(LONGEST, media) : Settled.fixed(lengthMs, media);
    }

    @Override
    public Directive direct(Telling telling) {
        return new ShowCard(telling.partRun(), telling.meantFor(), telling.settled().claimMs(), stage, spot, look,
                telling.fill(title), telling.fill(words), telling.mediaHash(), entryMs, exitMs);
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
        problems.at("entryMs").time(entryMs, 0, 5_000, "The entry");
        problems.at("exitMs").time(exitMs, 0, 5_000, "The exit");
        if (!manner.toEnd() && entryMs + exitMs > lengthMs) {
            problems.at("lengthMs").add(lengthMs, "The card would be gone before it has come in and gone out ("
                    + Spans.inWords(entryMs + exitMs) + ").", "Make it longer, or its entry and exit shorter.");
        }
        check.words("title", title, false);
        check.words("words", words, true);
        check.onStage(stage, "spot", spot, Stage::hasSpot, "spot");
        if (!LOOKS.contains(look)) {
            problems.at("look").add(look, "There is no such look.", "Choose one of " + LOOKS + ".");
        }
        if (!picture.isEmpty() && check.shelf().find(PICTURES, picture).isEmpty()) {
            problems.at("picture").add(picture, "There is no such picture on the shelf.",
                    "Choose one that is there, or none.");
        }
    }
}

package org.waxbell.score;

import java.util.List;
import org.waxbell.directive.Directive;
import org.waxbell.directive.UseComputer;
import org.waxbell.keys.Verb;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;

/**
 * Types a text on this computer.
 *
 * @param words what is typed, with values
 * @param enter whether the Enter key is pressed behind it
 */
public record TypePart(String id, Anchor start, String words, boolean enter, Manner manner) implements Part {
    static final long LIMIT_MS = 5_000;
    /** What its adapter may take beyond the limit before the ring gives it up. */
    static final long GRACE_MS = 1_000;

    /** What it says of itself. */
    public static final Kind<Part> KIND = Kind.<Part>of(TypePart.class, "type", "Type a text", "Type")
            .also("keyboard keys computer write")
            .with(Field.words("words", "Types").needed(), Field.flag("enter", "then presses Enter"))
            .making(on ->
                    new TypePart(on.id(), Anchor.START, on.brings("viewer") ? "{viewer}" : "wax", false, Manner.PLAIN));

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Lane lane() {
        return Lane.KEYS;
    }

    @Override
    public String danger() {
        return "type on this computer";
    }

    @Override
    public List<String> patterns() {
        return List.of(words);
    }

    @Override
    public Settled settle(Shelf shelf, Draws draws) {
        return Settled.open(LIMIT_MS + GRACE_MS, Media.NONE);
    }

    @Override
    public Directive direct(Telling telling) {
        // A line break would press Enter, which is for the host to say and not for a viewer's words.
        String text = telling.fill(words).replaceAll("\\s+", " ") + (enter ? "\n" : "");
        return new UseComputer(telling.partRun(), telling.meantFor(), Verb.TYPE, List.of(text), LIMIT_MS);
    }

    @Override
    public String label(Telling telling, Naming names) {
        return "types " + telling.fill(words);
    }

    @Override
    public void check(PartCheck check) {
        check.fields(this);
    }
}

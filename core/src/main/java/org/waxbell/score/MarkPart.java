package org.waxbell.score;

import java.util.List;
import org.waxbell.directive.Directive;
import org.waxbell.directive.SetMark;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;

/** Notes this moment of the show, for the chapters of its recording. @param words why, with values; empty text for no reason */
public record MarkPart(String id, Anchor start, String words, Manner manner) implements Part {
    private static final String VIEWER = "viewer";
    /** What it says of itself. */
    public static final Kind<Part> KIND = Kind.<Part>of(MarkPart.class, "mark", "Set a mark", "Mark")
            .also("chapter moment note highlight bookmark")
            .with(Field.words("words", "What it was").called("The words of a mark"))
            .making(on -> new MarkPart(
                    on.id(),
                    Anchor.START,
                    on.brings("argument") ? "{argument}" : on.brings("line") ? "{line}" : "That was good",
                    Manner.PLAIN));

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Lane lane() {
        return Lane.BOOKS;
    }

    @Override
    public List<String> patterns() {
        return List.of(words);
    }

    @Override
    public Directive direct(Telling telling) {
        return new SetMark(
                telling.partRun(), telling.meantFor(), telling.fill(words).strip(), telling.value(VIEWER));
    }

    @Override
    public String label(Telling telling, Naming names) {
        String filled = telling.fill(words).strip();
        return filled.isEmpty() ? "a mark" : "mark: " + filled;
    }

    @Override
    public void check(PartCheck check) {
        check.fields(this);
    }
}

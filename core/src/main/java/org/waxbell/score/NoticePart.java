package org.waxbell.score;

import java.util.List;
import java.util.Optional;
import org.waxbell.directive.Directive;
import org.waxbell.directive.PostNotice;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;

/**
 * Puts a notice up for the community.
 *
 * @param words   of it, with line breaks
 * @param picture file name in the folder {@value CardPart#PICTURES}, empty text for none
 * @param link    an address that belongs to it, such as {@code {clipAddress}}; words with values, empty text for none
 */
public record NoticePart(String id, Anchor start, String words, String picture, String link, Manner manner)
        implements Part {
    private static final long LONGEST_MS = 15_000;
    /** What it says of itself. */
    public static final Kind<Part> KIND = Kind.<Part>of(NoticePart.class, "notice", "Put up a notice", "Notice")
            .also("noticeboard post community announce outside")
            .with(
                    Field.words("words", "Words").needed(),
                    Field.file("picture", "Picture", From.PICTURES).optional(),
                    Field.words("link", "An address that belongs to it").hint("Such as {clipAddress}; empty for none."))
            .making(on -> new NoticePart(
                    on.id(),
                    Anchor.START,
                    on.brings("viewer") ? "{viewer} was here tonight." : "We are on tonight.",
                    "",
                    on.brings("clipAddress") ? "{clipAddress}" : "",
                    Manner.PLAIN));

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Lane lane() {
        return Lane.OUTSIDE;
    }

    @Override
    public List<String> patterns() {
        return List.of(words, link);
    }

    @Override
    public Optional<MediaUse> uses() {
        return picture.isEmpty() ? Optional.empty() : Optional.of(use());
    }

    private MediaUse use() {
        return new MediaUse("picture", "picture", CardPart.PICTURES, picture);
    }

    @Override
    public Settled settle(Shelf shelf, Draws draws) {
        return Settled.open(LONGEST_MS, picture.isEmpty() ? Media.NONE : use().one(shelf));
    }

    @Override
    public Directive direct(Telling telling) {
        return new PostNotice(
                telling.partRun(),
                telling.meantFor(),
                telling.fill(words),
                picture.isEmpty() ? "" : telling.mediaHash(),
                telling.fill(link).strip());
    }

    @Override
    public String label(Telling telling, Naming names) {
        return telling.fill(words).replaceAll("\\s+", " ");
    }

    @Override
    public void check(PartCheck check) {
        check.fields(this);
        if (!picture.isEmpty()) {
            check.media(use());
        }
    }
}

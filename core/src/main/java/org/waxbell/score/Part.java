package org.waxbell.score;

import java.util.Optional;
import org.waxbell.directive.Directive;
import org.waxbell.shelf.Shelf;

/** One thing that a score does. It has a start and a length; shown things go away by themselves. */
public sealed interface Part permits CardPart, SoundPart, ReplyPart {
    /** Its name within the score, by which other parts hang on it. */
    String id();

    /** When it starts. */
    Anchor start();

    /** Where it lands. */
    Lane lane();

    /** The spot or outlet that it takes up, as {@code stage/spot}; empty where it takes none. */
    Optional<String> place();

    /** Settles what is left open for one ring: which sound of a folder, and how long it lasts. */
    Settled settle(Shelf shelf, Draws draws);

    /** What the adapter is told, with its words filled in. */
    Directive direct(Telling telling);

    /** What the rope writes on its bar. */
    String label(Telling telling);

    /** Adds what is wrong with it. */
    void check(PartCheck check);
}

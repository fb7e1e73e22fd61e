package org.waxbell.app.link;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.waxbell.app.link.LinkView.LinkFact;
import org.waxbell.link.LinkState;

/** A link that is always there and needs no settings, such as the practice channel or the pages of a stage. */
public interface FixedLink {
    /** Its name in the wiring. */
    String id();

    /** What its kind is called. */
    String kind();

    /** What people call it. */
    String name();

    /** How it stands. */
    LinkState state();

    /** What is known of it beside that. */
    List<LinkFact> facts();

    /** Tries it for real, as {@link Link#test()} does. */
    CompletableFuture<String> test();

    /** Where such links come from. */
    interface Source {
        /** Those there are now. */
        List<FixedLink> links();
    }
}

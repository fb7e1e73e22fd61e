package org.waxbell.app.link;

import org.waxbell.check.Problems;

/**
 * Makes the links of one kind: the extension point of connections to the outside.
 *
 * @param <S> its settings, a record
 */
public interface LinkMaker<S> {
    /** What its kind is called, such as {@code irc}. */
    String kind();

    /** The type of its settings. */
    Class<S> settings();

    /** Settings with which a new one begins. */
    S fresh();

    /** Whether there can be several of them. */
    boolean several();

    /** Adds what is wrong with settings. */
    void check(S settings, Problems problems);

    /** Whether there is anything to connect to. */
    boolean complete(S settings);

    /** Makes a link that tells how it is doing by {@code life}. @param id its name, such as {@code tower} */
    Link make(String id, S settings, Link.Secrets secrets, LinkLife life);
}

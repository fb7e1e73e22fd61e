package org.waxbell.app.link;

import org.waxbell.kind.Kind;
import org.waxbell.link.LinkSettings;

/**
 * Makes the links of one kind: the extension point of connections to the outside.
 *
 * @param <S> its settings, one of {@link org.waxbell.link.LinkKinds}
 */
public interface LinkMaker<S extends LinkSettings> {
    /** What its settings say of themselves. */
    Kind<S> kind();

    /** Whether there can be several of them. */
    boolean several();

    /** Makes a link that tells how it is doing by {@code life}. @param id its name, such as {@code tower} */
    Link make(String id, S settings, Link.Secrets secrets, LinkLife life);
}

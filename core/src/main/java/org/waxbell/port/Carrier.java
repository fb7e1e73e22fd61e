package org.waxbell.port;

import java.util.function.Consumer;

/**
 * Port: carries directives of one kind out. Every adapter brings its own; who is asked first and takes one gets it.
 *
 * @param <D> the kind
 */
public interface Carrier<D> {
    /** The kind. */
    Class<D> takes();

    /** Whether it reaches just what this one is for, such as its link. */
    default boolean reaches(D directive) {
        return true;
    }

    /** Carries it out; it must not block. What cannot be done is reported as a failure of its part. */
    void carry(D directive);

    /** A carrier that takes all of one kind. */
    static <D> Carrier<D> of(Class<D> kind, Consumer<D> way) {
        return new Carrier<>() {
            @Override
            public Class<D> takes() {
                return kind;
            }

            @Override
            public void carry(D directive) {
                way.accept(directive);
            }
        };
    }
}

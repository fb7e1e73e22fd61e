package org.waxbell.kind;

/** A thing of a kind. */
public interface Kinded {
    /** What its kind says of itself. */
    Kind<?> kind();
}

package org.waxbell.app.security;

import jakarta.servlet.Filter;
import java.util.function.Function;

/** Lets tests of other packages try the filter that keeps other computers out. */
public final class FilterAccess {
    private FilterAccess() {}

    /** The filter of a program whose parts are found by {@code beans}. */
    public static Filter of(Function<Class<Hosts>, Hosts> beans) {
        return new HostFilter(beans.apply(Hosts.class));
    }
}

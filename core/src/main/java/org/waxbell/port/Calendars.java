package org.waxbell.port;

import java.util.Optional;
import org.waxbell.cue.CalendarPull;

/** Port: works out calendar rules (RFC 5545). */
public interface Calendars {
    /** No calendar: nothing ever comes. */
    Calendars NONE = new Calendars() {
        @Override
        public long next(CalendarPull pull, long after) {
            return Long.MAX_VALUE;
        }

        @Override
        public Optional<String> faultOf(String rule) {
            return Optional.empty();
        }
    };

    /**
     * The first occurrence later than {@code after}, both in milliseconds since 1970 UTC; {@link Long#MAX_VALUE} where there is
     * none.
     */
    long next(CalendarPull pull, long after);

    /** Why a rule cannot be read, as a sentence; empty where it can. */
    Optional<String> faultOf(String rule);
}

package org.waxbell.earning;

/**
 * What is known of somebody in this show.
 *
 * @param person identity
 * @param member whether they are a member
 * @param at     when they wrote last, milliseconds since 1970 UTC
 * @param lines  how many lines of theirs earned something since presence was last paid
 * @param gave   how many points they gave away in this show
 */
public record Present(String person, String name, boolean member, long at, int lines, long gave) {
    Present wrote(long when, String called, boolean isMember, int more) {
        return new Present(person, called, isMember, when, lines + more, gave);
    }

    Present anew() {
        return lines == 0 ? this : new Present(person, name, member, at, 0, gave);
    }

    Present giving(long more) {
        return new Present(person, name, member, at, lines, gave + more);
    }
}

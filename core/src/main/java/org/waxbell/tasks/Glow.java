package org.waxbell.tasks;

/**
 * What stands beside a viewer's name for a while.
 *
 * @param person identity
 * @param name   as they are called
 * @param seal   the seal that is pressed there; empty text where a colour stands alone
 * @param colour of the wax, such as {@code #c8841a}
 * @param until  when it goes out, milliseconds since 1970 UTC
 */
public record Glow(String person, String name, String seal, String colour, long until) {}

package org.waxbell.evening;

/** Somebody who is in a circle by what is kept of them. @param circle its id @param person identity */
public record Circled(String circle, String person) {
    /** By what it is remembered. */
    public String key() {
        return circle + "/" + person;
    }
}

package org.waxbell.evening;

/** A first line tonight that is spent. @param who key of whose, see {@link org.waxbell.event.Identity} */
public record Spent(String cueId, long who) {
    /** By what it is remembered. */
    public String key() {
        return cueId + "/" + Long.toHexString(who);
    }
}

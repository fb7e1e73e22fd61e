package org.waxbell.turns;

/** Who comes before whom. */
public enum First {
    /** Who came first. */
    CAME("whoever came first comes first"),
    /** Members before the others. */
    MEMBERS("members come first"),
    /** Who was not up yet in this show before those who were. */
    FRESH("whoever was not up yet comes first");

    private final String says;

    First(String says) {
        this.says = says;
    }

    /** As a sentence says it. */
    String says() {
        return says;
    }
}

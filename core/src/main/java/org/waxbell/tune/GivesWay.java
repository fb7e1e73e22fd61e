package org.waxbell.tune;

/** When the fallback list gives way to what is asked for. */
public enum GivesWay {
    /** In the middle of a tune. */
    NOW("at once"),
    /** When its tune is over. */
    AFTER("after its tune");

    private final String says;

    GivesWay(String says) {
        this.says = says;
    }

    /** How a sentence says it. */
    String says() {
        return says;
    }
}

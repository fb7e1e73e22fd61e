package org.waxbell.app.mixer;

/** Where the mixer is. @param address {@code practice} for the one that ships with us, else such as {@code ws://studio.local:4466/link} */
record MixerSettings(String address) {
    static final String PRACTICE = "practice";

    boolean practice() {
        return address.equals(PRACTICE);
    }
}

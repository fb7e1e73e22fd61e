package org.waxbell.app.security;

import java.util.Map;

/** What is said with a status where nothing else was said. */
public final class Refusals {
    private static final Map<Integer, String> WORDS = Map.of(
            400, "This request is not understood here. Ask for a page of Wax Bell, or look into docs/formats.",
            403, "That is not open from here. Sign in first, or use the computer on which Wax Bell runs.",
            404, "There is nothing at this address. The console is at /.",
            405, "That cannot be done at this address. What can is in docs/formats/openapi.json.",
            413, "That is too much at once. Send less.",
            414, "The address is too long.",
            415, "That kind of content is not taken in here. Send JSON, or a file as bytes.",
            500, "A fault of the program ended it. The log in the data folder says more.");

    private Refusals() {}

    /** A sentence, with what to do instead. @param status of HTTP */
    public static String words(int status) {
        return WORDS.getOrDefault(status, "That was refused (" + status + ").");
    }
}

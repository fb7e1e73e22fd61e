package org.waxbell.app.computer;

import java.util.List;

/**
 * What the helper process is asked for, as a line of JSON.
 *
 * @param id       by which it is answered
 * @param verb     {@code down}, {@code up}, or a {@link org.waxbell.keys.Verb}
 * @param words    the keys of {@code down} and {@code up}; else as the verb has them, for programs what is run
 * @param programs in front of which alone it may be done, each as what is run; whatever is in front where there is none
 * @param limitMs  how long it is tried, in milliseconds
 */
record Wish(long id, String verb, List<String> words, List<List<String>> programs, long limitMs) {
    static final String DOWN = "down";
    static final String UP = "up";

    Wish {
        words = List.copyOf(words);
        programs = List.copyOf(programs);
    }

    /** What came of one. @param why it was not done, as a sentence without its full stop; empty text where it was. An id of 0 tells how the helper itself began */
    record Told(long id, String why) {}
}

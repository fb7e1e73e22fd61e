package org.waxbell.app.script;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * One call, as the program that runs scripts is told it.
 *
 * @param hash     of the code
 * @param code     the code, null where that program has it already
 * @param function which function, empty text to look only whether the code can be read
 */
record ScriptCall(
        String hash,
        @Nullable String code,
        String function,
        Map<String, Object> event,
        Map<String, Object> settings,
        Map<String, String> notes,
        long seed,
        long now) {

    /**
     * What came of one.
     *
     * @param failure why it was not done, with the line; empty text where it was
     * @param halted  whether a bound was broken, so that it is to be run no more
     * @param wishes  what is wanted: for each what, and what is said with it
     * @param log     what it wrote down
     * @param micros  how long it took, in millionths of a second
     */
    record Came(String failure, boolean halted, List<Wanted> wishes, List<String> log, long micros) {
        Came {
            wishes = List.copyOf(wishes);
            log = List.copyOf(log);
        }

        static Came failed(String why, boolean halted) {
            return new Came(why, halted, List.of(), List.of(), 0);
        }
    }

    /** Something that is wanted. */
    record Wanted(String act, Map<String, String> with) {}
}

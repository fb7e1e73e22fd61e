package org.waxbell.app.script;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * What a script would want of a made-up event.
 *
 * @param failure why it failed, with the line; empty text where it did not
 * @param wishes  what it wants done, a sentence each
 * @param log     what it wrote down
 */
public record ScriptTry(String failure, List<String> wishes, List<String> log) {
    public ScriptTry {
        wishes = List.copyOf(wishes);
        log = List.copyOf(log);
    }

    static String sentence(ScriptCall.Wanted wanted) {
        Map<String, String> with = new TreeMap<>(wanted.with());
        String behind = with.entrySet().stream()
                .map(each -> each.getKey() + " " + each.getValue())
                .collect(Collectors.joining(", "));
        return wanted.act() + (behind.isEmpty() ? "" : ": " + behind);
    }
}

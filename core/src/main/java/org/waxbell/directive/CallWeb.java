package org.waxbell.directive;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * Call an address on the web, and report what it answered.
 *
 * @param link    of the address, by id
 * @param type    what the call is about, such as {@code candle.kept}
 * @param form    whether its body is a form, else JSON
 * @param fields  what it says, in order
 * @param reads   what is read of the answer: a JSON Pointer for each name
 * @param limitMs how long it is tried, in milliseconds
 */
public record CallWeb(
        String partRun,
        long meantFor,
        String link,
        String type,
        boolean form,
        Map<String, String> fields,
        Map<String, String> reads,
        long limitMs)
        implements Directive {
    private static final long STAND_IN_TAKES_MS = 300;

    public CallWeb {
        fields = Collections.unmodifiableMap(new LinkedHashMap<>(fields));
        reads = Collections.unmodifiableMap(new LinkedHashMap<>(reads));
    }

    @Override
    public Wave wave() {
        return Wave.DONE;
    }

    @Override
    public String untaken() {
        return "no link is set up to the address " + link;
    }

    @Override
    public Optional<StandIn> standIn() {
        Map<String, String> answered = new LinkedHashMap<>(Map.of("status", "200"));
        reads.keySet().forEach(name -> answered.put(name, name));
        return Optional.of(new StandIn(STAND_IN_TAKES_MS, answered));
    }
}

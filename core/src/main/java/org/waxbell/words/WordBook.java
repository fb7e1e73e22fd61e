package org.waxbell.words;

import java.util.LinkedHashMap;
import java.util.Map;

/** Keeps patterns compiled that are used again and again, the latest first, as many as a large wiring has. Not safe for several threads. */
public class WordBook {
    private static final int MOST = 10_000;
    private final Map<String, Wording> compiled = new LinkedHashMap<>(64, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Wording> eldest) {
            return size() > MOST;
        }
    };

    Wording compile(String pattern) {
        return Wording.of(pattern);
    }

    /** The pattern, compiled now or before. */
    public Wording get(String pattern) {
        return compiled.computeIfAbsent(pattern, this::compile);
    }
}

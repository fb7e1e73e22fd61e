package org.waxbell.speech;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * How the voice stands.
 *
 * @param halted  whether the host lets everything wait
 * @param blocked names of those for whom nothing is said, by their keys
 * @param own     voices of persons, likewise
 * @param settled decisions that waited for the host and were let through or put away, the last ones
 */
public record VoiceState(boolean halted, Map<String, String> blocked, Map<String, OwnVoice> own, List<Long> settled) {
    /** Before anything happened. */
    public static final VoiceState NEW = new VoiceState(false, Map.of(), Map.of(), List.of());

    private static final int MOST = 500;

    public VoiceState {
        blocked = Collections.unmodifiableMap(new TreeMap<>(blocked));
        own = Collections.unmodifiableMap(new TreeMap<>(own));
        settled = List.copyOf(settled);
    }

    /** The key of a name: capitals and a sign before it make no difference. */
    static String key(String name) {
        String bare = name.strip().toLowerCase(Locale.ROOT);
        return bare.startsWith("@") ? bare.substring(1) : bare;
    }

    /** The voice that somebody has of their own, null for none. */
    public @Nullable OwnVoice voiceOf(String name) {
        return own.get(key(name));
    }

    /** Whether nothing is said for somebody. */
    public boolean isBlocked(String name) {
        return blocked.containsKey(key(name));
    }

    VoiceState halting(boolean next) {
        return new VoiceState(next, blocked, own, settled);
    }

    VoiceState blocking(String name, boolean next) {
        Map<String, String> all = new TreeMap<>(blocked);
        if (next) {
            all.put(key(name), name.strip().replaceFirst("^@", ""));
        } else {
            all.remove(key(name));
        }
        return new VoiceState(halted, all, own, settled);
    }

    VoiceState giving(String name, OwnVoice voice) {
        Map<String, OwnVoice> all = new TreeMap<>(own);
        all.put(key(name), voice);
        return new VoiceState(halted, blocked, all, settled);
    }

    VoiceState taking(String name) {
        Map<String, OwnVoice> all = new TreeMap<>(own);
        all.remove(key(name));
        return new VoiceState(halted, blocked, all, settled);
    }

    VoiceState settling(long decision) {
        List<Long> all = new ArrayList<>(settled);
        all.add(decision);
        return new VoiceState(halted, blocked, own, all.subList(Math.max(0, all.size() - MOST), all.size()));
    }
}

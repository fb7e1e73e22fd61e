package org.waxbell.engine;

import java.util.AbstractMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What stands on the slate and what desks bring, by name in words, as nobody in person sees it: a desk is asked only where somebody reads of it. */
final class WordsSeen extends AbstractMap<String, String> {
    private final Map<String, String> slate;
    private final DeskRuns desks;

    WordsSeen(Map<String, String> slate, DeskRuns desks) {
        this.slate = slate;
        this.desks = desks;
    }

    @Override
    public @Nullable String get(Object name) {
        Object ofDesk = desks.value(name, "");
        return ofDesk != null ? ofDesk.toString() : slate.get(name);
    }

    @Override
    public boolean containsKey(Object name) {
        return get(name) != null;
    }

    @Override
    public Set<Entry<String, String>> entrySet() {
        Map<String, String> all = new HashMap<>(slate);
        desks.values("").forEach((name, value) -> all.put(name, value.toString()));
        return all.entrySet();
    }
}

package org.waxbell.engine;

import java.util.AbstractMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What stands on the slate and what desks bring, by name in words, as a person sees it: a desk is asked only where somebody reads of it. */
final class WordsSeen extends AbstractMap<String, String> {
    private final Map<String, String> slate;
    private final DeskRuns desks;
    private final String person;

    /** @param person empty text for nobody in particular */
    WordsSeen(Map<String, String> slate, DeskRuns desks, String person) {
        this.slate = slate;
        this.desks = desks;
        this.person = person;
    }

    @Override
    public @Nullable String get(Object name) {
        Object ofDesk = desks.value(name, person);
        return ofDesk != null ? ofDesk.toString() : slate.get(name);
    }

    @Override
    public boolean containsKey(Object name) {
        return get(name) != null;
    }

    @Override
    public Set<Entry<String, String>> entrySet() {
        Map<String, String> all = new HashMap<>(slate);
        desks.values(person).forEach((name, value) -> all.put(name, value.toString()));
        return all.entrySet();
    }
}

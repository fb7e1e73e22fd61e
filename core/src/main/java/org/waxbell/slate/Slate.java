package org.waxbell.slate;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** What stands on the slate now. Not safe for several threads. */
public final class Slate {
    private final Map<String, TreeMap<String, String>> texts = new TreeMap<>();
    private List<SlateValue> values;

    /** A slate with these values, and what stood there. */
    public Slate(List<SlateValue> values, List<SlateEntry> entries) {
        this.values = List.copyOf(values);
        entries.forEach(this::put);
    }

    /** The values were changed; what stands for one that is no more is forgotten only where it is written anew. */
    public void define(List<SlateValue> next) {
        values = List.copyOf(next);
    }

    /** The value of that id. */
    public Optional<SlateValue> value(String id) {
        return values.stream().filter(each -> each.id().equals(id)).findFirst();
    }

    /** What stands there for a person, or for all where the value is the channel's. */
    public String read(SlateValue value, String person) {
        TreeMap<String, String> of = texts.get(value.id());
        return of == null ? value.start() : of.getOrDefault(value.perViewer() ? person : "", value.start());
    }

    /** What stands there for the first of these people for whom something was written. */
    public String readAny(SlateValue value, List<String> people) {
        TreeMap<String, String> of = texts.getOrDefault(value.id(), new TreeMap<>());
        return people.stream().filter(of::containsKey).map(of::get).findFirst().orElse(value.start());
    }

    /** Writes {@code text}; the entry as it stands now. */
    public SlateEntry write(SlateValue value, String person, String text) {
        SlateEntry entry = new SlateEntry(value.id(), value.perViewer() ? person : "", value.tidy(text));
        put(entry);
        return entry;
    }

    private void put(SlateEntry entry) {
        texts.computeIfAbsent(entry.value(), id -> new TreeMap<>()).put(entry.person(), entry.text());
    }

    /** All values as a person sees them: numbers as {@link Long}. */
    public Map<String, Object> seenBy(String person) {
        Map<String, Object> seen = new TreeMap<>();
        for (SlateValue value : values) {
            String text = read(value, person);
            seen.put(value.id(), value.number() ? (Object) SlateValue.toNumber(text) : text);
        }
        return seen;
    }

    /** What stands for one stands for the other too, unless something does already; what is new of that. */
    public List<SlateEntry> unite(String from, String to) {
        List<SlateEntry> more = new ArrayList<>();
        texts.forEach((value, of) -> {
            String text = of.get(from);
            if (text != null && !of.containsKey(to)) {
                more.add(new SlateEntry(value, to, text));
            }
        });
        more.forEach(this::put);
        return more;
    }

    /** A show begins: what is not kept is as at the start. The ids of values that were wiped. */
    public List<String> wipe() {
        List<String> wiped = new ArrayList<>();
        for (SlateValue value : values) {
            if (!value.keeps() && texts.remove(value.id()) != null) {
                wiped.add(value.id());
            }
        }
        return wiped;
    }

    /** All that it remembers. */
    public List<SlateEntry> save() {
        List<SlateEntry> all = new ArrayList<>();
        texts.forEach((id, of) -> of.forEach((person, text) -> all.add(new SlateEntry(id, person, text))));
        return all;
    }
}

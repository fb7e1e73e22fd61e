package org.waxbell.event;

import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import org.waxbell.actor.Actor;

/**
 * Something that happened, of a kind that is listed once: a channel told it, it happened in the house, or a desk tells it.
 *
 * @param what   its kind
 * @param actor  who did it, or where it comes from
 * @param link   the link that told it; empty for what no link sent
 * @param by     the viewer who caused it; empty for what no viewer did
 * @param fields what stands in its fields, by their keys and in their order
 */
public record Fact(FactKind what, Actor actor, Optional<String> link, Optional<Viewer> by, Map<String, Object> fields)
        implements ShowEvent {
    public Fact {
        fields = Collections.unmodifiableMap(new LinkedHashMap<>(fields));
    }

    /** Whether it is of that kind. */
    public boolean is(FactKind kind) {
        return what == kind;
    }

    /** The text in a field. */
    public String text(String key) {
        return (String) fields.getOrDefault(key, "");
    }

    /** The number in a field. */
    public long number(String key) {
        return (Long) fields.getOrDefault(key, 0L);
    }

    /** The texts in a field, by their keys. */
    public Map<String, String> texts(String key) {
        Map<String, String> all = new TreeMap<>();
        ((Map<?, ?>) fields.getOrDefault(key, Map.of())).forEach((name, text) -> all.put((String) name, (String) text));
        return all;
    }

    /** The target that stands another way; only facts that have one. */
    public Target target() {
        return (Target) Objects.requireNonNull(fields.get("target"), () -> what + " has no target");
    }

    /** Whether it has a target that stands another way. */
    public boolean aboutTarget() {
        return fields.containsKey("target");
    }

    /** The same, done by another viewer. */
    public Fact by(Viewer other) {
        return new Fact(what, actor, link, Optional.of(other), fields);
    }

    /** The same about another target. */
    public Fact about(Target other) {
        Map<String, Object> all = new LinkedHashMap<>(fields);
        all.put("target", other);
        return new Fact(what, actor, link, by, all);
    }

    /** The name of the viewer who caused it, empty text for nobody. */
    public String who() {
        return by.map(Viewer::name).orElse("");
    }

    /** The same kind of fact with other fields, from another link and viewer. */
    public Fact with(EventFields other) {
        return what.of(
                Actor.link(other.from()),
                Optional.of(other.from()),
                Optional.of(other.viewer()),
                field -> field.type().holds() == Long.class
                        ? (Object) other.number(field.name(), number(field.key()))
                        : other.text(field.name(), text(field.key())));
    }

    @Override
    public String kind() {
        return what.name();
    }

    @Override
    public String sentence() {
        return what.sentence(this);
    }

    @Override
    public Map<String, String> values() {
        Map<String, String> values = new HashMap<>(what.inWords(this));
        by.ifPresent(viewer -> values.put("viewer", viewer.name()));
        for (Field field : what.fields()) {
            if (field.type() == Field.Type.MONEY) {
                values.put(field.amount(), money(field.key()));
            } else if (!field.name().isEmpty()) {
                values.put(field.name(), String.valueOf(fields.get(field.key())));
            }
        }
        return values;
    }

    /** An amount as people write it: {@code 3.50}. */
    String money(String key) {
        long cents = number(key);
        return String.format(Locale.ROOT, "%d.%02d", cents / 100, cents % 100);
    }

    @Override
    public Map<String, Long> numbers() {
        Map<String, Long> numbers = new HashMap<>();
        for (Field field : what.fields()) {
            if (field.type().holds() == Long.class && !field.name().isEmpty()) {
                numbers.put(field.name(), number(field.key()));
            }
        }
        return numbers;
    }
}

package org.waxbell.app.json;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.waxbell.booking.BusyRule;
import org.waxbell.directive.Shown;
import org.waxbell.event.CueRang;
import org.waxbell.event.Fact;
import org.waxbell.event.ShowEvent;
import org.waxbell.kind.Family;
import org.waxbell.rehearsal.Step;
import org.waxbell.score.Anchor;
import org.waxbell.wiring.Kinds;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.jsontype.NamedType;

/** What each kind is called in JSON, in the key {@code kind}: as kinds say of themselves, and for closed sets by their classes. */
public final class Families {
    /** Closed sets, whose kinds are named by their classes. */
    private static final List<Class<?>> CLOSED =
            List.of(Anchor.class, BusyRule.class, ShowEvent.class, Step.class, Shown.class);
    /** Those of closed sets that documents of old name otherwise. */
    private static final Map<Class<?>, String> OTHERWISE = Map.of(
            CueRang.class, "cue", Step.Rewired.class, "wiring", Step.Led.class, "lead", Shown.Moving.class, "move");

    private final Kinds kinds;
    private final Map<Class<?>, Map<String, Class<?>>> all = new LinkedHashMap<>();

    /** The families of a program that knows these kinds. */
    public Families(Kinds kinds) {
        this.kinds = kinds;
        kinds.families().forEach(family -> all.put(family.of(), members(family)));
        CLOSED.forEach(each -> all.put(each, members(each)));
    }

    private static Map<String, Class<?>> members(Family<?> family) {
        Map<String, Class<?>> members = new LinkedHashMap<>();
        family.kinds().forEach(kind -> members.put(kind.name(), kind.type()));
        return members;
    }

    private static Map<String, Class<?>> members(Class<?> closed) {
        Map<String, Class<?>> members = new LinkedHashMap<>();
        Arrays.stream(closed.getPermittedSubclasses())
                .flatMap(each -> each.isInterface()
                        ? Arrays.stream(each.getPermittedSubclasses())
                        : Arrays.stream(new Class<?>[] {each}))
                .filter(each -> each != Fact.class)
                .forEach(each -> members.put(OTHERWISE.getOrDefault(each, decapitalised(each.getSimpleName())), each));
        return members;
    }

    private static String decapitalised(String name) {
        return Character.toLowerCase(name.charAt(0)) + name.substring(1);
    }

    /** What the kinds of a family are called, and what they are; empty where {@code type} is no family. */
    public Optional<Map<String, Class<?>>> of(Class<?> type) {
        return Optional.ofNullable(all.get(type));
    }

    /** The kinds that describe themselves. */
    public Kinds kinds() {
        return kinds;
    }

    void register(JsonMapper.Builder builder) {
        all.forEach((family, members) -> {
            builder.addMixIn(family, family == ShowEvent.class ? Events.class : ByKind.class);
            members.forEach((name, type) -> builder.registerSubtypes(new NamedType(type, name)));
        });
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    interface ByKind {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind", visible = true)
    @JsonIgnoreProperties("kind")
    interface Events {}
}

package org.waxbell.pack;

import java.lang.reflect.RecordComponent;
import java.util.Collection;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.waxbell.act.Asking;
import org.waxbell.act.DeskSheet;
import org.waxbell.chapter.Chapter;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Pull;
import org.waxbell.event.Target;
import org.waxbell.fixture.Fixture;
import org.waxbell.gate.ConditionGate;
import org.waxbell.gate.Gate;
import org.waxbell.gate.WhoGate;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.kind.Records;
import org.waxbell.score.Part;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.Wiring;

/** Finds what something of a wiring names of the rest of it: told by how kinds describe their fields, and by the values that stand in words. */
final class Hanging {
    private static final Pattern IN_BRACES = Pattern.compile("\\{\\s*(\\w+)");
    private static final Pattern NAMES = Pattern.compile("\\w+");

    /** What a field names by where its choices come from. */
    private static final Map<From, PackItem.Sort> SORTS = Map.ofEntries(
            Map.entry(From.RACKS, PackItem.Sort.RACK),
            Map.entry(From.STAGES, PackItem.Sort.STAGE),
            Map.entry(From.CUES, PackItem.Sort.CUE),
            Map.entry(From.LOOKS, PackItem.Sort.LOOK),
            Map.entry(From.OWN_LOOKS, PackItem.Sort.LOOK),
            Map.entry(From.SLATE, PackItem.Sort.SLATE),
            Map.entry(From.NUMBERS, PackItem.Sort.SLATE),
            Map.entry(From.DESKS, PackItem.Sort.DESK),
            Map.entry(From.CLOCKS, PackItem.Sort.DESK),
            Map.entry(From.QUEUES, PackItem.Sort.DESK),
            Map.entry(From.TASKS, PackItem.Sort.DESK),
            Map.entry(From.TUNES, PackItem.Sort.DESK),
            Map.entry(From.CROWDS, PackItem.Sort.DESK),
            Map.entry(From.POLLS, PackItem.Sort.DESK),
            Map.entry(From.PRIZES, PackItem.Sort.DESK));

    private final Wiring wiring;
    private final Set<PackItem> found = new TreeSet<>();

    private Hanging(Wiring wiring) {
        this.wiring = wiring;
    }

    /** What {@code thing} names; what is not there is not among it. */
    static Set<PackItem> on(Object thing, Wiring wiring) {
        Hanging hanging = new Hanging(wiring);
        hanging.walk(thing);
        hanging.found.retainAll(Packing.all(wiring));
        return hanging.found;
    }

    private void walk(@Nullable Object thing) {
        if (thing instanceof String text) {
            names(text, IN_BRACES);
        } else if (thing instanceof Optional<?> maybe) {
            maybe.ifPresent(this::walk);
        } else if (thing instanceof Collection<?> all) {
            all.forEach(this::walk);
        } else if (thing instanceof Map<?, ?> map) {
            map.values().forEach(this::walk);
        } else if (thing instanceof Record) {
            told(thing);
            for (RecordComponent each : thing.getClass().getRecordComponents()) {
                walk(Records.get(thing, each));
            }
        }
    }

    /** What it names by a field. */
    private void told(Object thing) {
        kind(thing)
                .ifPresent(kind -> kind.fields().stream()
                        .filter(field -> field.type() != Field.Type.SECRET && SORTS.containsKey(field.from()))
                        .forEach(field -> named(field, Kind.at(thing, field.key()))));
        if (thing instanceof Target target && target.kind() == Target.Kind.RACK) {
            found.add(new PackItem(PackItem.Sort.RACK, target.name()));
        } else if (thing instanceof Asking asking) {
            desk(asking.about());
        } else if (thing instanceof Chapter chapter) {
            desk(chapter.clock());
        } else if (thing instanceof WhoGate who) {
            who.circles().forEach(each -> found.add(new PackItem(PackItem.Sort.CIRCLE, each)));
        } else if (thing instanceof ConditionGate gate) {
            names(gate.condition(), NAMES);
        } else if (thing instanceof Cue cue) {
            cue.takes().forEach(take -> names(take.when(), NAMES));
        }
    }

    private static Optional<Kind<?>> kind(Object thing) {
        return Optional.ofNullable(
                thing instanceof Part part
                        ? part.kind()
                        : thing instanceof Gate gate
                                ? gate.kind()
                                : thing instanceof Pull pull
                                        ? pull.kind()
                                        : thing instanceof Fixture fixture
                                                ? fixture.kind()
                                                : thing instanceof DeskSheet desk
                                                        ? desk.kind()
                                                        : thing instanceof Cue
                                                                ? Cue.KIND
                                                                : thing instanceof Stage ? Stage.KIND : null);
    }

    private void named(Field field, Object value) {
        PackItem.Sort sort = Objects.requireNonNull(SORTS.get(field.from()));
        if (sort == PackItem.Sort.DESK) {
            desk(String.valueOf(value));
        } else {
            found.add(new PackItem(sort, String.valueOf(value)));
        }
    }

    /** A desk by its place: one that stands by itself, or one on a stage. */
    private void desk(String place) {
        int stroke = place.indexOf('/');
        found.add(
                stroke < 0
                        ? new PackItem(PackItem.Sort.DESK, place)
                        : new PackItem(PackItem.Sort.STAGE, place.substring(0, stroke)));
    }

    /** Values of the slate and of desks that stand in a text. */
    private void names(String text, Pattern pattern) {
        Matcher each = pattern.matcher(text);
        while (each.find()) {
            String name = each.group(each.groupCount());
            wiring.house().slate().stream()
                    .filter(value -> value.id().equals(name)
                            || value.inWords().equals(name)
                            || value.ofNamed().equals(name))
                    .forEach(value -> found.add(new PackItem(PackItem.Sort.SLATE, value.id())));
            wiring.deskDocuments().forEach((place, desk) -> {
                if (desk.values().containsKey(name)) {
                    desk(place);
                }
            });
        }
    }
}

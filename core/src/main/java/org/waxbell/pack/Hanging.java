package org.waxbell.pack;

import java.lang.reflect.RecordComponent;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.waxbell.act.Asking;
import org.waxbell.booking.Place;
import org.waxbell.chapter.Chapter;
import org.waxbell.cue.Cue;
import org.waxbell.event.Target;
import org.waxbell.gate.ConditionGate;
import org.waxbell.gate.WhoGate;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.kind.Kinded;
import org.waxbell.kind.Records;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.Wiring;

/**
 * Finds what something of a wiring names of the rest of it, told by how kinds describe their fields and by the values that stand in words: other
 * things, and places on stages.
 */
final class Hanging {
    private static final Pattern IN_BRACES = Pattern.compile("\\{\\s*(\\w+)");
    private static final Pattern NAMES = Pattern.compile("(\\w+)");
    private static final Set<From> PLACES =
            EnumSet.of(From.SPOTS, From.OUTLETS, From.OWN_OUTLETS, From.WHEELS, From.MASCOTS);

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

    private final Set<PackItem> items = new TreeSet<>();
    private final Set<Place> places = new TreeSet<>();
    private final Names names;
    /** The stage on which what is looked at stands, empty text for none. */
    private final String on;

    private Hanging(Names names, String on) {
        this.names = names;
        this.on = on;
    }

    /** What stands in words for values of the slate and of desks, of one wiring. */
    record Names(Map<String, PackItem> slate, Map<String, String> desks) {
        static Names of(Wiring wiring) {
            Map<String, PackItem> slate = new HashMap<>();
            wiring.house().slate().forEach(value -> {
                PackItem item = new PackItem(PackItem.Sort.SLATE, value.id());
                slate.put(value.id(), item);
                slate.put(value.inWords(), item);
                slate.put(value.ofNamed(), item);
            });
            Map<String, String> desks = new HashMap<>();
            wiring.deskDocuments()
                    .forEach((place, desk) -> desk.values().keySet().forEach(value -> desks.put(value, place)));
            return new Names(slate, desks);
        }
    }

    /** What {@code thing} names; some of it may not be there. @param stage on which it stands, empty text for none */
    static Hanging of(Object thing, Names names, String stage) {
        Hanging hanging = new Hanging(names, stage);
        hanging.walk(thing);
        return hanging;
    }

    /** Other things of the wiring. */
    Set<PackItem> items() {
        return items;
    }

    /** Spots, outlets and fixtures. */
    Set<Place> places() {
        return places;
    }

    private void walk(@Nullable Object thing) {
        if (thing instanceof String text) {
            named(text, IN_BRACES);
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

    /** What it names by its fields, and what has no field that tells. */
    private void told(Object thing) {
        Kind<?> kind = thing instanceof Kinded kinded
                ? kinded.kind()
                : thing instanceof Cue ? Cue.KIND : thing instanceof Stage ? Stage.KIND : null;
        if (kind != null) {
            kind.fields().stream()
                    .filter(field -> field.type() != Field.Type.SECRET)
                    .forEach(field -> field(kind, field, thing));
        }
        if (thing instanceof Target target && target.kind() == Target.Kind.RACK) {
            items.add(new PackItem(PackItem.Sort.RACK, target.name()));
        } else if (thing instanceof Asking asking) {
            desk(asking.about());
        } else if (thing instanceof Chapter chapter) {
            desk(chapter.clock());
        } else if (thing instanceof WhoGate who) {
            who.circles().forEach(each -> items.add(new PackItem(PackItem.Sort.CIRCLE, each)));
        } else if (thing instanceof ConditionGate gate) {
            named(gate.condition(), NAMES);
        } else if (thing instanceof Cue cue) {
            cue.takes().forEach(take -> named(take.when(), NAMES));
        }
    }

    private void field(Kind<?> kind, Field field, Object thing) {
        if (PLACES.contains(field.from())) {
            String stage = kind.field("stage").isPresent() ? String.valueOf(Kind.at(thing, "stage")) : on;
            places.add(new Place(stage, String.valueOf(Kind.at(thing, field.key()))));
        } else if (SORTS.containsKey(field.from())) {
            PackItem.Sort sort = Objects.requireNonNull(SORTS.get(field.from()));
            String value = String.valueOf(Kind.at(thing, field.key()));
            if (sort == PackItem.Sort.DESK) {
                desk(value);
            } else {
                items.add(new PackItem(sort, value));
            }
        }
    }

    /** A desk by its place: one that stands by itself, or one on a stage. */
    private void desk(String place) {
        if (place.indexOf('/') < 1) {
            items.add(new PackItem(PackItem.Sort.DESK, place));
        } else {
            Place there = Place.of(place);
            items.add(new PackItem(PackItem.Sort.STAGE, there.stage()));
            places.add(there);
        }
    }

    /** Values of the slate and of desks that stand in a text. */
    private void named(String text, Pattern pattern) {
        Matcher each = pattern.matcher(text);
        while (each.find()) {
            Optional.ofNullable(names.slate().get(each.group(1))).ifPresent(items::add);
            Optional.ofNullable(names.desks().get(each.group(1))).ifPresent(this::desk);
        }
    }
}

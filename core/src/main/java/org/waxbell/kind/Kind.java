package org.waxbell.kind;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.waxbell.check.Contrast;
import org.waxbell.check.Problems;

/**
 * A kind of thing as it describes itself; all that is not behaviour is made from it.
 *
 * @param type  the record that is one
 * @param name  as documents write it, in the key {@code kind}
 * @param title as menus offer it
 * @param label its name in few words, as headings, journals and rehearsals say it
 * @param also  other words under which people look for it
 * @param says  what is said of something that it held, such as {@code resting}; empty text for what holds nothing
 * @param fields what its form asks, in order
 * @param fresh makes one with values that work at once
 */
public record Kind<T>(
        Class<? extends T> type,
        String name,
        String title,
        String label,
        String also,
        String says,
        List<Field> fields,
        Function<Fresh, T> fresh) {
    private static final ClassValue<Map<String, RecordComponent>> COMPONENTS = new ClassValue<>() {
        @Override
        protected Map<String, RecordComponent> computeValue(Class<?> type) {
            return components(type);
        }
    };

    public Kind {
        fields = List.copyOf(fields);
        fields.stream()
                .filter(field -> field.type() != Field.Type.SECRET)
                .forEach(
                        field -> Objects.requireNonNull(component(type, field.key()), type + " has no " + field.key()));
    }

    /** A kind without fields, which nothing makes afresh yet. */
    public static <T> Kind<T> of(Class<? extends T> type, String name, String title, String label) {
        return new Kind<>(type, name, title, label, "", "", List.of(), on -> {
            throw new UnsupportedOperationException("nothing makes " + name);
        });
    }

    /** The same with other words under which people look for it. */
    public Kind<T> also(String words) {
        return new Kind<>(type, name, title, label, words, says, fields, fresh);
    }

    /** The same with what is said of something that it held. */
    public Kind<T> saying(String words) {
        return new Kind<>(type, name, title, label, also, words, fields, fresh);
    }

    /** The same with fields. */
    public Kind<T> with(Field... all) {
        return new Kind<>(type, name, title, label, also, says, List.of(all), fresh);
    }

    /** The same with more fields, behind those it has. */
    public Kind<T> and(Field... more) {
        List<Field> all = new ArrayList<>(fields);
        all.addAll(List.of(more));
        return with(all.toArray(Field[]::new));
    }

    /** The same with how a fresh one is made. */
    public Kind<T> making(Function<Fresh, T> how) {
        return new Kind<>(type, name, title, label, also, says, fields, how);
    }

    /** The field of that key; empty where it has none. */
    public Optional<Field> field(String key) {
        return fields.stream().filter(each -> each.key().equals(key)).findFirst();
    }

    /** Whether the field means anything as {@code thing} stands. */
    public static boolean means(Field field, Object thing) {
        Field.When when = field.when();
        return when.key().isEmpty() || when.values().contains(written(at(thing, when.key())));
    }

    /** What stands in {@code thing} at a key, with dots into what it holds. */
    public static Object at(Object thing, String key) {
        int dot = key.indexOf('.');
        String first = dot < 0 ? key : key.substring(0, dot);
        if (thing instanceof Map<?, ?> map) {
            return Objects.requireNonNullElse(map.get(first), "");
        }
        RecordComponent component = Objects.requireNonNull(component(thing.getClass(), first), first);
        try {
            Object value = component.getAccessor().invoke(thing);
            return dot < 0 ? value : at(value, key.substring(dot + 1));
        } catch (ReflectiveOperationException hidden) {
            throw new IllegalStateException(thing.getClass() + " hides " + first, hidden);
        }
    }

    /** A value as documents write it: constants in small letters, {@code ONE_OF} as {@code oneOf}. */
    public static String written(Object value) {
        if (!(value instanceof Enum<?> constant)) {
            return String.valueOf(value);
        }
        String[] words = constant.name().toLowerCase(Locale.ROOT).split("_");
        StringBuilder name = new StringBuilder(words[0]);
        for (int i = 1; i < words.length; i++) {
            name.append(Character.toUpperCase(words[i].charAt(0))).append(words[i].substring(1));
        }
        return name.toString();
    }

    /** Adds what is wrong with the fields of {@code thing}, as far as that can be told from each alone. */
    public void check(Object thing, Problems problems) {
        check(thing, problems, (field, pattern) -> {});
    }

    /** The same, with how words for viewers are checked. */
    public void check(Object thing, Problems problems, BiConsumer<Field, String> words) {
        for (Field field : fields) {
            if (field.type() != Field.Type.SECRET && means(field, thing)) {
                Object value = at(thing, field.key());
                field.check(value, problems.at(field.key()));
                standsOut(field, thing, problems.at(field.key()));
                if (field.type() == Field.Type.WORDS) {
                    words.accept(field, value.toString());
                }
            }
        }
    }

    private static void standsOut(Field field, Object thing, Problems here) {
        String words = String.valueOf(at(thing, field.key()));
        if (field.over().isEmpty() || !Field.isColour(words)) {
            return;
        }
        field.over().stream()
                .map(other -> String.valueOf(at(thing, other)))
                .filter(Field::isColour)
                .mapToDouble(plate -> Contrast.of(words, plate))
                .min()
                .stream()
                .filter(contrast -> contrast < Contrast.LEAST)
                .forEach(contrast -> here.add(
                        words,
                        String.format(
                                Locale.ROOT,
                                "%s would not stand out from the plate: contrast %.1f.",
                                field.called(),
                                contrast),
                        "Choose colours further apart: at least " + Contrast.LEAST + "."));
    }

    private static @Nullable RecordComponent component(Class<?> type, String key) {
        return COMPONENTS.get(type).get(key.contains(".") ? key.substring(0, key.indexOf('.')) : key);
    }

    private static Map<String, RecordComponent> components(Class<?> type) {
        Map<String, RecordComponent> all = new HashMap<>();
        Arrays.stream(type.getRecordComponents()).forEach(each -> {
            // A record that is not public is described all the same.
            each.getAccessor().setAccessible(true);
            all.put(each.getName(), each);
        });
        return all;
    }
}

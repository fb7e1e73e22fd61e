package org.waxbell.kind;

import java.lang.reflect.Constructor;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Makes records anew with some of their components changed. */
public final class Records {
    private Records() {}

    /** What stands in a component of a record. */
    public static @Nullable Object get(Object thing, RecordComponent component) {
        try {
            component.getAccessor().setAccessible(true);
            return component.getAccessor().invoke(thing);
        } catch (ReflectiveOperationException hidden) {
            throw new IllegalStateException(thing.getClass() + " cannot be read", hidden);
        }
    }

    /** The same record with other values in the components of these names. */
    @SuppressWarnings("unchecked")
    public static <T> T with(T thing, Map<String, ?> others) {
        RecordComponent[] components = thing.getClass().getRecordComponents();
        Object[] values = new Object[components.length];
        try {
            for (int i = 0; i < components.length; i++) {
                String name = components[i].getName();
                values[i] = others.containsKey(name) ? others.get(name) : get(thing, components[i]);
            }
            Constructor<?> constructor = thing.getClass()
                    .getDeclaredConstructor(Arrays.stream(components)
                            .map(RecordComponent::getType)
                            .toArray(Class<?>[]::new));
            constructor.setAccessible(true);
            return (T) constructor.newInstance(values);
        } catch (ReflectiveOperationException hidden) {
            throw new IllegalStateException(thing.getClass() + " cannot be made anew", hidden);
        }
    }
}

package org.waxbell.act;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What the host has written for one standing job, such as one wheel: a desk runs it. */
public interface DeskDocument {
    /** The desk that runs it, by name. */
    String desk();

    /** Its name within its kind. */
    String id();

    /** How people call it. */
    String name();

    /** What one can ask for. */
    List<Act> acts();

    /** The values that it brings for words and conditions: their names in words, whether each is a number. */
    default Map<String, Boolean> values() {
        return Map.of();
    }

    /** The name in words of one of its values: {@code dyesLast}. */
    default String value(String what) {
        String name = id().replace("-", "");
        return (name.isEmpty() || !Character.isLetter(name.charAt(0)) ? desk() + name : name) + what;
    }

    /** The act of that name; empty where there is none. */
    default Optional<Act> act(String wanted) {
        return acts().stream().filter(each -> each.name().equals(wanted)).findFirst();
    }
}

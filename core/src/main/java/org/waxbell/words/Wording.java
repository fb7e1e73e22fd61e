package org.waxbell.words;

import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.MessagePattern.ArgType;
import com.ibm.icu.text.MessagePattern.Part;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * Words with values: an ICU message (open standard), compiled once.
 *
 * <p>{@code {viewer} sent {giftCount, plural, one {# sprig} other {# sprigs}}}. Alternatives are parted by a line that holds only
 * {@code ~}. What is filled in is text, never markup. A value that is not there leaves nothing; a {@code select} sees it as
 * {@code none}.
 */
public final class Wording {
    /** The line that parts one wording from the next. */
    public static final String OR = "~";
    /** The case of a {@code select} for a value that is not there. */
    public static final String NONE = "none";

    private final List<Function<Map<String, String>, String>> wordings;

    private Wording(List<Function<Map<String, String>, String>> wordings) {
        this.wordings = List.copyOf(wordings);
    }

    /** Why a pattern is refused. @param at place in the pattern, counted from 0 */
    public record Fault(int at, String message) {}

    /**
     * A value that a pattern names.
     *
     * @param number  whether it must be a number there
     * @param guarded whether it stands within a {@code select} that has a case for its absence
     */
    public record Use(String name, boolean number, boolean guarded) {}

    /** The alternatives of a pattern, as they are written. */
    public static List<String> alternatives(String pattern) {
        return List.of(pattern.split("\n" + OR + "\n", -1));
    }

    /** The first fault of {@code pattern}, or null where it can be compiled. */
    public static @Nullable Fault faultOf(String pattern) {
        int from = 0;
        for (String each : alternatives(pattern)) {
            try {
                new MessageFormat(each, Locale.ENGLISH);
            } catch (IllegalArgumentException wrong) {
                return new Fault(from + placeOf(each, wrong), String.valueOf(wrong.getMessage()));
            }
            from += each.length() + OR.length() + 2;
        }
        return null;
    }

    /** ICU quotes where it stopped: {@code ... at pattern index 9 "..."}. */
    private static int placeOf(String pattern, IllegalArgumentException wrong) {
        String message = String.valueOf(wrong.getMessage());
        int index = message.indexOf("index ");
        String digits = index < 0 ? "" : message.substring(index + 6).replaceAll("\\D.*", "");
        if (!digits.isEmpty()) {
            return Integer.parseInt(digits);
        }
        int quote = message.indexOf("\"");
        String quoted = quote < 0 ? "" : message.substring(quote + 1).replaceAll("( \\.\\.\\.)?\"$", "");
        return Math.max(0, pattern.indexOf(quoted));
    }

    /** Compiles {@code pattern}; the caller has asked {@link #faultOf} before. */
    public static Wording of(String pattern) {
        List<Function<Map<String, String>, String>> wordings = new ArrayList<>();
        for (String each : alternatives(pattern)) {
            MessagePattern parsed = new MessagePattern(each);
            wordings.add(isPlain(parsed) && !each.contains("'") ? new Plain(each) : new Icu(each, parsed));
        }
        return new Wording(wordings);
    }

    /** Fills a pattern whatever it is: one with a fault is left as it stands, and so is a value that is not there. */
    static Wording sample(String pattern) {
        if (faultOf(pattern) != null) {
            return new Wording(List.of(values -> pattern));
        }
        Wording compiled = of(pattern);
        List<Use> uses = uses(pattern);
        return new Wording(compiled.wordings.stream()
                .<Function<Map<String, String>, String>>map(each -> values -> each.apply(leaving(uses, values)))
                .toList());
    }

    private static Map<String, String> leaving(List<Use> uses, Map<String, String> values) {
        Map<String, String> all = new HashMap<>(values);
        uses.stream()
                .filter(use -> !use.number() && !use.guarded())
                .forEach(use -> all.putIfAbsent(use.name(), "{" + use.name() + "}"));
        return all;
    }

    private static boolean isPlain(MessagePattern parsed) {
        for (int i = 0; i < parsed.countParts(); i++) {
            if (parsed.getPartType(i) == Part.Type.ARG_START
                    && parsed.getPart(i).getArgType() != ArgType.NONE) {
                return false;
            }
        }
        return true;
    }

    /** Every value that a pattern names, in alphabetical order; the caller has asked {@link #faultOf} before. */
    public static List<Use> uses(String pattern) {
        Set<Use> uses = new TreeSet<>((one, other) -> one.toString().compareTo(other.toString()));
        for (String each : alternatives(pattern)) {
            MessagePattern parsed = new MessagePattern(each);
            uses(parsed, 0, parsed.countParts(), Set.of(), uses);
        }
        return List.copyOf(uses);
    }

    private static void uses(MessagePattern parsed, int from, int to, Set<String> guarded, Set<Use> uses) {
        for (int i = from; i < to; i++) {
            if (parsed.getPartType(i) == Part.Type.ARG_START) {
                int limit = parsed.getLimitPartIndex(i);
                ArgType type = parsed.getPart(i).getArgType();
                String name = parsed.getSubstring(parsed.getPart(i + 1));
                boolean guards = type == ArgType.SELECT && hasCase(parsed, i, limit);
                boolean number = type.hasPluralStyle() || type == ArgType.CHOICE || type == ArgType.SIMPLE;
                Set<String> within = new TreeSet<>(guarded);
                if (guards) {
                    within.add(name);
                }
                uses.add(new Use(name, number, within.contains(name)));
                uses(parsed, i + 2, limit, within, uses);
                i = limit;
            }
        }
    }

    private static boolean hasCase(MessagePattern parsed, int start, int limit) {
        for (int i = start; i < limit; i++) {
            Part part = parsed.getPart(i);
            if (part.getType() == Part.Type.ARG_SELECTOR && parsed.partSubstringMatches(part, NONE)) {
                return true;
            }
        }
        return false;
    }

    /** How many alternatives there are. */
    public int count() {
        return wordings.size();
    }

    /** The words of an alternative with their values. @param pick any number; counted round where there are fewer */
    public String fill(Map<String, String> values, int pick) {
        return wordings.get(Math.floorMod(pick, wordings.size())).apply(values);
    }

    /** The words of the first alternative with their values. */
    public String fill(Map<String, String> values) {
        return fill(values, 0);
    }

    /** Text and values in turn, joined: what most patterns are. */
    private static final class Plain implements Function<Map<String, String>, String> {
        /** Texts at even places, names at odd ones. */
        private final List<String> pieces = new ArrayList<>();

        Plain(String pattern) {
            int from = 0;
            for (int open = pattern.indexOf('{'); open >= 0; open = pattern.indexOf('{', from)) {
                int close = pattern.indexOf('}', open);
                pieces.add(pattern.substring(from, open));
                pieces.add(pattern.substring(open + 1, close).strip());
                from = close + 1;
            }
            pieces.add(pattern.substring(from));
        }

        @Override
        public String apply(Map<String, String> values) {
            StringBuilder filled = new StringBuilder();
            for (int i = 0; i < pieces.size(); i++) {
                filled.append(i % 2 == 0 ? pieces.get(i) : values.getOrDefault(pieces.get(i), ""));
            }
            return filled.toString();
        }
    }

    /** A message with plurals, numbers or cases. */
    private static final class Icu implements Function<Map<String, String>, String> {
        private final MessageFormat format;
        private final Map<String, Boolean> numbers = new HashMap<>();
        private final Set<String> selected = new TreeSet<>();

        Icu(String pattern, MessagePattern parsed) {
            format = new MessageFormat(pattern, Locale.ENGLISH);
            for (int i = 0; i < parsed.countParts(); i++) {
                if (parsed.getPartType(i) == Part.Type.ARG_START) {
                    ArgType type = parsed.getPart(i).getArgType();
                    String name = parsed.getSubstring(parsed.getPart(i + 1));
                    numbers.merge(name, type != ArgType.NONE && type != ArgType.SELECT, Boolean::logicalOr);
                    if (type == ArgType.SELECT) {
                        selected.add(name);
                    }
                }
            }
        }

        @Override
        public String apply(Map<String, String> values) {
            Map<String, Object> typed = new HashMap<>();
            numbers.forEach((name, number) -> {
                String value = values.getOrDefault(name, selected.contains(name) ? NONE : "");
                // What should be a number and is none counts as 0: nothing on air may stop for that.
                typed.put(
                        name,
                        number
                                ? (Object) (value.strip().matches("-?\\d{1,15}") ? Long.parseLong(value.strip()) : 0L)
                                : value);
            });
            return format.format(typed, new StringBuffer(), null).toString();
        }
    }
}

package org.waxbell.extension;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Something that a script wants done.
 *
 * @param act  what: one of the names below
 * @param with what is said with it
 */
public record Wish(String act, Map<String, String> with) {
    /** Write a line into chat: {@code text}, and {@code to} for one person alone. */
    public static final String SAY = "say";
    /** Move points: {@code person}, {@code amount}, {@code why}. */
    public static final String POINTS = "points";
    /** Write on the slate: {@code value}, {@code person}, {@code text}. */
    public static final String SLATE = "slate";
    /** Tell cues: {@code word}, {@code text}, {@code number}. */
    public static final String TELL = "tell";
    /** Keep a note: {@code key}, {@code text}. */
    public static final String KEEP = "keep";
    /** Keep a note no longer: {@code key}. */
    public static final String FORGET = "forget";
    /** Call an address: {@code link}, {@code type}, {@code tag}, and fields as {@code field.NAME}, what is read as {@code read.NAME}. */
    public static final String CALL = "call";

    static final String FIELD = "field.";
    static final String READ = "read.";
    private static final String DO = "do";

    public Wish {
        with = Map.copyOf(with);
    }

    String text(String key) {
        return with.getOrDefault(key, "");
    }

    /** What stands under names that begin so, by the rest of the name. */
    Map<String, String> below(String prefix) {
        Map<String, String> all = new LinkedHashMap<>();
        with.keySet().stream()
                .sorted()
                .filter(key -> key.startsWith(prefix))
                .forEach(key -> all.put(key.substring(prefix.length()), text(key)));
        return all;
    }

    /** Several as a report has them: {@code 0.do}, {@code 0.text}, {@code 1.do} and so on. */
    public static Map<String, String> written(List<Wish> wishes) {
        Map<String, String> all = new LinkedHashMap<>();
        for (int i = 0; i < wishes.size(); i++) {
            String at = i + ".";
            all.put(at + DO, wishes.get(i).act());
            wishes.get(i).with().forEach((key, text) -> all.put(at + "with." + key, text));
        }
        return all;
    }

    /** The same, read again. */
    static List<Wish> read(Map<String, String> results) {
        List<Wish> all = new ArrayList<>();
        for (int i = 0; results.containsKey(i + "." + DO); i++) {
            String at = i + ".with.";
            Map<String, String> with = new LinkedHashMap<>();
            results.forEach((key, text) -> {
                if (key.startsWith(at)) {
                    with.put(key.substring(at.length()), text);
                }
            });
            all.add(new Wish(results.getOrDefault(i + "." + DO, ""), with));
        }
        return all;
    }
}

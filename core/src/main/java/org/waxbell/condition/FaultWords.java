package org.waxbell.condition;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Says in words of ours what the reader of conditions found. */
final class FaultWords {
    private static final Map<String, String> TYPES = Map.of(
            "int",
            "a number",
            "uint",
            "a number",
            "double",
            "a number with a point",
            "string",
            "text",
            "bool",
            "true or false",
            "list(string)",
            "a list",
            "null",
            "nothing");
    private static final Map<Pattern, Function<MatchResult, String>> SAYINGS = new LinkedHashMap<>();

    static {
        says("undeclared reference to '([^']+)'", found -> "nothing here is called " + found.group(1));
        says(
                "found no matching overload for '([^']+)' applied to '\\(([^)]*(?:\\([^)]*\\)[^)]*)*)\\)'",
                found -> ofTypes(found.group(1), found.group(2)));
        says("undefined field '([^']+)'", found -> "nothing here is called " + found.group(1));
        says("(?i)token recognition error at: '?(.*?)'?$", found -> "“" + found.group(1) + "” has no meaning here");
        says("(?i)(mismatched|extraneous) input '<EOF>'.*", found -> "it breaks off: something is missing at the end");
        says(
                "(?i)(?:mismatched|extraneous) input '(.+?)' expecting.*",
                found -> "“" + found.group(1) + "” cannot stand here");
        says(
                "(?i)no viable alternative at input '(.+?)'.*",
                found -> "it cannot be read from “" + found.group(1) + "” on");
        says("(?i)missing '(.+?)' at '.*", found -> "“" + found.group(1) + "” is missing here");
        says("(?i).*recursion depth.*", found -> "it is nested too deep");
        says("(?i).*(?:unsupported|not supported|unknown) (?:macro|function).*", found -> "there is no such function");
    }

    private FaultWords() {}

    private static void says(String found, Function<MatchResult, String> words) {
        SAYINGS.put(Pattern.compile(found), words);
    }

    private static String ofTypes(String sign, String types) {
        String plain = sign.replaceAll("^@?_?|_$", "");
        String[] each = types.split(",\\s*");
        for (int i = 0; i < each.length; i++) {
            each[i] = TYPES.getOrDefault(each[i], each[i]);
        }
        return each.length == 2
                ? each[0] + " and " + each[1] + " cannot be put together by " + plain
                : plain + " cannot be used with " + String.join(", ", each);
    }

    /** The saying for a message; a plain one where it is not known. */
    static String of(String message) {
        String text = message.replaceFirst("^Syntax error:\\s*", "")
                .lines()
                .findFirst()
                .orElse("")
                .strip();
        for (Map.Entry<Pattern, Function<MatchResult, String>> each : SAYINGS.entrySet()) {
            Matcher matcher = each.getKey().matcher(text);
            if (matcher.find()) {
                return each.getValue().apply(matcher.toMatchResult());
            }
        }
        return "it cannot be read here";
    }
}

package org.waxbell.wiring;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import org.waxbell.cue.Pull;
import org.waxbell.words.WordKey;

/** The chat words that viewers are told of, and which of them was meant by one that is misspelled. */
public final class CommandList {
    /** The name in words of the list of chat words that the viewer may use. */
    public static final String VALUE = "commands";

    private static final int LONGEST = 380;
    private static final int LEAST_LETTERS = 4;
    private final List<Command> commands = new ArrayList<>();

    private record Command(ReadyCue ready, String word, String key, boolean first) {
        /** The word without its prefix, as people speak of it. */
        private String bare() {
            return key.replaceFirst("^[^\\p{L}\\p{N}]+", "");
        }
    }

    CommandList(List<ReadyCue> cues, String prefix) {
        for (ReadyCue ready : cues) {
            boolean first = ready.cue().listed();
            for (Pull pull : ready.cue().pulls()) {
                for (String word : pull.chatWords(prefix)) {
                    commands.add(new Command(ready, word, WordKey.of(word), first));
                    first = false;
                }
            }
        }
    }

    /** What viewers are told of, in the order of the list: on or off, whoever may. @param wiring gives racks their names */
    public List<PublicWord> told(Wiring wiring) {
        Map<ReadyCue, List<String>> byCue = new LinkedHashMap<>();
        commands.stream()
                .filter(each -> each.ready().cue().listed())
                .forEach(each -> byCue.computeIfAbsent(each.ready(), ready -> new ArrayList<>())
                        .add(each.word()));
        return byCue.entrySet().stream()
                .map(each -> PublicWord.of(each.getKey(), each.getValue(), wiring))
                .toList();
    }

    /** The word that {@code typed} names, with or without its prefix, and what it does; empty where it is none that is listed and passes. */
    public Optional<String> about(String typed, Predicate<ReadyCue> may) {
        String key = WordKey.of(typed);
        return key.isEmpty()
                ? Optional.empty()
                : commands.stream()
                        .filter(each -> each.ready().cue().listed()
                                && (each.key().equals(key) || each.bare().equals(key))
                                && may.test(each.ready()))
                        .map(each -> each.word()
                                + (each.ready().cue().description().isEmpty()
                                        ? ""
                                        : ": " + each.ready().cue().description()))
                        .findFirst();
    }

    /** The first word of each listed cue that passes, as one line of chat; what does not fit is counted. */
    public String inWords(Predicate<ReadyCue> may) {
        StringBuilder line = new StringBuilder();
        int left = 0;
        for (Command command : commands) {
            if (command.first() && may.test(command.ready())) {
                if (line.length() + command.word().length() > LONGEST) {
                    left++;
                } else {
                    line.append(line.isEmpty() ? "" : ", ").append(command.word());
                }
            }
        }
        return line + (left == 0 ? "" : " and " + left + " more");
    }

    /** The word that is one slip away from {@code typed}: a letter too many, missing, wrong, or two swapped; empty for none for ordinary talk, and for a word that there is. */
    public Optional<String> near(String typed, Predicate<ReadyCue> may) {
        String key = WordKey.of(typed);
        if (key.length() < LEAST_LETTERS
                || Character.isLetterOrDigit(key.charAt(0))
                || commands.stream().anyMatch(each -> each.key().equals(key))) {
            return Optional.empty();
        }
        return commands.stream()
                .filter(each -> oneSlip(key, each.key()) && may.test(each.ready()))
                .map(Command::word)
                .findFirst();
    }

    private static boolean oneSlip(String one, String other) {
        if (Math.abs(one.length() - other.length()) > 1) {
            return false;
        }
        int from = 0;
        while (from < one.length() && from < other.length() && one.charAt(from) == other.charAt(from)) {
            from++;
        }
        String restOfOne = one.substring(from);
        String restOfOther = other.substring(from);
        if (restOfOne.length() != restOfOther.length()) {
            String longer = restOfOne.length() > restOfOther.length() ? restOfOne : restOfOther;
            return longer.substring(1).equals(longer == restOfOne ? restOfOther : restOfOne);
        }
        boolean swapped = restOfOne.length() > 1
                && restOfOne.charAt(0) == restOfOther.charAt(1)
                && restOfOne.charAt(1) == restOfOther.charAt(0)
                && restOfOne.substring(2).equals(restOfOther.substring(2));
        return swapped || !restOfOne.isEmpty() && restOfOne.substring(1).equals(restOfOther.substring(1));
    }
}

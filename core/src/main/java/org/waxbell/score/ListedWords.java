package org.waxbell.score;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Words with values that a part has any number of, in one of its fields. */
final class ListedWords {
    private ListedWords() {}

    /** All of them, by their places in its document. */
    static Map<String, String> wordings(String field, List<String> words) {
        Map<String, String> all = new LinkedHashMap<>();
        for (int i = 0; i < words.size(); i++) {
            all.put(field + "[" + i + "].words", words.get(i));
        }
        return all;
    }

    /** Adds what is wrong with them, and where there are too many. */
    static void check(PartCheck check, String field, List<String> words, int most) {
        if (words.size() > most) {
            check.problems().at(field).add("", "There are more than " + most + ".", "Keep those that are needed.");
        }
        for (int i = 0; i < words.size(); i++) {
            check.at(check.problems().at(field, i), Set.of()).words("words", words.get(i), true);
        }
    }
}

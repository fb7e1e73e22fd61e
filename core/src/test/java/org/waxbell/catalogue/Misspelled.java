package org.waxbell.catalogue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;

/** Writes requests as people do: letters wrong, words left out, their order changed, the maker added. */
public final class Misspelled {
    private final Random random;

    public Misspelled(long seed) {
        random = new Random(seed);
    }

    /** A request for a tune. */
    public String request(Tune tune) {
        List<String> words = new ArrayList<>(Arrays.asList(tune.title().split(" ")));
        if (words.size() > 2 && random.nextInt(3) == 0) {
            words.remove(random.nextInt(words.size()));
        }
        if (random.nextInt(5) == 0) {
            Collections.swap(words, 0, words.size() - 1);
        }
        for (int i = 0; i < words.size(); i++) {
            if (words.get(i).length() > 3 && random.nextInt(3) == 0) {
                words.set(i, misspelled(words.get(i)));
            }
        }
        if (random.nextInt(4) == 0) {
            words.add("by");
            words.addAll(Arrays.asList(tune.maker().split(" ")));
        }
        String all = String.join(" ", words);
        return random.nextBoolean() ? all.toLowerCase(java.util.Locale.ROOT) : all;
    }

    private String misspelled(String word) {
        int at = 1 + random.nextInt(word.length() - 2);
        char other = (char) ('a' + random.nextInt(26));
        return switch (random.nextInt(4)) {
            case 0 -> word.substring(0, at) + word.substring(at + 1);
            case 1 -> word.substring(0, at) + other + word.substring(at);
            case 2 -> word.substring(0, at) + other + word.substring(at + 1);
            default -> word.substring(0, at) + word.charAt(at + 1) + word.charAt(at) + word.substring(at + 2);
        };
    }
}

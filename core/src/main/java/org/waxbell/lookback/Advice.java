package org.waxbell.lookback;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.gate.Gates;
import org.waxbell.words.WordKey;

/**
 * Something worth doing after a show, drawn from what happened.
 *
 * @param sort  what it is about
 * @param about the chat word, or the id of the cue
 * @param says  what was seen, as a sentence
 */
public record Advice(Sort sort, String about, String says) {
    /** What advice may be about. */
    public enum Sort {
        /** A word that no cue has. */
        WORD,
        /** A cue that was held. */
        CUE
    }

    private static final int WORTH_A_WORD = 3;
    private static final int WORTH_A_LOOK = 5;
    private static final int MOST = 8;

    /** What there is to say of a show. @param cues those of the wiring as it is now @param prefix put before words that use the general one */
    public static List<Advice> of(ShowSummary show, Collection<Cue> cues, String prefix) {
        List<Advice> all = new ArrayList<>();
        Set<String> words = words(cues, prefix);
        for (ShowSummary.Tried each : show.tried()) {
            if (each.times() >= WORTH_A_WORD && !words.contains(each.word())) {
                all.add(new Advice(
                        Sort.WORD,
                        each.word(),
                        each.word() + " was written " + each.times() + " times by "
                                + (each.people() == 1 ? "one person" : each.people() + " people")
                                + ", and no cue has that word."));
            }
        }
        Set<String> known = cues.stream().map(Cue::id).collect(Collectors.toSet());
        for (ShowSummary.CueSum each : show.cues()) {
            if (each.held() >= WORTH_A_LOOK && each.held() > each.rang() && known.contains(each.cue())) {
                all.add(new Advice(
                        Sort.CUE,
                        each.cue(),
                        each.name() + " was held " + each.held() + " times and rang " + each.rang()
                                + "; most often by: " + gate(each.most()) + "."));
            }
        }
        return all.size() > MOST ? List.copyOf(all.subList(0, MOST)) : List.copyOf(all);
    }

    private static Set<String> words(Collection<Cue> cues, String prefix) {
        Set<String> all = new HashSet<>();
        cues.stream()
                .flatMap(cue -> cue.pulls().stream())
                .filter(ChatWordPull.class::isInstance)
                .map(ChatWordPull.class::cast)
                .forEach(pull -> pull.chatWords(prefix).forEach(word -> all.add(WordKey.of(word))));
        return all;
    }

    private static String gate(String name) {
        return Gates.ALL
                .kind(name)
                .map(kind -> kind.label().toLowerCase(Locale.ROOT))
                .orElse(name);
    }
}

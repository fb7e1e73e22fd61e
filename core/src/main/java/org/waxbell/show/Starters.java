package org.waxbell.show;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import org.waxbell.act.DeskDocument;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Pull;
import org.waxbell.cue.Rack;
import org.waxbell.desk.Desk;
import org.waxbell.wiring.Wiring;
import org.waxbell.words.WordKey;

/**
 * The chat words that something which a desk runs begins with, as ordinary cues in a rack of their own. Ids and words that are
 * taken get a number behind them, so nothing that is there changes.
 */
public record Starters(Rack rack, List<Cue> cues) {
    public Starters {
        cues = List.copyOf(cues);
    }

    /** Those of what stands at {@code about}; empty where nothing stands there or where its desk has none. */
    public static Optional<Starters> of(Wiring wiring, String desk, String about) {
        return wiring.deskDocument(desk, about)
                .flatMap(document -> Desks.find(desk).map(found -> of(wiring, found, document, about)))
                .filter(found -> !found.cues().isEmpty());
    }

    private static <D extends DeskDocument> Starters of(
            Wiring wiring, Desk<D, ?> desk, DeskDocument document, String about) {
        String wish = about.substring(about.lastIndexOf('/') + 1);
        String rack = free(wish, "-", id -> wiring.rack(id).isPresent());
        Set<String> ids = new HashSet<>();
        Set<String> words = new HashSet<>();
        String prefix = wiring.house().prefix();
        wiring.cues().forEach(cue -> {
            ids.add(cue.id());
            cue.pulls().forEach(pull -> pull.chatWords(prefix).forEach(word -> words.add(WordKey.of(word))));
        });
        List<Cue> cues = desk.starters(desk.documents().cast(document), about, rack).stream()
                .map(cue -> cue.called(free(cue.id(), "-", id -> !ids.add(id)))
                        .withPulls(cue.pulls().stream()
                                .map(pull -> free(pull, prefix, words))
                                .toList()))
                .toList();
        return new Starters(new Rack(Rack.FORMAT, rack, document.name(), true), cues);
    }

    private static Pull free(Pull pull, String prefix, Set<String> taken) {
        return pull instanceof ChatWordPull own
                ? new ChatWordPull(
                        own.words().stream()
                                .map(word -> free(
                                        word, "", each -> !taken.add(WordKey.of(own.general() ? prefix + each : each))))
                                .toList(),
                        own.general(),
                        own.argument())
                : pull;
    }

    private static String free(String wish, String between, Predicate<String> taken) {
        String name = wish;
        for (int count = 2; taken.test(name); count++) {
            name = wish + between + count;
        }
        return name;
    }
}

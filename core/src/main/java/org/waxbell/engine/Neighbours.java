package org.waxbell.engine;

import java.util.HashSet;
import java.util.Set;
import org.waxbell.event.ShowEvent;
import org.waxbell.wiring.CueBook;
import org.waxbell.words.WordKey;

/** Other helper accounts in chat: never answered, counted or greeted. */
final class Neighbours implements Handler {
    private final Set<String> names = new HashSet<>();

    Neighbours(CueBook book) {
        define(book);
    }

    @Override
    public boolean takesLines() {
        return true;
    }

    @Override
    public void take(long at, ShowEvent event, Turn turn) {
        if (!names.isEmpty()
                && event.by()
                        .map(each -> names.contains(WordKey.of(each.name())))
                        .orElse(false)) {
            turn.settle("a neighbour: never answered");
        }
    }

    @Override
    public void rewire(CueBook next, long at, Turn turn) {
        define(next);
    }

    private void define(CueBook book) {
        names.clear();
        book.wiring().house().neighbours().forEach(name -> names.add(WordKey.of(name)));
    }
}

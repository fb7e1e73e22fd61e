package org.waxbell.engine;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.waxbell.actor.Actor;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.slate.Slate;
import org.waxbell.slate.SlateEntry;
import org.waxbell.slate.SlateValue;
import org.waxbell.state.Memory;
import org.waxbell.tally.Tally;
import org.waxbell.wiring.CueBook;

/** What stands on the slate: written by hand, by cues, and counted from what channels tell. */
final class SlateKeeper implements Handler {
    private final Slate slate;
    private final Wired wired;

    SlateKeeper(Memory memory, Wired wired) {
        this.wired = wired;
        this.slate = new Slate(wired.house().values(), memory.all(Books.SLATE));
    }

    @Override
    public void take(long at, ShowEvent event, Turn turn) {
        if (!(event instanceof Fact fact)) {
            return;
        }
        if (fact.is(Facts.SLATE_WRITTEN)) {
            byHand(fact, turn);
        } else if (fact.is(Facts.SHOW_OPENED)) {
            List<String> wiped = slate.wipe();
            wiped.forEach(value -> turn.changed(Books.SLATE.goneBelow(value)));
            if (!wiped.isEmpty()) {
                turn.moved();
            }
        }
    }

    /** Counts what a channel tells. */
    void tally(Fact fact, Turn turn) {
        Tally.latest(fact).forEach((id, text) -> slate.value(id).ifPresent(value -> write(value, "", text, 1, turn)));
        Tally.adds(fact)
                .forEach((id, more) -> slate.value(id)
                        .ifPresent(value ->
                                write(value, "", Long.toString(SlateValue.toNumber(read(value, "")) + more), 1, turn)));
    }

    private void byHand(Fact fact, Turn turn) {
        SlateValue value = slate.value(fact.text("value")).orElse(null);
        if (value == null || value.perViewer() == fact.text("person").isEmpty()) {
            turn.refuse("nothing of that name is on the slate");
        } else {
            write(value, fact.text("person"), fact.text("text"), 1, turn);
        }
    }

    /** Writes; a number of the channel that moved by that is told. @param depth how many facts led to one another */
    void write(SlateValue value, String person, String text, int depth, Turn turn) {
        turn.moved();
        String before = slate.read(value, person);
        SlateEntry entry = slate.write(value, person, text);
        turn.changed(Books.SLATE.put(key(entry), entry));
        if (value.number() && !value.perViewer() && !entry.text().equals(before)) {
            turn.follows(
                    Facts.VALUE_MOVED.by(
                            Actor.PROGRAM, value.id(), SlateValue.toNumber(before), SlateValue.toNumber(entry.text())),
                    depth);
        }
    }

    /** What stands there for an account stands for the person too, unless something does already. */
    void unite(String account, String person, Turn turn) {
        slate.unite(account, person).forEach(entry -> turn.changed(Books.SLATE.put(key(entry), entry)));
    }

    private static String key(SlateEntry entry) {
        return entry.value() + "/" + entry.person();
    }

    String read(SlateValue value, String person) {
        return slate.read(value, person);
    }

    /** The value of that id, null where there is none. */
    @Nullable
    SlateValue value(String id) {
        return slate.value(id).orElse(null);
    }

    Map<String, Object> seenBy(String person) {
        return slate.seenBy(person);
    }

    /** Everything that stands there by its name in words, what is counted by the program included. @param named who may be the named one, by identity */
    Map<String, String> wordsOfAll(String person, List<String> named) {
        return words(wired.house().values(), person, named);
    }

    /** The values of the host's own by their names in words. @param named who may be the named one, by identity */
    Map<String, String> words(String person, List<String> named) {
        return words(wired.house().slate(), person, named);
    }

    private Map<String, String> words(List<SlateValue> values, String person, List<String> named) {
        Map<String, String> words = new HashMap<>();
        values.forEach(value -> {
            words.put(value.inWords(), slate.read(value, person));
            if (value.perViewer()) {
                words.put(value.ofNamed(), slate.readAny(value, named));
            }
        });
        return words;
    }

    @Override
    public void rewire(CueBook next, long at, Turn turn) {
        slate.define(next.wiring().house().values());
    }

    @Override
    public void save(Memory memory) {
        slate.save().forEach(entry -> memory.put(Books.SLATE, key(entry), entry));
    }
}

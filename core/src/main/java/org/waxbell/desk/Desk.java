package org.waxbell.desk;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.waxbell.act.Asking;
import org.waxbell.act.DeskDocument;
import org.waxbell.cue.Cue;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Target;
import org.waxbell.fixture.Face;
import org.waxbell.gate.Surroundings;
import org.waxbell.state.Book;
import org.waxbell.state.Change;
import org.waxbell.state.Memory;

/**
 * A standing job. It is pure: the same document, state and ask give the same answer. Each has one line in the list of desks.
 *
 * @param <D> what the host has written for one of them
 * @param <S> how one of them stands; immutable
 */
public interface Desk<D extends DeskDocument, S> {
    /** How wirings and the store name it. */
    default String name() {
        return book().name();
    }

    /** What people call the desk itself, such as {@code Wheels}. */
    String title();

    /** The class of its documents. */
    Class<D> documents();

    /** Where its states are kept, by the place of the document; the first of several books. */
    Book<?> book();

    /** Every book in which its states are kept; the first has an entry for each of them. */
    default List<Book<?>> books() {
        return List.of(book());
    }

    /** The only book of a desk that keeps its states whole. */
    @SuppressWarnings("unchecked")
    private Book<S> own() {
        return (Book<S>) book();
    }

    /** How one stands, from what was kept. @param about its place, which has an entry in {@link #book} */
    default S restored(String about, Memory memory) {
        return memory.get(own(), about).orElseThrow();
    }

    /** All that is kept of one. */
    default List<Change> kept(String about, S now) {
        return List.of(own().put(about, now));
    }

    /** What is to be kept otherwise after a step. */
    default List<Change> changes(String about, S before, S after) {
        return kept(about, after);
    }

    /** How it stands before anything happened. */
    S fresh(D document);

    /** Does what is asked for, or refuses. */
    Answer<S> ask(D document, S now, Ask ask, Surroundings evening);

    /** Whether it wants to hear of such an event; of lines of chat it hears all or none. */
    default boolean hears(ShowEvent event) {
        return false;
    }

    /** Whether one of its documents wants to hear of such an event; of lines of chat it hears all or none. */
    default boolean hears(D document, ShowEvent event) {
        return hears(event);
    }

    /** Hears what happens, of what it wants to. */
    default Answer<S> hear(D document, S now, long at, ShowEvent event, Surroundings evening) {
        return Answer.nothing(now);
    }

    /** When it wants to be woken, milliseconds since 1970 UTC; {@link Long#MAX_VALUE} for never. */
    default long nextWake(D document, S now) {
        return Long.MAX_VALUE;
    }

    /** Its moment has come. */
    default Answer<S> wake(D document, S now, long at, Surroundings evening) {
        return Answer.nothing(now);
    }

    /** An adapter tells what came of a directive of its own, whose run is {@link DeskReport#run}. */
    default Answer<S> reported(D document, S now, long at, DeskReport report, Surroundings evening) {
        return Answer.nothing(now);
    }

    /** How it lets targets stand as long as it stands so; the least urgent of all that hold them. What a person changes it has to hear of, and to let go. */
    default Map<Target, String> holds(S now) {
        return Map.of();
    }

    /** How it stands when its document was taken away: nothing may be held by it. */
    default S gone(S now) {
        return now;
    }

    /** Another desk did what it was asked for. @param mark of that errand @param undoing what would undo it */
    default S answered(S now, String mark, Asking undoing) {
        return now;
    }

    /** Its values for words and conditions at a moment, as a person sees them: texts and {@link Long} numbers by their names in words. */
    default Map<String, Object> values(D document, S now, long at, String person) {
        return Map.of();
    }

    /** What fixtures that show it show at a moment; empty where it has none. */
    default Optional<Face> face(D document, S now, long at) {
        return Optional.empty();
    }

    /** How it stands, as its people see it at the desk. @param at milliseconds since 1970 UTC */
    default Object board(D document, S now, long at) {
        return now;
    }

    /** How it stands in few words, for a list. @param at milliseconds since 1970 UTC */
    default String brief(D document, S now, long at) {
        return "";
    }

    /** What it knows of somebody, a few words each; nothing where it knows nothing. @param person identity */
    default List<String> of(D document, S now, String person) {
        return List.of();
    }

    /** Its chat words, as ordinary cues for a rack of its own. @param about how the document is named in asks @param rack the id of their rack */
    default List<Cue> starters(D document, String about, String rack) {
        return List.of();
    }
}

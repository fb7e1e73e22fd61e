package org.waxbell.score;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.waxbell.act.Asking;
import org.waxbell.booking.Place;
import org.waxbell.directive.Directive;
import org.waxbell.event.Fact;
import org.waxbell.event.Target;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.kind.Kinded;
import org.waxbell.sentence.Naming;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;

/** One thing that a score does. It has a start and a length; shown things go away by themselves. */
public interface Part extends Kinded {
    /** Its name within the score, by which other parts hang on it. */
    String id();

    /** When it starts. */
    Anchor start();

    /** How it behaves within its score. */
    Manner manner();

    /** Where it lands. */
    Lane lane();

    /** The spot or outlet that it takes up; empty where it takes none. */
    default Optional<Place> place() {
        return Optional.empty();
    }

    /** What is known only when it is done, by its name in words such as {@code clipAddress}, with a sample of each. */
    default Map<String, String> results() {
        return Map.of();
    }

    /** The least that it can last where its length is set, in milliseconds: what it comes and goes in. */
    default long leastMs() {
        return 0;
    }

    /** What an adapter reported, by the names that words use. */
    default Map<String, String> lateValues(Map<String, String> reported) {
        return Map.of();
    }

    /** What it uses of the shelf; empty for a part that needs no file. */
    default Optional<MediaUse> uses() {
        return Optional.empty();
    }

    /** Settles what is left open for one ring: which sound of a folder, and how long it lasts; by itself it is done at once. */
    default Settled settle(Shelf shelf, Draws draws) {
        return Settled.fixed(0, Media.NONE);
    }

    /** The target that it holds as long as it lasts; empty where it holds none. */
    default Optional<Target> holds() {
        return Optional.empty();
    }

    /** Whether it may last to the end of its score in place of a length of its own. */
    default boolean mayLastToEnd() {
        return false;
    }

    /** Whether it was said what it is to do; until then it does nothing. */
    default boolean chosen() {
        return true;
    }

    /** What nobody should do to the host's evening by typing, such as {@code end the stream}; empty text where it does nothing of the kind. */
    default String danger() {
        return "";
    }

    /** Its patterns of words. */
    default List<String> patterns() {
        return List.of();
    }

    /** Its fields that hold words for viewers, by their names in its document. */
    default Map<String, String> wordings() {
        Map<String, String> all = new LinkedHashMap<>();
        kind().fields().stream()
                .filter(field -> field.type() == Field.Type.WORDS && Kind.means(field, this))
                .forEach(
                        field -> all.put(field.key(), Kind.at(this, field.key()).toString()));
        return all;
    }

    /** What it asks a desk for when it begins; empty for most. */
    default Optional<Asking> asks() {
        return Optional.empty();
    }

    /**
     * What the answer of the desk brings to the words of the ring, by the names that words use; kept with the ring.
     *
     * @param answer what the desk brought: its results, and {@code outcome} and {@code answer}
     */
    default Map<String, String> answered(Map<String, String> answer) {
        return Map.of();
    }

    /** What it tells when it was played to its end, cues may wait for that; empty for most. @param values those of its ring */
    default Optional<Fact> ends(Map<String, String> values) {
        return Optional.empty();
    }

    /** What the adapter is told, with its words filled in; null where all was done by asking a desk. */
    @Nullable
    Directive direct(Telling telling);

    /** What the rope writes on its bar. @param names what is called how, for a bar has no ids */
    String label(Telling telling, Naming names);

    /** Adds what is wrong with it. */
    void check(PartCheck check);
}

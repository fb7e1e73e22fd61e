package org.waxbell.act;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.waxbell.check.Problems;
import org.waxbell.kind.Kinded;
import org.waxbell.kind.Records;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Piece;

/** What the host has written for a standing job that stands by itself, such as one clock: any stage may show it. */
public interface DeskSheet extends DeskDocument, Kinded {
    /** The version of its document. */
    int formatVersion();

    /** Adds what is wrong with it. */
    void check(Problems problems);

    /** The same as a sentence; each chip names the field that it changes. */
    List<Piece> sentence(Naming names);

    /** A sample for each value that words in its fields may say; empty where it has no such words. */
    default Map<String, String> words() {
        return Map.of();
    }

    @Override
    default String desk() {
        return kind().name();
    }

    /** What it has to be let do before it does anything, in words; nothing for most. */
    default List<String> wants() {
        return List.of();
    }

    /** How it comes in from outside: what a person agreed to elsewhere was not agreed to here. @param here what stands here under its id, if anything */
    default DeskSheet arriving(Optional<DeskSheet> here) {
        return this;
    }

    /** The same under other names. @param newId free among all desks */
    default DeskSheet called(String newId, String newName) {
        return Records.with(this, Map.of("id", newId, "name", newName));
    }
}

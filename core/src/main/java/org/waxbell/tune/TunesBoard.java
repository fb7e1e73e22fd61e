package org.waxbell.tune;

import java.util.List;
import java.util.Optional;

/**
 * The desk of tunes as its people see it.
 *
 * @param at      when it stands so, milliseconds since 1970 UTC
 * @param on      whether anything plays
 * @param playing the tune that plays or is paused
 * @param asked   what waits, in order
 * @param kept    the host's own list, in order
 * @param keptMs  how long it is altogether, in milliseconds
 * @param list    how many tunes the fallback list has that may be played
 * @param left    how many of it come before any comes again
 * @param past    what was played lately, the newest first
 * @param votes   how many who are present voted for the next
 * @param needed  how many have to
 * @param banned  who is kept out, by name
 * @param canUndo whether the last step of a person can be taken back
 */
public record TunesBoard(
        long at,
        boolean on,
        Optional<Playing> playing,
        List<AskedTune> asked,
        List<KeptTune> kept,
        long keptMs,
        int list,
        int left,
        List<PastTune> past,
        int volume,
        int votes,
        int needed,
        List<String> banned,
        boolean canUndo) {
    /** One that waits. @param untilMs how long until it is played, in milliseconds */
    public record AskedTune(Request request, long untilMs) {}
}

package org.waxbell.checkup;

import java.util.Optional;
import org.waxbell.cue.Cue;

/**
 * Something in the wiring that can go wrong on air.
 *
 * @param severity how bad that would be
 * @param rule     name of the rule that found it
 * @param cueId    the cue, empty text where it is not about one
 * @param path     the place in its document, such as {@code takes[0].score.parts[1]}; empty text for the whole
 * @param message  what can go wrong, as a sentence
 * @param remedy   what to do about it, as a sentence
 * @param mended   the cue with it mended, where that is safe to apply
 */
public record Remark(
        Severity severity,
        String rule,
        String cueId,
        String path,
        String message,
        String remedy,
        Optional<Cue> mended) {
    /** How bad it would be. */
    public enum Severity {
        /** Something wrong on air, or silence where a command should work. */
        GRAVE,
        /** It works, but probably not as meant. */
        DOUBTFUL,
        /** It could be better. */
        HINT
    }
}

package org.waxbell.journal;

import java.util.List;
import org.waxbell.gate.GateAnswer;

/**
 * What became of one cue that looked at an event.
 *
 * @param gates what each gate said, in the order of asking, up to the first that held
 * @param ring  number of the ring, 0 where the pull was held
 * @param take  name of the take that plays, empty text where the cue has only one or was held
 * @param dropped whether that ring was given up at once; the note says why
 * @param drawn what chance decided, as {@code part: name}
 * @param note  what the ring does now, such as {@code waits 3.2 s for Lower third}
 */
public record CueAnswer(
        String cueId,
        String cueName,
        List<GateAnswer> gates,
        long ring,
        String take,
        boolean dropped,
        List<String> drawn,
        String note) {
    /** Whether a gate held it. */
    public boolean held() {
        return ring == 0;
    }

    /** The answer as a sentence: {@code held Pour the taper · resting, 9 s to go}. */
    public String sentence() {
        if (held()) {
            return "held " + cueName + " · " + gates.get(gates.size() - 1).reason();
        }
        return (dropped ? "dropped " : "rang ")
                + cueName
                + (take.isEmpty() ? "" : " (" + take + ")")
                + (note.isEmpty() ? "" : " · " + note);
    }
}

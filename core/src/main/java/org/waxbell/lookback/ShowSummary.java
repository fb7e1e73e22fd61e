package org.waxbell.lookback;

import java.util.List;
import java.util.Map;

/**
 * What a show came to. Moments are milliseconds since 1970 UTC.
 *
 * @param show    its number
 * @param from    when it opened
 * @param to      when it closed, or until when it is summed up
 * @param lines   of chat
 * @param people  who wrote or caused something
 * @param rang    rings
 * @param held    pulls that a gate held
 * @param minutes one after another from the first on
 * @param cues    those that were pulled, the most rung first
 * @param tried   words that look like chat words, the most written first
 * @param moments what happened beside chat that one looks for afterwards, in order
 * @param viewers who wrote most, the most first
 */
public record ShowSummary(
        long show,
        long from,
        long to,
        int lines,
        int people,
        int rang,
        int held,
        List<Minute> minutes,
        List<CueSum> cues,
        List<Tried> tried,
        List<Moment> moments,
        List<ViewerSum> viewers) {
    /** One minute. */
    public record Minute(int lines, int rang, int held) {}

    /** A cue. @param by how often each gate held it */
    public record CueSum(String cue, String name, int rang, int held, Map<String, Integer> by) {
        /** Which gate held it most, empty text where none did. */
        public String most() {
            return by.entrySet().stream()
                    .max(Map.Entry.<String, Integer>comparingByValue()
                            .thenComparing(
                                    Map.Entry.<String, Integer>comparingByKey().reversed()))
                    .map(Map.Entry::getKey)
                    .orElse("");
        }
    }

    /** A word that looks like a chat word. @param people how many wrote it */
    public record Tried(String word, int times, int people) {}

    /** Something to look for. @param number of its decision @param kind as the journal names it */
    public record Moment(long number, long at, String kind, String says) {}

    /** A viewer. */
    public record ViewerSum(String name, int lines, int rang) {}

    public ShowSummary {
        minutes = List.copyOf(minutes);
        cues = List.copyOf(cues);
        tried = List.copyOf(tried);
        moments = List.copyOf(moments);
        viewers = List.copyOf(viewers);
    }

    /** The busiest minute, counted from 0; less than 0 where nobody wrote. */
    public int busiest() {
        int best = -1;
        for (int i = 0; i < minutes.size(); i++) {
            if (minutes.get(i).lines() > (best < 0 ? 0 : minutes.get(best).lines())) {
                best = i;
            }
        }
        return best;
    }
}

package org.waxbell.prize;

import java.util.List;
import java.util.Map;
import org.waxbell.desk.AnswerWords;
import org.waxbell.kind.Field;

/**
 * What viewers are told, each for what came of what they asked; words with values.
 *
 * @param opened     all, when entries open
 * @param entered    who entered
 * @param already    who enters and is in
 * @param notOpen    who enters while nobody can
 * @param notAllowed who is not of those who may
 * @param wonLately  who won lately
 * @param cannotPay  who has not enough points
 * @param drawn      all, when somebody is drawn
 * @param won        all, when the prize is theirs
 * @param missed     all, when they did not speak up
 * @param nobody     all, when nobody is left
 */
public record PrizeAnswers(
        String opened,
        String entered,
        String already,
        String notOpen,
        String notAllowed,
        String wonLately,
        String cannotPay,
        String drawn,
        String won,
        String missed,
        String nobody) {
    /** What stands there first. */
    static final PrizeAnswers USUAL = new PrizeAnswers(
            "Enter now for {prize}. The draw is sealed by {seal}.",
            "{viewer}, you are number {number}.",
            "{viewer}, you are in already, as number {number}.",
            "{viewer}, nobody can enter now.",
            "{viewer}, this draw is for {who}.",
            "{viewer}, you won lately; now it is for others.",
            "{viewer}, to enter costs {price}, and you have fewer.",
            "Number {number}, {winner}, is drawn for {prize}. Say something within {time}!",
            "{winner} has {prize}.",
            "{winner} did not speak up. It is drawn again.",
            "Nobody is left to draw for {prize}.");

    /** The values that they may say, with a sample of each. */
    static final AnswerWords WORDS = new AnswerWords(Map.of(
            "viewer", "brine_otter",
            "number", "12",
            "prize", "a taper of your colour",
            "seal", "5f2b8c…",
            "who", "followers",
            "price", "10 drips",
            "winner", "tallowmoth",
            "time", "1 min"));

    /** The fields of its form. */
    static List<Field> fields() {
        return List.of(
                WORDS.field("opened", "All, when entries open"),
                WORDS.field("entered", "Who entered"),
                WORDS.field("already", "Who is in already"),
                WORDS.field("notOpen", "While nobody can"),
                WORDS.field("notAllowed", "Who may not"),
                WORDS.field("wonLately", "Who won lately"),
                WORDS.field("cannotPay", "Who cannot pay"),
                WORDS.field("drawn", "All, when somebody is drawn"),
                WORDS.field("won", "All, when it is theirs"),
                WORDS.field("missed", "All, when they did not speak up"),
                WORDS.field("nobody", "All, when nobody is left"));
    }
}

package org.waxbell.earning;

import java.util.List;
import java.util.Map;
import org.waxbell.desk.AnswerWords;
import org.waxbell.kind.Field;

/**
 * What viewers are told, each for what came of what they asked; words with values.
 *
 * @param mine     who asks for their own
 * @param gave     who gave some to another
 * @param toSelf   who gives to themselves
 * @param unknown  who gives to somebody who was not here
 * @param notThat  who gives what is no whole number above 0
 * @param tooMuch  who gives more than one may
 * @param tooFew   who has fewer
 * @param top      who asks who has most
 */
public record EarningAnswers(
        String mine,
        String gave,
        String toSelf,
        String unknown,
        String notThat,
        String tooMuch,
        String tooFew,
        String top) {
    /** What stands there first. */
    static final EarningAnswers USUAL = new EarningAnswers(
            "{viewer}, you have {points}.",
            "{viewer}, {name} has {amount} of yours now.",
            "{viewer}, they are yours already.",
            "{viewer}, {name} was not here tonight.",
            "{viewer}, write how many behind the name, a whole number such as 10.",
            "{viewer}, one may give {most}, no more.",
            "{viewer}, you have {points} only.",
            "Most of those here: {top}.");

    /** The values that they may say, with a sample of each. */
    static final AnswerWords WORDS = new AnswerWords(Map.of(
            "viewer", "brine_otter",
            "points", "120 drips",
            "name", "tallowmoth",
            "amount", "10 drips",
            "most", "50 drips at once and 200 drips a show",
            "top", "tallowmoth 340, brine_otter 120"));

    /** The fields of its form. */
    static List<Field> fields() {
        return List.of(
                WORDS.field("mine", "Who asks for their own"),
                WORDS.field("gave", "Who gave some"),
                WORDS.field("toSelf", "Who gives to themselves"),
                WORDS.field("unknown", "To somebody who was not here"),
                WORDS.field("notThat", "What is no number"),
                WORDS.field("tooMuch", "More than one may"),
                WORDS.field("tooFew", "More than they have"),
                WORDS.field("top", "Who asks who has most"));
    }
}

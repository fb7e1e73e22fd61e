package org.waxbell.poll;

import java.util.List;
import java.util.Map;
import org.waxbell.desk.AnswerWords;
import org.waxbell.kind.Field;

/**
 * What viewers are told, each for what came of what they asked; words with values.
 *
 * @param opened    all, when it begins
 * @param voted     who voted
 * @param changed   who voted otherwise before
 * @param same      who votes for that already
 * @param notOpen   who votes while none goes
 * @param noAnswer  who votes for what is no answer
 * @param cannotPay who has not enough points
 * @param closed    all, when it is over
 */
public record PollAnswers(
        String opened,
        String voted,
        String changed,
        String same,
        String notOpen,
        String noAnswer,
        String cannotPay,
        String closed) {
    /** What stands there first. */
    static final PollAnswers USUAL = new PollAnswers(
            "{question} Write a number: {answers}",
            "{viewer}, one for {answer}.",
            "{viewer}, now you are for {answer}.",
            "{viewer}, you are for {answer} already.",
            "{viewer}, no poll goes now.",
            "{viewer}, that is no answer here. Write a number: {answers}",
            "{viewer}, a vote costs {price}, and you have fewer.",
            "{question} {result}.");

    /** The values that they may say, with a sample of each. */
    static final AnswerWords WORDS = new AnswerWords(Map.of(
            "viewer", "brine_otter",
            "question", "Which wax next?",
            "answers", "1 sage, 2 heather, 3 indigo",
            "answer", "sage",
            "price", "10 drips",
            "result", "sage with 12 of 20 votes"));

    /** The fields of its form. */
    static List<Field> fields() {
        return List.of(
                WORDS.field("opened", "All, when it begins"),
                WORDS.field("voted", "Who voted"),
                WORDS.field("changed", "Who voted otherwise before"),
                WORDS.field("same", "Who votes for that already"),
                WORDS.field("notOpen", "While none goes"),
                WORDS.field("noAnswer", "What is no answer"),
                WORDS.field("cannotPay", "Who cannot pay"),
                WORDS.field("closed", "All, when it is over"));
    }
}

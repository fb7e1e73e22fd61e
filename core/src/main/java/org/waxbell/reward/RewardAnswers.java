package org.waxbell.reward;

import java.util.List;
import java.util.Map;
import org.waxbell.desk.AnswerWords;
import org.waxbell.kind.Field;

/**
 * What viewers are told, each for what came of what they asked; words with values.
 *
 * @param redeemed  who redeemed one
 * @param waits     who redeemed one that the host has to accept
 * @param noReward  who asks for what there is not
 * @param asks      who wrote nothing where something is asked
 * @param notHere   who asks for one that is not on in this scene
 * @param enough    who asks for one that is gone for tonight
 * @param rests     who asks for one that rests
 * @param cannotPay who has not enough points
 * @param list      who asks what there is
 */
public record RewardAnswers(
        String redeemed,
        String waits,
        String noReward,
        String asks,
        String notHere,
        String enough,
        String rests,
        String cannotPay,
        String list) {
    /** What stands there first. */
    static final RewardAnswers USUAL = new RewardAnswers(
            "{viewer}, {reward} it is.",
            "{viewer}, {reward} is asked for; it is paid back if it cannot be.",
            "{viewer}, there is no such reward. There are: {rewards}",
            "{viewer}, {question} Write it behind {reward}.",
            "{viewer}, {reward} is not on in this scene.",
            "{viewer}, {reward} is gone for tonight.",
            "{viewer}, {reward} rests for {rest} yet.",
            "{viewer}, {reward} costs {price}, and you have {points}.",
            "There are: {rewards}");

    /** The values that they may say, with a sample of each. */
    static final AnswerWords WORDS = new AnswerWords(Map.of(
            "viewer", "brine_otter",
            "reward", "Name a taper",
            "rewards", "Name a taper (100), Ring the bell (25)",
            "question", "Its name?",
            "rest", "40 s",
            "price", "100 drips",
            "points", "63 drips"));

    /** The fields of its form. */
    static List<Field> fields() {
        return List.of(
                WORDS.field("redeemed", "Who redeemed one"),
                WORDS.field("waits", "Who redeemed one that waits for you"),
                WORDS.field("noReward", "What there is not"),
                WORDS.field("asks", "Without what is asked"),
                WORDS.field("notHere", "Not in this scene"),
                WORDS.field("enough", "Gone for tonight"),
                WORDS.field("rests", "While it rests"),
                WORDS.field("cannotPay", "Who cannot pay"),
                WORDS.field("list", "Who asks what there is"));
    }
}

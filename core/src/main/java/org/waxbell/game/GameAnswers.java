package org.waxbell.game;

import java.util.List;
import java.util.Map;
import org.waxbell.desk.AnswerWords;
import org.waxbell.kind.Field;

/**
 * What viewers are told, each for what came of what they asked; words with values.
 *
 * @param won       who won
 * @param lost      who lost
 * @param off       while it is off
 * @param stake     whose stake cannot be
 * @param guess     whose guess cannot be
 * @param tooFew    who has fewer
 * @param enough    who staked enough tonight
 * @param offered   who is challenged
 * @param noOffer   who takes up what nobody offered
 * @param put       who put into the pot
 * @param back      all, when stakes go back
 */
public record GameAnswers(
        String won,
        String lost,
        String off,
        String stake,
        String guess,
        String tooFew,
        String enough,
        String offered,
        String noOffer,
        String put,
        String back) {
    /** What stands there first. */
    static final GameAnswers USUAL = new GameAnswers(
            "{winner}: {drawn}. That is {prize}!",
            "{viewer}: {drawn}. {stake} gone.",
            "{viewer}, {game} is not played now.",
            "{viewer}, stake {least} to {most}, such as: {sample}",
            "{viewer}, write {wanted}.",
            "{viewer}, you have {points} only.",
            "{viewer}, that is enough for tonight: {bound}.",
            "{name}, {viewer} challenges you for {stake}. Take it up within {time}.",
            "{viewer}, nobody has challenged you.",
            "{viewer}, {stake} in. The pot holds {pot}; it is drawn from {threshold} on.",
            "Nothing came of {game}: every stake goes back.");

    /** The values that they may say, with a sample of each. */
    static final AnswerWords WORDS = new AnswerWords(Map.ofEntries(
            Map.entry("viewer", "brine_otter"),
            Map.entry("winner", "brine_otter"),
            Map.entry("name", "tallowmoth"),
            Map.entry("game", "Three wheels"),
            Map.entry("drawn", "comb, comb, comb"),
            Map.entry("prize", "80 drips"),
            Map.entry("stake", "10 drips"),
            Map.entry("least", "1 drip"),
            Map.entry("most", "50 drips"),
            Map.entry("sample", "10"),
            Map.entry("wanted", "a number from 1 to 10 behind the stake"),
            Map.entry("points", "7 drips"),
            Map.entry("bound", "200 drips"),
            Map.entry("time", "1 min"),
            Map.entry("pot", "120 drips"),
            Map.entry("threshold", "100 drips")));

    /** The fields of its form. */
    static List<Field> fields() {
        return List.of(
                WORDS.field("won", "Who won"),
                WORDS.field("lost", "Who lost"),
                WORDS.field("off", "While it is off"),
                WORDS.field("stake", "A stake that cannot be"),
                WORDS.field("guess", "A guess that cannot be"),
                WORDS.field("tooFew", "Who has fewer"),
                WORDS.field("enough", "Who staked enough tonight"),
                WORDS.field("offered", "Who is challenged"),
                WORDS.field("noOffer", "Who was not challenged"),
                WORDS.field("put", "Who put into the pot"),
                WORDS.field("back", "All, when stakes go back"));
    }
}

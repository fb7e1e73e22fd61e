package org.waxbell.turns;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.waxbell.desk.AnswerWords;
import org.waxbell.kind.Field;

/**
 * What viewers are told, each for what came of what they asked; words with values.
 *
 * @param joined     who joined
 * @param already    who joins and is in it
 * @param closed     who joins while nobody may
 * @param full       who joins and there is no room
 * @param notAllowed who is not of those who may
 * @param needNote   who wrote no note where one is wanted
 * @param badNote    whose note is not as wanted
 * @param notAgain   who was up before and may not yet again
 * @param cannotPay  who has not enough points
 * @param banned     who is kept out
 * @param left       who left
 * @param noted      who changed the note
 * @param place      who asks for the place
 * @param isUp       who asks and is up
 * @param notIn      who asks and is not in it
 */
public record QueueAnswers(
        String joined,
        String already,
        String closed,
        String full,
        String notAllowed,
        String needNote,
        String badNote,
        String notAgain,
        String cannotPay,
        String banned,
        String left,
        String noted,
        String place,
        String isUp,
        String notIn) {
    /** What stands there first. */
    static final QueueAnswers USUAL = new QueueAnswers(
            "{viewer}, you are number {place} for {purpose}. Your turn: {wait}.",
            "{viewer}, you are number {place} already. Your turn: {wait}.",
            "{viewer}, {queue} is closed for now.",
            "{viewer}, {queue} is full: {most} wait.",
            "{viewer}, {queue} is for {who}.",
            "{viewer}, write what you would like behind the word, such as: {sample}",
            "{viewer}, that note does not fit. Write one such as: {sample}",
            "{viewer}, you were up already. Let others have a turn: {again}.",
            "{viewer}, that costs {price}, and you have fewer.",
            "{viewer}, you cannot join {queue}.",
            "{viewer}, you are out of {queue}.",
            "{viewer}, noted: {note}",
            "{viewer}, you are number {place} of {waiting}. Your turn: {wait}.",
            "{viewer}, it is your turn!",
            "{viewer}, you are not in {queue}.");

    /** The values that they may say, with a sample of each. */
    static final AnswerWords WORDS = new AnswerWords(Map.ofEntries(
            Map.entry("viewer", "brine_otter"),
            Map.entry("queue", "At the bench"),
            Map.entry("purpose", "what you would like poured"),
            Map.entry("place", "3"),
            Map.entry("waiting", "7"),
            Map.entry("wait", "about 11 min"),
            Map.entry("note", "sage, tall"),
            Map.entry("sample", "sage, tall"),
            Map.entry("most", "8"),
            Map.entry("who", "followers"),
            Map.entry("again", "once a show"),
            Map.entry("price", "40 drips")));

    /** The fields of its form. */
    static List<Field> fields() {
        return Stream.of(
                        WORDS.field("joined", "Who joined"),
                        WORDS.field("already", "Who is in it already"),
                        WORDS.field("closed", "While it is closed"),
                        WORDS.field("full", "While it is full"),
                        WORDS.field("notAllowed", "Who may not"),
                        WORDS.field("needNote", "Without a note"),
                        WORDS.field("badNote", "With a note that does not fit"),
                        WORDS.field("notAgain", "Who was up before"),
                        WORDS.field("cannotPay", "Who cannot pay"),
                        WORDS.field("banned", "Who is kept out"),
                        WORDS.field("left", "Who leaves"),
                        WORDS.field("noted", "Who changes the note"),
                        WORDS.field("place", "Who asks for the place"),
                        WORDS.field("isUp", "Who asks and is up"),
                        WORDS.field("notIn", "Who asks and is not in it"))
                .toList();
    }
}

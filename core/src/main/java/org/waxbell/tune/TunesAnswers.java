package org.waxbell.tune;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.waxbell.desk.AnswerWords;
import org.waxbell.kind.Field;

/**
 * What viewers are told, each for what came of what they asked; words with values.
 *
 * @param queued     what is asked for
 * @param which      who may mean several
 * @param nothing    whose words fit nothing
 * @param noLink     whose link leads to no tune
 * @param needWords  who wrote nothing behind the word
 * @param already    what is asked for already
 * @param repeated   what was played lately
 * @param tooLong    what is too long
 * @param tooMany    who has as many as they may
 * @param full       who asks while there is no room
 * @param hourly     who asked for as many as they may in an hour
 * @param notAllowed who is not of those who may
 * @param banned     who is kept out
 * @param notCleared what may not be played on air
 * @param unwelcome  what the host does not want
 * @param cannotPay  who has not enough points
 * @param unasked    what was taken back
 * @param noneOfMine who takes back, or asks when, and has none
 * @param mine       who asks when
 * @param voted      who voted
 * @param votedAway  whose vote was the last that was wanted
 * @param noVote     who cannot vote
 */
public record TunesAnswers(
        String queued,
        String which,
        String nothing,
        String noLink,
        String needWords,
        String already,
        String repeated,
        String tooLong,
        String tooMany,
        String full,
        String hourly,
        String notAllowed,
        String banned,
        String notCleared,
        String unwelcome,
        String cannotPay,
        String unasked,
        String noneOfMine,
        String mine,
        String voted,
        String votedAway,
        String noVote) {
    /** What stands there first. */
    static final TunesAnswers USUAL = new TunesAnswers(
            "{viewer}, {tune} is number {place}, in {untilPlayed}.",
            "{viewer}, which one? {choices}. Write its number.",
            "{viewer}, no tune is called anything like that.",
            "{viewer}, that link leads to no tune here.",
            "{viewer}, write a title or a link behind the word, such as: The Brine Lantern",
            "{viewer}, {tuneTitle} is asked for already: number {place}.",
            "{viewer}, {tuneTitle} was played lately. Ask for another.",
            "{viewer}, {tuneTitle} is longer than {longest}.",
            "{viewer}, {each} of yours wait already. Let one be played first.",
            "{viewer}, {most} wait already. Ask again in a while.",
            "{viewer}, you asked for {hour} within an hour. Let others ask.",
            "{viewer}, tunes are for {who}.",
            "{viewer}, you cannot ask for tunes.",
            "{viewer}, {tuneTitle} may not be played on air: {licence}.",
            "{viewer}, {tune} is not wanted here.",
            "{viewer}, that costs {price}, and you have fewer.",
            "{viewer}, {tuneTitle} was taken back.",
            "{viewer}, nothing of yours waits.",
            "{viewer}, yours: {choices}. The first in {untilPlayed}.",
            "{viewer}, noted: {votes} of {votesNeeded} want the next.",
            "{viewer}, {votes} of {votesNeeded}: on to the next.",
            "{viewer}, there is nothing to vote on, or you voted already.");

    /** The values that they may say. */
    static final AnswerWords WORDS = new AnswerWords(Map.ofEntries(
            Map.entry("viewer", "brine_otter"),
            Map.entry("tune", "The Brine Lantern by The Late Ferries"),
            Map.entry("tuneTitle", "The Brine Lantern"),
            Map.entry("tuneMaker", "The Late Ferries"),
            Map.entry("place", "3"),
            Map.entry("untilPlayed", "about 6 min"),
            Map.entry("choices", "1 Lantern Street, 2 Quiet Lantern"),
            Map.entry("longest", "5 min"),
            Map.entry("each", "2"),
            Map.entry("most", "20"),
            Map.entry("hour", "4"),
            Map.entry("who", "anyone"),
            Map.entry("licence", "All rights reserved"),
            Map.entry("price", "40 drips"),
            Map.entry("votes", "2"),
            Map.entry("votesNeeded", "3")));

    /** The fields of its form. */
    static List<Field> fields() {
        return Stream.of(
                        WORDS.field("queued", "What is asked for"),
                        WORDS.field("which", "What may mean several"),
                        WORDS.field("nothing", "What fits nothing"),
                        WORDS.field("noLink", "A link that leads to none"),
                        WORDS.field("needWords", "Without words"),
                        WORDS.field("already", "What is asked for already"),
                        WORDS.field("repeated", "What was played lately"),
                        WORDS.field("tooLong", "What is too long"),
                        WORDS.field("tooMany", "Who has as many as they may"),
                        WORDS.field("full", "While there is no room"),
                        WORDS.field("hourly", "Who asked enough in an hour"),
                        WORDS.field("notAllowed", "Who may not"),
                        WORDS.field("banned", "Who is kept out"),
                        WORDS.field("notCleared", "What is not cleared"),
                        WORDS.field("unwelcome", "What is not wanted"),
                        WORDS.field("cannotPay", "Who cannot pay"),
                        WORDS.field("unasked", "What was taken back"),
                        WORDS.field("noneOfMine", "Who has none"),
                        WORDS.field("mine", "Who asks when"),
                        WORDS.field("voted", "Who votes"),
                        WORDS.field("votedAway", "The last vote wanted"),
                        WORDS.field("noVote", "Who cannot vote"))
                .toList();
    }
}

package org.waxbell.tasks;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.waxbell.desk.AnswerWords;
import org.waxbell.kind.Field;

/**
 * What viewers are told, each for what came of what they asked; words with values.
 *
 * @param added      what was written
 * @param shut       who writes while nobody may
 * @param banned     who is kept out
 * @param notAllowed who is not of those who may write to the list
 * @param needWords  who wrote nothing behind the word
 * @param tooLong    whose task is too long
 * @param twice      whose task stands there already
 * @param tooMany    who has as many as they may
 * @param full       who writes while there is no room
 * @param done       what was ticked off
 * @param undone     what is to be done again
 * @param edited     what reads otherwise now
 * @param removed    what was taken away
 * @param already    who ticks off what is done
 * @param noSuch     who means something that is not there
 * @param unsure     who may mean several
 * @param notYours   who changes what others wrote
 * @param mine       who asks what they wrote
 * @param none       who asks and wrote nothing
 * @param sealed     what stands beside the name now
 * @param mended     whose colour was moved away from what is behind it
 * @param noSeal     who names no seal and no colour
 * @param cannotPay  who has not enough points
 */
public record TasksAnswers(
        String added,
        String shut,
        String banned,
        String notAllowed,
        String needWords,
        String tooLong,
        String twice,
        String tooMany,
        String full,
        String done,
        String undone,
        String edited,
        String removed,
        String already,
        String noSuch,
        String unsure,
        String notYours,
        String mine,
        String none,
        String sealed,
        String mended,
        String noSeal,
        String cannotPay) {
    /** What stands there first. */
    static final TasksAnswers USUAL = new TasksAnswers(
            "{viewer}, {task}: number {taskNumber} on {list}."
                    + "{leftOut, plural, =0 {} one { One more was left out.} other { # more were left out.}}",
            "{viewer}, {list} is shut for now.",
            "{viewer}, you cannot write to {list}.",
            "{viewer}, {list} is for {who}.",
            "{viewer}, write what is to be done behind the word, such as: a sage taper; or several with ; between.",
            "{viewer}, that is longer than {longest} characters. Say it shorter.",
            "{viewer}, that stands there already as number {taskNumber}.",
            "{viewer}, you have {each} on {list}. Tick one off first.",
            "{viewer}, {list} is full: {most} stand there.",
            "{viewer}, done: {task}. That is {doneCount} of {allCount}.",
            "{viewer}, to be done again: {task}.",
            "{viewer}, number {taskNumber} reads now: {task}",
            "{viewer}, off {list}: {task}.",
            "{viewer}, done already: {task}.",
            "{viewer}, nothing on {list} is called that.",
            "{viewer}, which one? {choices}. Say its number.",
            "{viewer}, that is not yours to change.",
            "{viewer}, yours on {list}: {choices}.",
            "{viewer}, nothing on {list} is yours.",
            "{viewer}, {seal} stands beside your name for {time}.",
            "{viewer}, {seal} was hard to see there, so it was mixed until it stands out: {time}.",
            "{viewer}, choose a seal ({choices}), or a colour such as teal or #2f7468.",
            "{viewer}, that costs {price}, and you have fewer.");

    /** The values that they may say. */
    static final AnswerWords WORDS = new AnswerWords(Map.ofEntries(
            Map.entry("viewer", "brine_otter"),
            Map.entry("list", "Orders to pour"),
            Map.entry("who", "anyone"),
            Map.entry("task", "a sage taper"),
            Map.entry("taskNumber", "4"),
            Map.entry("leftOut", "0"),
            Map.entry("choices", "4 a sage taper, 7 a sage bell"),
            Map.entry("each", "3"),
            Map.entry("most", "30"),
            Map.entry("longest", "80"),
            Map.entry("doneCount", "2"),
            Map.entry("allCount", "9"),
            Map.entry("seal", "leaf"),
            Map.entry("time", "10 min"),
            Map.entry("price", "40 drips")));

    /** The fields of its form. */
    static List<Field> fields() {
        return Stream.of(
                        WORDS.field("added", "What was written"),
                        WORDS.field("shut", "While it is shut"),
                        WORDS.field("banned", "Who is kept out"),
                        WORDS.field("notAllowed", "Who may not write to it"),
                        WORDS.field("needWords", "Without words"),
                        WORDS.field("tooLong", "Too long a task"),
                        WORDS.field("twice", "What stands there already"),
                        WORDS.field("tooMany", "Who has as many as they may"),
                        WORDS.field("full", "While it is full"),
                        WORDS.field("done", "What is done"),
                        WORDS.field("undone", "What is to be done again"),
                        WORDS.field("edited", "What reads otherwise"),
                        WORDS.field("removed", "What was taken away"),
                        WORDS.field("already", "What is done already"),
                        WORDS.field("noSuch", "What is not there"),
                        WORDS.field("unsure", "What may mean several"),
                        WORDS.field("notYours", "What others wrote"),
                        WORDS.field("mine", "Who asks for theirs"),
                        WORDS.field("none", "Who asks and has none"),
                        WORDS.field("sealed", "What stands beside the name"),
                        WORDS.field("mended", "A colour that was mixed"),
                        WORDS.field("noSeal", "What is no seal"),
                        WORDS.field("cannotPay", "Who cannot pay"))
                .toList();
    }
}

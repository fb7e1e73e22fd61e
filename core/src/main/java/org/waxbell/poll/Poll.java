package org.waxbell.poll;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.waxbell.act.Act;
import org.waxbell.act.ActField;
import org.waxbell.act.DeskSheet;
import org.waxbell.check.Problems;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Piece;
import org.waxbell.sentence.Pieces;
import org.waxbell.time.Spans;
import org.waxbell.words.WordKey;

/**
 * A poll, as the host wrote it: it can be opened as it stands or with another question.
 *
 * @param question  what is asked
 * @param options   what one may vote for, from {@value #LEAST} to {@value #MOST}
 * @param forMs     how long it goes, in milliseconds; 0 for until somebody closes it
 * @param price     what a vote costs, in points, and then one may vote more than once; 0 for one vote each, which may be changed
 * @param alone     whether a line that is nothing but a number or an answer is a vote
 * @param answers   what viewers are told
 */
public record Poll(
        int formatVersion,
        String id,
        String name,
        String question,
        List<String> options,
        long forMs,
        int price,
        boolean alone,
        PollAnswers answers)
        implements DeskSheet {
    /** The version of the document that this program writes. */
    public static final int FORMAT = 1;
    /** The desk that runs them, by name. */
    public static final String DESK = "poll";

    static final String OPEN = "open";
    static final String VOTE = "vote";
    static final String CLOSE = "close";
    static final String CANCEL = "cancel";
    static final String QUESTION = "question";
    static final String ANSWERS = "answers";
    static final String CHOICE = "choice";
    static final int LEAST = 2;
    static final int MOST = 6;
    static final int LONGEST_ANSWER = 40;
    static final int LONGEST_QUESTION = 120;
    private static final int DEAREST = 1_000_000;
    private static final long LONGEST = 86_400_000;

    /** What it says of itself. */
    public static final Kind<DeskSheet> KIND = Kind.<DeskSheet>of(Poll.class, "poll", "Poll", "Poll")
            .also("vote question survey choose tally")
            .with(
                    Field.text("name", "Name", 40).called("The name").needed(),
                    Field.text("question", "Asks", LONGEST_QUESTION)
                            .called("The question")
                            .needed(),
                    Field.many("options", "Answers").most(MOST).hint("From 2 to 6; viewers vote by number or words."),
                    Field.span("forMs", "It goes for", 5_000, LONGEST)
                            .called("How long it goes")
                            .orZero()
                            .hint("0 is until you close it.")
                            .wide(3),
                    Field.number("price", "A vote costs", 0, DEAREST)
                            .called("The price of a vote")
                            .in("points")
                            .hint("0 is one vote each; else one may vote more than once.")
                            .wide(3),
                    Field.flag("alone", "a line that is nothing but a number or an answer is a vote"))
            .and(PollAnswers.fields().toArray(Field[]::new))
            .making(on -> new Poll(
                    FORMAT,
                    on.id(),
                    on.name("Poll"),
                    "Which wax next?",
                    List.of("sage", "heather", "indigo"),
                    60_000,
                    0,
                    true,
                    PollAnswers.USUAL));

    private static final List<Act> ACTS = List.of(
            Act.of(
                    OPEN,
                    "Ask",
                    List.of(
                            ActField.text(QUESTION, "Another question, empty for its own", LONGEST_QUESTION),
                            ActField.text(ANSWERS, "Its answers, such as sage | heather", 300)),
                    "opened"),
            Act.of(VOTE, "Vote", List.of(ActField.text(CHOICE, "A number or an answer", 500)), "voted", "changed"),
            Act.of(CLOSE, "Close it now", List.of(), "closed"),
            Act.of(CANCEL, "Break it off", List.of(), "cancelled"));

    public Poll {
        options = List.copyOf(options);
    }

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public List<Act> acts() {
        return ACTS;
    }

    @Override
    public Map<String, Boolean> values() {
        return Map.of(value("Question"), false, value("Leads"), false, value("Votes"), true, value("Result"), false);
    }

    @Override
    public Map<String, String> words() {
        return PollAnswers.WORDS.values();
    }

    /** Why these cannot be the answers, as a sentence with its remedy; empty text where they can. */
    static String faultOf(List<String> answers) {
        if (answers.size() < LEAST || answers.size() > MOST) {
            return "A poll has from " + LEAST + " to " + MOST + " answers; these are " + answers.size() + ".";
        }
        Set<String> seen = new HashSet<>();
        for (String each : answers) {
            if (each.isBlank() || each.length() > LONGEST_ANSWER) {
                return "An answer has from 1 to " + LONGEST_ANSWER + " characters.";
            }
            if (!seen.add(WordKey.of(each))) {
                return "\"" + each + "\" stands there twice.";
            }
        }
        return "";
    }

    @Override
    public void check(Problems problems) {
        problems.version(formatVersion, FORMAT);
        problems.at("id").id(id, "dyes");
        KIND.check(this, problems);
        String fault = faultOf(options);
        if (!fault.isEmpty()) {
            problems.at("options").add(String.join(", ", options), fault, "Write each once, such as sage and heather.");
        }
        PollAnswers.WORDS.check(KIND, this, problems);
    }

    @Override
    public List<Piece> sentence(Naming names) {
        Pieces all = new Pieces()
                .words(name + ": asks")
                .chip("question", "“" + question + "”")
                .words("with")
                .chip("options", options.isEmpty() ? "no answer yet" : String.join(", ", options))
                .words("for")
                .chip("forMs", forMs == 0 ? "as long as you like" : Spans.inWords(forMs))
                .words(";")
                .chip("price", price == 0 ? "one vote each" : names.points(price) + " a vote")
                .words(", by word");
        return all.words("or")
                .chip("alone", alone ? "by number or answer alone" : "by word alone")
                .words(".")
                .all();
    }
}

package org.waxbell.turns;

import com.google.re2j.Pattern;
import com.google.re2j.PatternSyntaxException;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.waxbell.act.Act;
import org.waxbell.act.ActField;
import org.waxbell.act.DeskSheet;
import org.waxbell.check.Problems;
import org.waxbell.desk.CheckLines;
import org.waxbell.event.Standing;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Piece;
import org.waxbell.sentence.Pieces;
import org.waxbell.sentence.Said;
import org.waxbell.time.Spans;

/**
 * A queue as the host wrote it.
 *
 * @param purpose     what it is for, as answers say it, such as {@code what you would like poured}
 * @param who         who may join: whoever has at least that standing
 * @param months      of membership that one must have, 0 for none
 * @param first       who comes before whom
 * @param firstMonths from how many months on members come first
 * @param note        whether something must be written with it
 * @param pattern     what a note must look like as a whole (RE2), empty text for anything
 * @param sample      a note that fits, for answers
 * @param most        how many may wait, 0 for any number
 * @param again       when somebody who was up may join again
 * @param restMs      how long they rest, in milliseconds
 * @param price       what it costs to join, in points
 * @param goneMs      how long somebody who writes nothing counts as present, in milliseconds
 * @param outcomes    how a turn may end, the one that is hoped for first
 * @param answers     what viewers are told
 */
public record Queue(
        int formatVersion,
        String id,
        String name,
        String purpose,
        Standing who,
        int months,
        First first,
        int firstMonths,
        Note note,
        String pattern,
        String sample,
        int most,
        Again again,
        long restMs,
        long price,
        long goneMs,
        List<String> outcomes,
        QueueAnswers answers)
        implements DeskSheet {
    /** The version of the document that this program writes. */
    public static final int FORMAT = 1;
    /** The desk that runs queues, by name. */
    public static final String DESK = "queue";

    /** Whether something is written with it. */
    public enum Note {
        /** Whoever joins may write something. */
        MAY,
        /** Whoever joins has to. */
        MUST
    }

    /** What it says of itself. */
    public static final Kind<DeskSheet> KIND = Kind.<DeskSheet>of(Queue.class, "queue", "Queue", "Queue")
            .also("turns line list viewers participate wait")
            .with(QueueFields.all())
            .making(on -> new Queue(
                    FORMAT,
                    on.id(),
                    on.name("Queue"),
                    "a turn",
                    Standing.ANYONE,
                    0,
                    First.CAME,
                    1,
                    Note.MAY,
                    "",
                    "a word about it",
                    20,
                    Again.ALWAYS,
                    10 * 60_000,
                    0,
                    15 * 60_000,
                    List.of("done", "put off"),
                    QueueAnswers.USUAL));

    static final ActField NAME = ActField.text("name", "Whom, by name", 500);
    private static final List<Act> ACTS = List.of(
            Act.of("join", "Join it, who asks", List.of(ActField.text("note", "With which note", 500)), "joined"),
            Act.of("leave", "Leave it, who asks", List.of(), "left"),
            Act.of("place", "Tell who asks the place and the wait", List.of(), "place"),
            Act.of("note", "Change the note of who asks", List.of(ActField.text("note", "The note", 500)), "noted"),
            Act.of("open", "Open it", List.of(), "opened").undone("opened", "close"),
            Act.of("close", "Close it", List.of(), "closed").undone("closed", "open"),
            Act.of(
                    "next",
                    "Take the next",
                    List.of(ActField.number("count", "How many", 1, 20, 1), ActField.text("step", "At which step", 20)),
                    "taken"),
            Act.of(
                    "turn",
                    "End the turn and take the next",
                    List.of(ActField.text("step", "At which step", 20)),
                    "taken",
                    "ended"),
            Act.of("random", "Draw one", List.of(ActField.text("from", "From members only: members", 20)), "taken"),
            Act.of("take", "Take one by name", List.of(NAME), "taken"),
            Act.of("done", "End a turn", List.of(ActField.text("outcome", "As", 60), NAME), "ended"),
            Act.of("back", "Put back who is up", List.of(NAME), "putBack"),
            Act.of("remove", "Remove one", List.of(NAME), "removed"),
            Act.of("move", "Move one", List.of(NAME, ActField.number("to", "To which place", 1, 100_000, 1)), "moved"),
            Act.of("add", "Let somebody join", List.of(NAME, ActField.text("note", "With which note", 500)), "joined"),
            Act.of(
                    "bring",
                    "Let everybody of a list join",
                    List.of(ActField.text("list", "The list, one a line", CheckLines.LONGEST)),
                    "joined"),
            Act.of("ban", "Keep somebody out", List.of(NAME), "banned"),
            Act.of("unban", "Let somebody in again", List.of(NAME), "unbanned"),
            Act.of("clear", "Send all who wait away", List.of(), "cleared"),
            Act.of("undo", "Take the last step back", List.of(), "undone"));

    public Queue {
        outcomes = List.copyOf(outcomes);
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
        return Map.of(
                value("Open"), false,
                value("Waiting"), true,
                value("Up"), false,
                value("Next"), false,
                value("Place"), true,
                value("Wait"), false);
    }

    @Override
    public Map<String, String> words() {
        return QueueAnswers.WORDS.values();
    }

    /** The outcome of that name, whatever its capitals; the first for empty text, empty text for none. */
    String outcome(String named) {
        return named.isBlank()
                ? outcomes.get(0)
                : outcomes.stream()
                        .filter(each -> each.toLowerCase(Locale.ROOT)
                                .equals(named.strip().toLowerCase(Locale.ROOT)))
                        .findFirst()
                        .orElse("");
    }

    @Override
    public void check(Problems problems) {
        problems.version(formatVersion, FORMAT);
        problems.at("id").id(id, "bench");
        KIND.check(this, problems, (field, words) -> QueueAnswers.WORDS.check(problems, field, words));
        if (outcomes.isEmpty()) {
            problems.at("outcomes").add("", "A turn ends as nothing.", "Write at least one, such as done.");
        }
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < outcomes.size(); i++) {
            if (!seen.add(outcomes.get(i).strip().toLowerCase(Locale.ROOT))) {
                problems.at("outcomes", i).add(outcomes.get(i), "This stands there twice.", "Take one away.");
            }
        }
        try {
            boolean fits = pattern.isEmpty() || Pattern.compile(pattern).matches(sample);
            if (!fits) {
                problems.at("sample").add(sample, "The sample does not look as a note must.", "Write one that fits.");
            }
        } catch (PatternSyntaxException wrong) {
            problems.at("pattern")
                    .add(pattern, "This is no pattern: " + wrong.getDescription() + ".", "Mend it, or leave it empty.");
        }
    }

    /** Who may join, as a sentence says it. */
    String whoInWords() {
        return who.plural(months);
    }

    /** When somebody may join again, as a sentence says it. */
    String againInWords() {
        return switch (again) {
            case ALWAYS -> "as often as they like";
            case RESTED -> "again after " + Spans.inWords(restMs);
            case ONCE -> "once a show";
        };
    }

    @Override
    public List<Piece> sentence(Naming names) {
        return new Pieces()
                .words("Open to")
                .chip("who", whoInWords())
                .words("for")
                .chip("purpose", purpose)
                .words(",")
                .chip(
                        "first",
                        first == First.MEMBERS && firstMonths > 1
                                ? Standing.MEMBER.plural(firstMonths) + " come first"
                                : first.says())
                .words(", with")
                .chip("note", note == Note.MUST ? "a note such as “" + sample + "”" : "a note if they like")
                .words(".")
                .chip("most", most == 0 ? "Any number" : "At most " + most)
                .words("wait, each")
                .chip("again", againInWords())
                .words(", for")
                .chip("price", price == 0 ? "nothing" : names.points(price))
                .words(". A turn ends as")
                .chip("outcomes", Said.either(outcomes))
                .words(".")
                .all();
    }
}

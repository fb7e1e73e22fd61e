package org.waxbell.poll;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.waxbell.actor.Actor;
import org.waxbell.desk.Answer;
import org.waxbell.desk.AnswerWords;
import org.waxbell.desk.Ask;
import org.waxbell.desk.OneLine;
import org.waxbell.desk.PointsMove;
import org.waxbell.event.DeskFacts;
import org.waxbell.event.Viewer;
import org.waxbell.gate.Surroundings;
import org.waxbell.sentence.Said;
import org.waxbell.words.WordKey;

/** One step of one poll. */
final class PollStep {
    private final Poll poll;
    private final PollState now;
    private final long at;
    private final Surroundings evening;
    private final Map<String, String> with = new HashMap<>();

    PollStep(Poll poll, PollState now, long at, Surroundings evening) {
        this.poll = poll;
        this.now = now;
        this.at = at;
        this.evening = evening;
        with.put("price", evening.points(poll.price()));
        about(now.head());
    }

    private void about(PollHead head) {
        with.put("question", head.question());
        with.put("answers", numbered(head.answers()));
    }

    /** The answers with their numbers, as chat reads them. */
    static String numbered(List<String> answers) {
        return IntStream.range(0, answers.size())
                .mapToObj(i -> (i + 1) + " " + answers.get(i))
                .collect(Collectors.joining(", "));
    }

    /** What came of one: {@code sage with 12 of 20 votes}. */
    static String result(PollHead head) {
        List<String> first = head.leading();
        int votes = head.votes().stream().mapToInt(Integer::intValue).max().orElse(0);
        int total = head.total();
        return first.isEmpty()
                ? "nobody voted"
                : Said.listed(first) + " with " + votes + (first.size() > 1 ? " each" : "") + " of " + total
                        + (total == 1 ? " vote" : " votes");
    }

    private String filled(String pattern) {
        return AnswerWords.filled(pattern, with);
    }

    Answer<PollState> open(Ask ask) {
        if (now.head().isOpen()) {
            return Answer.refused(now, "goesAlready", "\"" + now.head().question() + "\" goes still. Close it first.");
        }
        String question = OneLine.of(ask.text(Poll.QUESTION));
        String written = OneLine.of(ask.text(Poll.ANSWERS));
        List<String> answers = written.isEmpty()
                ? poll.options()
                : Arrays.stream(written.split("\\|")).map(String::strip).toList();
        String fault = Poll.faultOf(answers);
        if (!fault.isEmpty()) {
            return Answer.refused(now, "noAnswers", fault + " Write them such as sage | heather.");
        }
        PollHead head = PollHead.opened(question.isEmpty() ? poll.question() : question, answers, at, poll.forMs());
        about(head);
        return Answer.done(
                        new PollState(head, PollState.NEW.ballots()),
                        "opened",
                        filled(poll.answers().opened()),
                        Map.of())
                .telling(List.of(DeskFacts.POLL_OPENED.by(ask.by(), poll.name(), head.question())));
    }

    /** The answer that is meant by what was written: by its number, its words, or by how only one of them begins. */
    OptionalInt choice(String written) {
        List<String> answers = now.head().answers();
        if (written.matches("[1-9]")) {
            int number = Integer.parseInt(written);
            return number <= answers.size() ? OptionalInt.of(number - 1) : OptionalInt.empty();
        }
        String key = WordKey.of(written);
        if (key.isEmpty()) {
            return OptionalInt.empty();
        }
        OptionalInt whole = IntStream.range(0, answers.size())
                .filter(i -> WordKey.of(answers.get(i)).equals(key))
                .findFirst();
        int[] begin = IntStream.range(0, answers.size())
                .filter(i -> WordKey.of(answers.get(i)).startsWith(key))
                .toArray();
        return whole.isPresent() || begin.length != 1 ? whole : OptionalInt.of(begin[0]);
    }

    /** A line that is nothing but a number or a whole answer. */
    Answer<PollState> alone(Viewer viewer, String text) {
        String line = OneLine.of(text);
        boolean whole = line.matches("[1-9]")
                || now.head().answers().stream()
                        .anyMatch(each -> WordKey.of(each).equals(WordKey.of(line)));
        return whole && choice(line).isPresent() ? vote(Optional.of(viewer), line) : Answer.nothing(now);
    }

    Answer<PollState> vote(Optional<Viewer> viewer, String text) {
        with.put("viewer", viewer.map(Viewer::name).orElse(""));
        if (!now.head().isOpen()) {
            return Answer.refused(now, "notOpen", filled(poll.answers().notOpen()));
        }
        String line = OneLine.of(text);
        int times = times(line);
        OptionalInt choice =
                choice(times > 1 ? line.substring(0, line.lastIndexOf(' ')).strip() : line);
        if (choice.isEmpty()) {
            return Answer.refused(now, "noAnswer", filled(poll.answers().noAnswer()));
        }
        with.put("answer", now.head().answers().get(choice.getAsInt()));
        return viewer.map(who -> count(who, choice.getAsInt(), times))
                .orElseGet(() -> Answer.done(
                        now.with(now.head().counting(choice.getAsInt(), 1)),
                        "voted",
                        filled(poll.answers().voted()),
                        Map.of()));
    }

    /** How often somebody votes at once who pays: {@code sage 5}. */
    private int times(String line) {
        return poll.price() > 0 && line.matches(".+ [1-9]\\d{0,3}")
                ? Integer.parseInt(line.substring(line.lastIndexOf(' ') + 1))
                : 1;
    }

    private Answer<PollState> count(Viewer who, int choice, int times) {
        Optional<Ballot> before = now.ballots().get(who.id());
        long cost = (long) poll.price() * times;
        if (cost > evening.canSpend(who.id())) {
            return Answer.refused(now, "cannotPay", filled(poll.answers().cannotPay()));
        }
        if (poll.price() > 0) {
            Ballot more = before.map(each -> new Ballot(who.id(), choice, each.votes() + times, each.paid() + cost))
                    .orElse(new Ballot(who.id(), choice, times, cost));
            return voted(
                            now.head().counting(choice, times),
                            more,
                            poll.answers().voted())
                    .moving(List.of(new PointsMove(who.id(), -cost, poll.name())));
        }
        Ballot ballot = new Ballot(who.id(), choice, 1, 0);
        if (before.isEmpty()) {
            return voted(now.head().counting(choice, 1), ballot, poll.answers().voted());
        }
        if (before.get().choice() == choice) {
            return Answer.refused(now, "already", filled(poll.answers().same()));
        }
        PollHead moved = now.head().counting(before.get().choice(), -1).counting(choice, 1);
        return Answer.done(
                now.with(moved).with(ballot), "changed", filled(poll.answers().changed()), Map.of());
    }

    private Answer<PollState> voted(PollHead head, Ballot ballot, String words) {
        return Answer.done(now.with(head).with(ballot), "voted", filled(words), Map.of());
    }

    Answer<PollState> close(Actor by) {
        if (!now.head().isOpen()) {
            return Answer.refused(now, "notOpen", "No poll goes now.");
        }
        PollHead head = now.head().over(at);
        with.put("result", result(head));
        int most = head.votes().stream().mapToInt(Integer::intValue).max().orElse(0);
        return Answer.done(now.with(head), "closed", filled(poll.answers().closed()), Map.of("result", result(head)))
                .telling(List.of(DeskFacts.POLL_CLOSED.by(
                        by,
                        poll.name(),
                        head.question(),
                        String.join(" and ", head.leading()),
                        (long) most,
                        (long) head.total(),
                        filled(poll.answers().closed()))));
    }

    /** Breaks it off: what was paid is given back. */
    Answer<PollState> cancel() {
        if (!now.head().isOpen()) {
            return Answer.refused(now, "notOpen", "No poll goes now.");
        }
        List<PointsMove> back = new ArrayList<>();
        for (Ballot each : now.ballots()) {
            if (each.paid() > 0) {
                back.add(new PointsMove(each.person(), each.paid(), poll.name() + ", broken off"));
            }
        }
        return Answer.done(PollState.NEW, "cancelled", "\"" + now.head().question() + "\" is broken off.", Map.of())
                .moving(back);
    }
}

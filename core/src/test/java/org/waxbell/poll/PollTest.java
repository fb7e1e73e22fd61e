package org.waxbell.poll;

import static org.assertj.core.api.Assertions.assertThat;
import static org.waxbell.desk.OnDesk.viewer;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.waxbell.Samples;
import org.waxbell.check.Problem;
import org.waxbell.check.Problems;
import org.waxbell.desk.OnDesk;
import org.waxbell.event.Viewer;
import org.waxbell.kind.Fresh;
import org.waxbell.kind.Records;

class PollTest {
    private static final Poll DYES =
            Records.with((Poll) Poll.KIND.fresh().apply(Fresh.NOTHING), Map.of("id", "dyes", "name", "Dyes"));
    private static final Viewer OTTER = viewer("brine_otter");
    private static final Viewer MOTH = viewer("tallowmoth");
    private static final Viewer SEDGE = Samples.SEDGE;

    private static OnDesk<Poll, PollState> on(Map<String, ?> rules) {
        return new OnDesk<>(new PollDesk(), Records.with(DYES, rules));
    }

    private static String result(OnDesk<Poll, PollState> on) {
        return PollStep.result(on.state().head());
    }

    private static String later(OnDesk<Poll, PollState> on, long millis) {
        on.at += millis;
        return OnDesk.said(on.engine.wake(on.at));
    }

    @Test
    void aPollIsAskedVotedInByNumberWordAndBeginningAndSaysWhatCameOfIt() {
        OnDesk<Poll, PollState> on = on(Map.of());
        assertThat(on.say(OTTER, "!dyes sage")).isEqualTo("brine_otter, no poll goes now.");
        assertThat(on.say(OTTER, "!dyesask")).as("for the host and moderators").isEmpty();
        assertThat(on.say(SEDGE, "!dyesask")).isEqualTo("Which wax next? Write a number: 1 sage, 2 heather, 3 indigo");
        assertThat(on.say(OTTER, "!dyes SAGE")).isEqualTo("brine_otter, one for sage.");
        assertThat(on.say(MOTH, "!dyes 3")).isEqualTo("tallowmoth, one for indigo.");
        assertThat(on.say(MOTH, "!dyes sa")).isEqualTo("tallowmoth, now you are for sage.");
        assertThat(on.say(MOTH, "!dyes 1")).isEqualTo("tallowmoth, you are for sage already.");
        assertThat(on.say(MOTH, "!dyes 4")).contains("that is no answer here");
        assertThat(on.say(MOTH, "!dyes")).contains("that is no answer here");
        assertThat(result(on)).isEqualTo("sage with 2 of 2 votes");
        assertThat(later(on, 60_000)).isEqualTo("Which wax next? sage with 2 of 2 votes.");
        assertThat(on.say(OTTER, "!dyes 2")).contains("no poll goes");
    }

    @Test
    void aLineThatIsNothingButAVoteIsOneAndASentenceIsNone() {
        OnDesk<Poll, PollState> on = on(Map.of());
        on.ask("open");
        on.say(OTTER, "2");
        on.say(MOTH, "Heather");
        on.say(viewer("lou"), "heather is lovely");
        on.say(viewer("pip"), "2 more please");
        on.say(viewer("ash"), "hea");
        assertThat(result(on)).isEqualTo("heather with 2 of 2 votes");
        OnDesk<Poll, PollState> byWord = on(Map.of("alone", false));
        byWord.ask("open");
        byWord.say(OTTER, "2");
        assertThat(result(byWord)).isEqualTo("nobody voted");
    }

    @Test
    void anotherQuestionIsAskedByHandOrRefusedWithTheRemedy() {
        OnDesk<Poll, PollState> on = on(Map.of());
        assertThat(on.ask("open", "question", "Tall?", "answers", "yes"))
                .isEqualTo("A poll has from 2 to 6 answers; these are 1. Write them such as sage | heather.");
        assertThat(on.ask("open", "question", "Tall?", "answers", "yes | YES")).contains("stands there twice");
        assertThat(on.ask("open", "question", "Tall?", "answers", "yes | no"))
                .isEqualTo("Tall? Write a number: 1 yes, 2 no");
        assertThat(on.ask("open")).contains("\"Tall?\" goes still");
        assertThat(on.ask("vote", "choice", "no")).isEqualTo("One for no.");
        assertThat(on.ask("close")).isEqualTo("Tall? no with 1 of 1 vote.");
        assertThat(on.ask("close")).isEqualTo("No poll goes now.");
    }

    @Test
    void aTieNamesAllAndAnEmptyOneSaysSo() {
        OnDesk<Poll, PollState> on = on(Map.of());
        on.ask("open");
        on.say(OTTER, "1");
        on.say(MOTH, "3");
        assertThat(on.ask("close")).isEqualTo("Which wax next? sage and indigo with 1 each of 2 votes.");
        on.ask("open");
        assertThat(on.ask("close")).isEqualTo("Which wax next? nobody voted.");
    }

    @Test
    void byPointsOneMayVoteMoreThanOnceAndGetsAllBackWhereItIsBrokenOff() {
        OnDesk<Poll, PollState> on = on(Map.of("price", 10));
        on.owns(OTTER, 35);
        on.ask("open");
        assertThat(on.say(OTTER, "!dyes sage 4")).isEqualTo("brine_otter, a vote costs 10 points, and you have fewer.");
        assertThat(on.say(OTTER, "!dyes sage 2")).isEqualTo("brine_otter, one for sage.");
        assertThat(on.say(OTTER, "!dyes 2")).isEqualTo("brine_otter, one for heather.");
        assertThat(on.say(OTTER, "1")).isEmpty();
        assertThat(result(on)).isEqualTo("sage with 2 of 3 votes");
        assertThat(on.owned(OTTER)).isEqualTo(5);
        on.ask("cancel");
        assertThat(on.owned(OTTER)).isEqualTo(35);
        assertThat(on.say(OTTER, "!dyes 2")).contains("no poll goes");
    }

    @RepeatedTest(20)
    void whoVotesWhateverAndHoweverOftenCountsOnceAndARestartLosesNothing(RepetitionInfo info) {
        Random random = new Random(info.getCurrentRepetition());
        OnDesk<Poll, PollState> on = on(Map.of("forMs", 0));
        on.ask("open");
        Map<Integer, Integer> last = new HashMap<>();
        for (int i = 0; i < 200; i++) {
            int who = random.nextInt(12);
            int choice = random.nextInt(3);
            on.engine.accept(on.at + i, Samples.line(viewer("moth" + who), Integer.toString(choice + 1)));
            last.put(who, choice);
            if (i % 50 == 25) {
                PollState before = on.state();
                on.restart();
                assertThat(on.state()).isEqualTo(before);
            }
        }
        List<Integer> wanted = List.of(0, 1, 2).stream()
                .map(choice -> (int) last.values().stream()
                        .filter(each -> each.equals(choice))
                        .count())
                .toList();
        assertThat(on.state().head().votes()).isEqualTo(wanted);
    }

    @ParameterizedTest
    @CsvSource({"question,'',question", "forMs,1,forMs", "price,-1,price"})
    void whatIsWrongIsRefusedAtItsField(String field, String value, String place) {
        Object wrong = field.equals("question") ? value : field.equals("price") ? (Object) (-1) : (Object) 1L;
        Problems problems = new Problems();
        Records.with(DYES, Map.of(field, wrong)).check(problems);
        assertThat(problems.found()).extracting(Problem::path).containsExactly(place);
    }

    @Test
    void answersAndWordsOfItsOwnAreChecked() {
        Problems problems = new Problems();
        Records.with(DYES, Map.of("options", List.of("sage", "Sage"))).check(problems);
        Records.with(DYES, Map.of("answers", Records.with(PollAnswers.USUAL, Map.of("voted", "{nobody}"))))
                .check(problems);
        assertThat(problems.found()).extracting(Problem::path).containsExactly("options", "answers.voted");
    }
}

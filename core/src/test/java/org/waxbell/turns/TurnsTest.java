package org.waxbell.turns;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.check.Problem;
import org.waxbell.check.Problems;
import org.waxbell.draft.Names;
import org.waxbell.draft.Sentence;
import org.waxbell.event.Facts;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.kind.Records;

class TurnsTest {
    private static final Viewer OTTER = OnQueue.viewer("brine_otter");
    private static final Viewer LOU = OnQueue.viewer("lowtide_lou");
    private static final Viewer INES = OnQueue.viewer("marshlight_ines", 14);
    private static final Viewer WICKERBY = OnQueue.viewer("wickerby", 2);

    private static OnQueue open(Map<String, ?> rules) {
        OnQueue on = new OnQueue(rules);
        on.ask("open");
        return on;
    }

    @Test
    void viewersJoinLeaveAskAndChangeTheirNote() {
        OnQueue on = open(Map.of());
        assertThat(on.say(OTTER, "!bench sage, short"))
                .isEqualTo("brine_otter, you are number 1 for what you would like poured. Your turn: not known yet.");
        assertThat(on.say(LOU, "!bench")).contains("number 2");
        assertThat(on.say(LOU, "!bench")).isEqualTo("lowtide_lou, you are number 2 already. Your turn: not known yet.");
        assertThat(on.say(LOU, "!benchplace")).startsWith("lowtide_lou, you are number 2 of 2.");
        assertThat(on.say(LOU, "!benchnote rose")).isEqualTo("lowtide_lou, noted: rose");
        assertThat(on.say(OTTER, "!benchleave")).isEqualTo("brine_otter, you are out of At the bench.");
        assertThat(on.say(OTTER, "!benchleave")).isEqualTo("brine_otter, you are not in At the bench.");
        assertThat(on.say(WICKERBY, "!benchnext")).isEqualTo("Up: nobody. Next: lowtide_lou. 1 waits.");
        assertThat(on.board().waiting().get(0).note()).isEqualTo("rose");
    }

    @Test
    void everyRuleHasAnAnswerOfItsOwn() {
        OnQueue on = new OnQueue(Map.of(
                "who",
                Standing.FOLLOWER,
                "note",
                Queue.Note.MUST,
                "pattern",
                "[a-z, ]+",
                "most",
                2,
                "again",
                Again.ONCE));
        assertThat(on.say(OTTER, "!bench sage")).isEqualTo("brine_otter, At the bench is closed for now.");
        on.ask("open");
        Viewer passing = new Viewer("practice:tallowmoth", "tallowmoth", Set.of(Standing.ANYONE), 0);
        assertThat(on.say(passing, "!bench sage")).isEqualTo("tallowmoth, At the bench is for followers.");
        assertThat(on.say(OTTER, "!bench"))
                .isEqualTo("brine_otter, write what you would like behind the word, such as: sage, tall");
        assertThat(on.say(OTTER, "!bench 77"))
                .isEqualTo("brine_otter, that note does not fit. Write one such as: sage, tall");
        on.say(OTTER, "!bench sage");
        on.say(LOU, "!bench rose");
        assertThat(on.say(INES, "!bench sea")).isEqualTo("marshlight_ines, At the bench is full: 2 wait.");
        on.ask("next");
        assertThat(on.say(OTTER, "!bench sage")).isEqualTo("brine_otter, it is your turn!");
        on.ask("done");
        assertThat(on.say(OTTER, "!bench sage"))
                .isEqualTo("brine_otter, you were up already. Let others have a turn: once a show.");
        on.engine.accept(on.at, Facts.show(Actor.HOST, true));
        assertThat(on.say(OTTER, "!bench sage")).contains("number 2");
        on.ask("ban", "name", "brine_otter");
        assertThat(on.say(OTTER, "!bench sage")).isEqualTo("brine_otter, you cannot join At the bench.");
        on.ask("unban", "name", "@Brine_Otter");
        assertThat(on.say(OTTER, "!bench sage")).contains("number 2");
    }

    @Test
    void whatIsWrittenIsOneShortLineAndNeverMoreThanText() {
        OnQueue on = open(Map.of());
        assertThat(on.say(OTTER, "!bench <b>{place}\u202e" + "x".repeat(300))).contains("number 1");
        String note = on.board().waiting().get(0).note();
        assertThat(note)
                .startsWith("<b>{place} xxx")
                .hasSize(Joining.LONGEST_NOTE)
                .endsWith("…");
        assertThat(on.say(OTTER, "!benchnote '{quoted}'")).isEqualTo("brine_otter, noted: '{quoted}'");
    }

    @Test
    void theHostTakesEndsPutsBackMovesAndSendsAway() {
        OnQueue on = open(Map.of());
        List.of(OTTER, LOU, INES, WICKERBY).forEach(each -> on.say(each, "!bench"));
        assertThat(on.ask("next")).isEqualTo("brine_otter is up.");
        on.pass(220);
        assertThat(on.ask("done", "outcome", "Poured")).isEqualTo("brine_otter: poured.");
        assertThat(on.ask("take", "name", "@WICKERBY")).isEqualTo("wickerby is up.");
        assertThat(on.ask("next", "count", "2")).isEqualTo("lowtide_lou and marshlight_ines are up.");
        assertThat(on.ask("done")).isEqualTo("Whom? wickerby, lowtide_lou or marshlight_ines.");
        assertThat(on.ask("done", "name", "wickerby", "outcome", "melted"))
                .isEqualTo("A turn ends as poured, burnt or put off.");
        assertThat(on.ask("done", "name", "wickerby", "outcome", "burnt")).isEqualTo("wickerby: burnt.");
        assertThat(on.ask("back", "name", "lowtide_lou")).isEqualTo("lowtide_lou waits again, in front.");
        assertThat(on.ask("done")).isEqualTo("marshlight_ines: poured.");
        assertThat(on.ask("next", "count", "99")).startsWith("How many is a whole number from 1 to 20.");
        on.say(OTTER, "!bench");
        assertThat(on.ask("move", "name", "brine_otter", "to", "1")).isEqualTo("brine_otter is number 1.");
        assertThat(on.waiting()).containsExactly("brine_otter", "lowtide_lou");
        assertThat(on.ask("add", "name", "tallowmoth", "note", "late")).isEqualTo("tallowmoth is number 3.");
        assertThat(on.ask("remove", "name", "lowtide_lou")).isEqualTo("lowtide_lou is out of At the bench.");
        assertThat(on.ask("remove", "name", "nobody_here")).isEqualTo("nobody_here is not in At the bench.");
        assertThat(on.ask("take")).isEqualTo("Nobody is named. Write whom.");
        assertThat(on.ask("clear")).isEqualTo("2 who waited are sent away.");
        assertThat(on.ask("next")).isEqualTo("Nobody waits in At the bench.");
        assertThat(on.ask("join")).startsWith("No viewer asks.");
        assertThat(on.board().totals()).isEqualTo(Map.of("poured", 2, "burnt", 1));
        on.say(OTTER, "!bench");
        assertThat(on.board().waiting().get(0).record()).isEqualTo("1 of 1 poured");
    }

    @Test
    void moderatorsLeadItFromChatAndNobodyElseDoes() {
        OnQueue on = new OnQueue(Map.of());
        assertThat(on.say(OTTER, "!benchopen")).isEmpty();
        assertThat(on.say(Samples.SEDGE, "!benchopen")).isEqualTo("At the bench is open.");
        on.say(OTTER, "!bench");
        on.say(LOU, "!bench");
        assertThat(on.say(Samples.SEDGE, "!benchtake")).isEqualTo("brine_otter is up.");
        assertThat(on.say(Samples.SEDGE, "!benchpick lowtide_lou")).isEqualTo("lowtide_lou is up.");
        assertThat(on.say(Samples.SEDGE, "!benchdone burnt lowtide_lou")).isEqualTo("lowtide_lou: burnt.");
        assertThat(on.say(Samples.SEDGE, "!benchban")).isEqualTo("Nobody is named. Write whom.");
        assertThat(on.up()).containsExactly("brine_otter");
        assertThat(on.say(Samples.SEDGE, "!benchdone")).isEqualTo("brine_otter: poured.");
        assertThat(on.say(Samples.SEDGE, "!benchclose")).isEqualTo("At the bench is closed.");
    }

    @Test
    void ofTwoWhoPressAtOnceOneIsTold() {
        OnQueue on = open(Map.of());
        List.of(OTTER, LOU, INES).forEach(each -> on.say(each, "!bench"));
        String step = Long.toString(on.board().steps());
        assertThat(on.ask("next", "step", step)).isEqualTo("brine_otter is up.");
        assertThat(on.ask("next", "step", step)).isEqualTo("Somebody else was faster: look who is up now.");
        String then = Long.toString(on.board().steps());
        assertThat(on.ask("turn", "step", then)).isEqualTo("brine_otter: poured. lowtide_lou is up.");
        assertThat(on.ask("turn", "step", then)).startsWith("Somebody else was faster");
        assertThat(on.board().steps()).isEqualTo(3);
        on.ask("undo");
        assertThat(on.up()).containsExactly("brine_otter");
        assertThat(on.waiting()).containsExactly("lowtide_lou", "marshlight_ines");
        assertThat(on.board().done()).isEmpty();
    }

    @Test
    void whoComesFirstIsSaidAndMembersKeepTheirOrder() {
        OnQueue on = open(Map.of("first", First.MEMBERS, "firstMonths", 4));
        List.of(OTTER, WICKERBY, INES, LOU).forEach(each -> on.say(each, "!bench"));
        assertThat(on.waiting()).containsExactly("marshlight_ines", "brine_otter", "wickerby", "lowtide_lou");
        assertThat(on.board().waiting()).extracting(TurnsBoard.Waits::why).containsExactly("a member", "", "", "");
        OnQueue fresh = open(Map.of("first", First.FRESH));
        fresh.engine.accept(fresh.at, Facts.show(Actor.HOST, true));
        fresh.say(OTTER, "!bench");
        fresh.ask("next");
        fresh.ask("done");
        fresh.say(OTTER, "!bench");
        fresh.say(LOU, "!bench");
        assertThat(fresh.waiting()).containsExactly("lowtide_lou", "brine_otter");
    }

    @Test
    void joiningCostsWhatItCosts() {
        OnQueue on = open(Map.of("price", 40L));
        assertThat(on.say(OTTER, "!bench")).startsWith("brine_otter, that costs 40 ");
        assertThat(on.waiting()).isEmpty();
    }

    @Test
    void whoLeavesWhileUpIsGoneAndANewNameIsShown() {
        OnQueue on = open(Map.of());
        on.say(OTTER, "!bench");
        on.say(LOU, "!bench");
        on.ask("next");
        assertThat(on.say(OTTER, "!benchleave")).contains("out of");
        assertThat(on.up()).isEmpty();
        assertThat(on.ask("undo"))
                .as("what a viewer did is not taken back")
                .isEqualTo("There is no step to take back.");
        Viewer renamed = new Viewer(LOU.id(), "hightide_lou", LOU.standings(), 0);
        on.say(renamed, "good evening");
        assertThat(on.waiting()).containsExactly("hightide_lou");
    }

    @Test
    void theWaitIsToldFromTheTurnsSoFarAndHonestBefore() {
        OnQueue on = open(Map.of());
        for (long seconds : List.of(60, 240, 300, 360)) {
            on.say(OTTER, "!bench");
            on.ask("next");
            on.pass(seconds);
            on.ask("done");
        }
        assertThat(on.board().takes()).isEqualTo("a turn takes about 5 min");
        on.say(OTTER, "!bench");
        on.say(LOU, "!bench");
        assertThat(on.say(INES, "!bench")).endsWith("Your turn: about 9 min.");
        assertThat(on.board().waiting())
                .extracting(TurnsBoard.Waits::waits)
                .last()
                .asString()
                .matches("\\d+–\\d+ min");
    }

    @Test
    void aListIsCarriedOnInOneStepAndWhatIsTickedIsLeftOut() {
        OnQueue on = open(Map.of());
        on.say(OTTER, "!bench");
        String list = "# Old\n\n- [ ] lowtide_lou: rose\n1. tallowmoth\n- [x] done_already\n* Brine_Otter\n";
        assertThat(on.ask("bring", "list", list)).isEqualTo("2 joined. 2 left out.");
        assertThat(on.waiting()).containsExactly("brine_otter", "lowtide_lou", "tallowmoth");
        assertThat(CheckList.written(OnQueue.BENCH, on.state()))
                .isEqualTo("# At the bench\n\n- [ ] brine_otter\n- [ ] lowtide_lou: rose\n- [ ] tallowmoth\n");
        on.ask("undo");
        assertThat(on.waiting()).containsExactly("brine_otter");
        assertThat(on.ask("bring", "list", "\n")).startsWith("Nobody stands on that list.");
        assertThat(on.ask("bring", "list", "- [x] one")).startsWith("Everybody on that list is ticked");
        assertThat(on.ask("bring", "list", "x\n".repeat(30_000))).contains("is longer than 40000 characters.");
    }

    @Test
    void whoWroteNothingForLongIsAway() {
        OnQueue on = open(Map.of());
        on.say(OTTER, "!bench");
        on.say(LOU, "!bench");
        on.pass(16 * 60);
        on.say(LOU, "still here");
        assertThat(on.board().waiting()).extracting(TurnsBoard.Waits::present).containsExactly(false, true);
    }

    @Test
    void aStepIsTakenBackWhileWhatOthersDidSinceStays() {
        OnQueue on = open(Map.of());
        on.say(OTTER, "!bench");
        on.say(LOU, "!bench");
        on.ask("clear");
        on.say(INES, "!bench");
        assertThat(on.ask("undo")).isEqualTo("At the bench is as it was.");
        assertThat(on.waiting()).containsExactly("brine_otter", "lowtide_lou", "marshlight_ines");
        on.ask("ban", "name", "brine_otter");
        on.restart();
        on.ask("undo");
        assertThat(on.waiting()).startsWith("brine_otter");
        assertThat(on.state().head().banned()).isEmpty();
    }

    @Test
    void whatCannotBeIsNamedWithAPlaceAndARemedy() {
        Problems problems = new Problems();
        Records.with(
                        OnQueue.BENCH,
                        Map.of(
                                "name",
                                "",
                                "pattern",
                                "[",
                                "most",
                                -1,
                                "outcomes",
                                List.of("poured", "Poured"),
                                "answers",
                                Records.with(QueueAnswers.USUAL, Map.of("joined", "{nobody}", "full", "{"))))
                .check(problems);
        assertThat(problems.found())
                .extracting(Problem::path)
                .contains("name", "pattern", "most", "outcomes[1]", "answers.joined", "answers.full");
        Problems none = new Problems();
        OnQueue.BENCH.check(none);
        assertThat(none.found()).isEmpty();
    }

    @Test
    void itReadsAsASentence() {
        assertThat(Sentence.text(Records.with(OnQueue.BENCH, Map.of("price", 40L))
                                .sentence(new Names(Samples.housed())))
                        .replaceAll("\\s+", " ")
                        .strip())
                .isEqualTo(
                        "Open to anyone for what you would like poured, whoever came first comes first, with a note if"
                                + " they like. At most 20 wait, each as often as they like, for 40 drips. A turn ends as poured,"
                                + " burnt or put off.");
    }
}

package org.waxbell.tasks;

import static org.assertj.core.api.Assertions.assertThat;
import static org.waxbell.desk.OnDesk.viewer;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.waxbell.Samples;
import org.waxbell.check.Contrast;
import org.waxbell.check.Problems;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.kind.Records;

class TasksTest {
    private static final Viewer OTTER = viewer("brine_otter");
    private static final Viewer MOTH = viewer("tallowmoth", 3);
    private final OnTasks on = new OnTasks(Map.of());

    @Test
    void severalAreWrittenAtOnceAndWhatDoesNotFitIsToldWithItsReason() {
        assertThat(on.say(OTTER, "!task a sage taper; ;a rose pillar;A  Sage taper"))
                .contains("a sage taper; a rose pillar: number 1, 2 on Orders to pour", "One more was left out");
        assertThat(on.say(OTTER, "!task")).contains("write what is to be done");
        assertThat(on.say(MOTH, "!task A SAGE TAPER")).contains("stands there already as number 1");
        assertThat(on.say(MOTH, "!task " + "x".repeat(81))).contains("longer than 80 characters");
        assertThat(on.say(OTTER, "!task one; two")).contains("one: number 3", "One more was left out");
        assertThat(on.say(OTTER, "!task three")).contains("you have 3 on Orders to pour");
        on.say(MOTH, "!task b; c; d");
        on.say(viewer("lowtide_lou"), "!task e; f");
        assertThat(on.say(viewer("reed_bell"), "!task g")).contains("is full: 8 stand there");
        assertThat(on.ask("add", "text", "the host is not bound by that")).contains("number 9");
        assertThat(on.state().of("orders")).hasSize(9);
        on.ask("reset");
        assertThat(on.say(MOTH, "!task <b>bold</b> \u202Eright to left"))
                .contains("<b>bold</b> right to left: number 1");
    }

    @ParameterizedTest
    @CsvSource({
        "1, done: a sage taper. That is 1 of 4",
        "#1, done: a sage taper. That is 1 of 4",
        "'1, 3', done: a sage taper; a lantern base. That is 2 of 4",
        "rose, done: a rose pillar. That is 1 of 4",
        "LANT, done: a lantern base. That is 1 of 4",
        "sage, 'which one? 1 a sage taper, 4 a sage bell. Say its number.'",
        "a sage bell, done: a sage bell. That is 1 of 4",
        "9, nothing on Orders to pour is called that",
        "1 9, nothing on Orders to pour is called that",
        "honey, nothing on Orders to pour is called that",
        "'', nothing on Orders to pour is called that",
        "999999999999, nothing on Orders to pour is called that",
        "<i>, nothing on Orders to pour is called that"
    })
    void itIsTickedOffByNumberOrWordsAndAskedBackWhereThatIsUnsure(String which, String answer) {
        on.ask("add", "text", "a sage taper; a rose pillar; a lantern base; a sage bell");
        assertThat(on.say(Samples.SEDGE, "!taskdone " + which)).contains(answer);
    }

    @Test
    void othersTasksAreTickedOffOnlyWhereThatIsWished() {
        on.say(OTTER, "!task a sage taper");
        assertThat(on.say(MOTH, "!taskdone 1")).contains("not yours to change");
        assertThat(on.say(MOTH, "!taskremove sage")).contains("not yours to change");
        assertThat(on.say(MOTH, "!taskedit 1 nothing")).contains("not yours to change");
        OnTasks everybody = new OnTasks(Map.of("tick", Tick.ANYONE));
        everybody.say(OTTER, "!task a sage taper");
        assertThat(everybody.say(MOTH, "!taskremove 1")).contains("not yours");
        assertThat(everybody.say(MOTH, "!taskdone 1")).contains("done: a sage taper. That is 1 of 1");
        assertThat(everybody.say(MOTH, "!taskdone 1")).contains("done already: a sage taper");
        assertThat(everybody.say(OTTER, "!taskundone 1")).contains("to be done again: a sage taper");
    }

    @Test
    void itIsWordedOtherwiseAndToldToWhoAsks() {
        on.say(OTTER, "!task a sage taper");
        assertThat(on.say(OTTER, "!taskedit a green taper")).contains("number 1 reads now: a green taper");
        on.say(OTTER, "!task a bell");
        assertThat(on.say(OTTER, "!taskedit a red taper")).contains("write what is to be done");
        assertThat(on.say(OTTER, "!taskedit 1: " + "x".repeat(90))).contains("longer than 80");
        assertThat(on.say(OTTER, "!taskmine")).contains("1 a green taper, 2 a bell");
        assertThat(on.say(MOTH, "!taskmine")).contains("nothing on Orders to pour is yours");
        assertThat(on.say(OTTER, "!taskremove 2")).contains("off Orders to pour: a bell");
        assertThat(on.say(OTTER, "!taskleft")).isEqualTo("Orders to pour: 0 of 1 done. Next: a green taper.");
    }

    @Test
    void listsAreSwitchedAndNothingIsLost() {
        on.say(OTTER, "!task a sage taper");
        assertThat(on.say(Samples.SEDGE, "!taskshow odalys")).contains("Odalys's evening is shown");
        assertThat(on.say(OTTER, "!task mine too")).contains("Odalys's evening is for the host");
        on.ask("add", "text", "trim the wicks");
        assertThat(on.face().list()).isEqualTo("Odalys's evening");
        assertThat(on.face().rows()).extracting(TasksFace.Row::words).containsExactly("trim the wicks");
        assertThat(on.ask("add", "text", "on the other", "list", "orders")).contains("number 2 on Orders to pour");
        assertThat(on.say(Samples.SEDGE, "!taskshow candle")).contains("No list is called candle. There are: Orders");
        assertThat(on.say(Samples.SEDGE, "!taskshow")).contains("Orders to pour is shown");
        assertThat(on.ask("show", "list", "orders")).contains("is shown already");
        assertThat(on.ask("add", "text", "astray", "list", "candle")).contains("No list is called candle");
        assertThat(on.ask("reset", "list", "candle")).contains("No list is called candle");
        on.restart();
        assertThat(on.on("orders")).containsExactly("1 a sage taper", "2 on the other");
        assertThat(on.on("evening")).containsExactly("1 trim the wicks");
    }

    @Test
    void itIsShutInOneWordAndOnePersonIsKeptOut() {
        on.say(OTTER, "!task ugly; uglier");
        assertThat(on.say(OTTER, "!taskshut")).isEmpty();
        assertThat(on.say(Samples.SEDGE, "!taskshut")).contains("is shut");
        assertThat(on.say(MOTH, "!task late")).contains("Orders to pour is shut for now");
        assertThat(on.say(OTTER, "!taskremove 1")).contains("is shut");
        assertThat(on.say(Samples.SEDGE, "!taskban @BRINE_OTTER")).contains("writes nothing more");
        assertThat(on.say(Samples.SEDGE, "!taskban nobody")).contains("nobody wrote nothing here");
        assertThat(on.say(Samples.SEDGE, "!taskremove 1 2")).contains("off Orders to pour: ugly; uglier");
        assertThat(on.say(Samples.SEDGE, "!taskopen")).contains("open again");
        assertThat(on.say(OTTER, "!task again")).contains("you cannot write");
        assertThat(on.say(OTTER, "!taskseal leaf")).contains("you cannot write");
        assertThat(on.ask("unban", "name", "brine_otter")).contains("may write again");
        assertThat(on.say(OTTER, "!task again")).contains("number 3");
    }

    @Test
    void numbersStayWhileSomebodyTypesAndBeginAnewOnlyAfterARest() {
        on.say(OTTER, "!task a; b");
        on.say(OTTER, "!taskremove 1 2");
        assertThat(on.say(OTTER, "!task c")).contains("number 3");
        on.say(OTTER, "!taskremove 3");
        on.pass(61);
        assertThat(on.say(OTTER, "!task d")).contains("number 1");
        on.ask("undo");
        assertThat(on.on("orders")).containsExactly("1 d");
    }

    @Test
    void theHostTakesStepsBackAndWhatViewersDidSinceStays() {
        on.ask("add", "text", "a; b; c");
        on.ask("move", "which", "3", "to", "1");
        assertThat(on.on("orders")).containsExactly("3 c", "1 a", "2 b");
        on.say(OTTER, "!task d");
        assertThat(on.ask("undo")).contains("is as it was");
        assertThat(on.on("orders")).containsExactly("1 a", "2 b", "3 c", "4 d");
        assertThat(on.ask("undo")).contains("no step to take back");
        on.ask("done", "which", "1 2");
        assertThat(on.ask("clear")).contains("2 done and taken away");
        on.ask("undo");
        assertThat(on.on("orders")).containsExactly("x1 a", "x2 b", "3 c", "4 d");
        assertThat(on.ask("reset")).contains("is empty now: 4 taken away");
        on.say(OTTER, "!task e");
        on.ask("undo");
        // The new one has number 1, so the one that comes back gets the next that is free.
        assertThat(on.state().of("orders")).extracting(Task::number).doesNotHaveDuplicates();
        assertThat(on.state().of("orders")).extracting(Task::words).containsExactlyInAnyOrder("a", "b", "c", "d", "e");
        assertThat(on.ask("clear", "list", "evening")).contains("Nothing on Odalys's evening is done");
        assertThat(on.ask("reset", "list", "evening")).contains("is empty");
    }

    @ParameterizedTest
    @EnumSource
    void whereDoneOnesGo(WhenDone where) {
        OnTasks there = new OnTasks(Map.of("whenDone", where));
        there.ask("add", "text", "a; b; c");
        there.ask("done", "which", "1");
        there.ask("hide", "which", "3");
        List<String> seen =
                there.face().rows().stream().map(TasksFace.Row::words).toList();
        assertThat(seen)
                .isEqualTo(
                        switch (where) {
                            case STAY -> List.of("a", "b");
                            case LAST, SEALED -> List.of("b", "a");
                            case GONE -> List.of("b");
                        });
        assertThat(there.face().done()).isEqualTo(1);
        assertThat(there.face().all()).isEqualTo(3);
        there.ask("reveal", "which", "c");
        assertThat(there.face().rows()).extracting(TasksFace.Row::words).contains("c");
    }

    @Test
    void aSealStandsBesideANameForAWhileAndAColourIsMended() {
        on.say(OTTER, "!task a sage taper");
        assertThat(on.say(OTTER, "!taskseal leaf")).contains("the leaf stands beside your name for 10 min");
        assertThat(on.face().rows().get(0).seal()).isEqualTo("leaf");
        assertThat(on.say(OTTER, "!taskseal navy")).contains("mixed until it stands out");
        TasksFace.Row row = on.face().rows().get(0);
        assertThat(row.seal()).isEmpty();
        assertThat(Contrast.of(row.colour(), "#2b2724")).isBetween(4.5, 5.6);
        assertThat(on.say(OTTER, "!taskseal #fC0")).contains("#fc0 stands beside");
        assertThat(on.face().rows().get(0).colour()).isEqualTo("#ffcc00");
        assertThat(on.say(OTTER, "!taskseal bright")).contains("choose a seal (flame, leaf");
        on.restart();
        on.pass(601);
        assertThat(on.face().rows().get(0).colour()).isEmpty();
        assertThat(on.ask("seal", "seal", "leaf")).contains("No viewer asks");
        OnTasks dear = new OnTasks(Map.of("sealPrice", 40));
        assertThat(dear.say(OTTER, "!taskseal leaf")).contains("that costs 40").contains("you have fewer");
    }

    @Test
    void aCheckListComesInAndGoesOutTheSame() {
        String text =
                "# Orders to pour\n\n- [ ] a sage taper\n- [x] a rose pillar\n- [ ] <b>bold</b>: [brackets] 1. and all\n";
        assertThat(on.ask("bring", "text", text)).isEqualTo("3 brought to Orders to pour.");
        assertThat(on.markdown()).isEqualTo(text);
        on.ask("reset");
        assertThat(on.ask("bring", "text", "* one\n    - [X] two, below\n\t1) three\n\n# no\nfour"))
                .isEqualTo("4 brought to Orders to pour. 2 stood below others and stand beside them now.");
        assertThat(on.on("orders")).containsExactly("1 one", "x2 two, below", "3 three", "4 four");
        assertThat(on.ask("bring", "text", "#5 is no heading\n" + "y".repeat(90), "list", "evening"))
                .isEqualTo("2 brought to Odalys's evening. 1 was cut to 80 characters.");
        assertThat(on.on("evening").get(0)).isEqualTo("1 #5 is no heading");
        assertThat(on.ask("bring", "text", "# only a heading\n\n")).contains("Nothing stands there");
        assertThat(on.ask("bring", "text", "line\n".repeat(2_100))).contains("1996 brought", "104 left out");
        assertThat(on.board().lists().get(0).more()).isEqualTo(1_700);
    }

    @Test
    void badDocumentsSayWhatIsWrong() {
        Problems problems = new Problems();
        Records.with(
                        OnTasks.TASKS,
                        Map.of(
                                "lists",
                                List.of(
                                        new TaskList("a", "Same", Standing.ANYONE),
                                        new TaskList("a", " same", Standing.HOST),
                                        new TaskList("B b", "", Standing.HOST)),
                                "seals",
                                List.of("crown"),
                                "longest",
                                5))
                .check(problems);
        assertThat(problems.found().toString())
                .contains(
                        "lists[1].id",
                        "This stands there twice",
                        "Two lists are called that",
                        "lists[2].id",
                        "A list needs a name",
                        "There is no seal of that name",
                        "longest");
        Problems none = new Problems();
        OnTasks.TASKS.check(none);
        assertThat(none.found()).isEmpty();
    }
}

package org.waxbell.tasks;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.desk.GoldenDesk;
import org.waxbell.desk.OnDesk;
import org.waxbell.engine.Outcome;
import org.waxbell.state.Change;
import org.waxbell.state.Memory;

/** What holds of task lists whatever is done to them, and in whatever order. */
class TasksPropertiesTest {
    private static final List<String> WORDS = List.of(
            "!task a sage taper; a rose pillar",
            "!task bell",
            "!taskdone",
            "!taskundone",
            "!taskremove",
            "!taskedit",
            "!taskseal leaf");
    private static final List<String> ACTS = List.of(
            "move", "clear", "undo", "show", "hide", "reveal", "done", "remove", "add", "ban", "unban", "reset");

    private static Outcome anything(OnTasks on, Random random) {
        on.at += 2_000 + random.nextInt(40_000);
        String number = Integer.toString(1 + random.nextInt(12));
        if (random.nextInt(3) > 0) {
            String word = WORDS.get(random.nextInt(WORDS.size()));
            String said = word.contains(" ") ? word + random.nextInt(30) : word + " " + number;
            return on.engine.accept(
                    on.at,
                    Samples.line(
                            OnDesk.viewer("viewer_" + random.nextInt(6)),
                            word.equals("!taskedit") ? said + " so" : said));
        }
        String act = ACTS.get(random.nextInt(ACTS.size()));
        return switch (act) {
            case "move" -> on.host(act, "which", number, "to", Integer.toString(1 + random.nextInt(9)));
            case "hide", "reveal", "done", "remove" -> on.host(act, "which", number);
            case "add" -> on.host(act, "text", "by hand " + random.nextInt(100));
            case "ban", "unban" -> on.host(act, "name", "viewer_" + random.nextInt(6));
            case "reset" -> random.nextInt(6) == 0 ? on.host(act) : on.host("clear");
            default -> on.host(act);
        };
    }

    @RepeatedTest(10)
    void numbersStandOnceAndStayAndWhatIsKeptIsWhatStands(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        OnTasks on = new OnTasks(Map.of("each", 0, "most", 30, "tick", Tick.ANYONE));
        Memory kept = new Memory(on.engine.save().memory());
        Map<String, Long> written = new HashMap<>();
        for (int i = 0; i < 200; i++) {
            Outcome outcome = anything(on, random);
            for (Change change : outcome.changes()) {
                kept.take(change);
            }
            TasksState state = on.state();
            assertThat(new TasksDesk().restored("task", kept)).isEqualTo(state);
            Map<String, Long> now = new HashMap<>();
            state.tasks()
                    .forEach(each -> assertThat(now.put(each.list() + each.number(), each.at()))
                            .isNull());
            // A number that stood before this step means the same task, or none.
            written.forEach(
                    (number, at) -> assertThat(now.getOrDefault(number, at)).isEqualTo(at));
            written.clear();
            written.putAll(now);
            if (random.nextInt(20) == 0) {
                on.restart();
            }
        }
    }

    @RepeatedTest(4)
    void keptAndRestoredAtAnyStepNothingLaterIsOther(RepetitionInfo run) {
        OnTasks one = new OnTasks(Map.of());
        OnTasks other = new OnTasks(Map.of());
        Random first = new Random(run.getCurrentRepetition());
        Random second = new Random(run.getCurrentRepetition());
        for (int i = 0; i < 120; i++) {
            Outcome here = anything(one, first);
            assertThat(anything(other, second).decisions()).isEqualTo(here.decisions());
            other.restart();
        }
        assertThat(other.state()).isEqualTo(one.state());
    }

    @RepeatedTest(4)
    void movedTasksStandWhereTheyWereMovedHoweverOften(RepetitionInfo run) {
        OnTasks on = new OnTasks(Map.of());
        on.ask("add", "text", "a; b; c; d; e");
        Random random = new Random(run.getCurrentRepetition());
        for (int i = 0; i < 200; i++) {
            int number = 1 + random.nextInt(5);
            int to = 1 + (i % 3 == 0 ? random.nextInt(5) : 1);
            on.ask("move", "which", Integer.toString(number), "to", Integer.toString(to));
            assertThat(on.state().of("orders").get(to - 1).number()).isEqualTo(number);
            assertThat(on.state().of("orders")).hasSize(5);
        }
    }

    @Test
    void anEveningOfTasksGoesAsWritten() throws IOException {
        OnTasks on = new OnTasks(Map.of("tick", Tick.ANYONE, "whenDone", WhenDone.SEALED));
        new GoldenDesk(
                        on,
                        () -> on.face().list() + " " + on.on("orders")
                                + (on.face().shut() ? " shut" : ""))
                .goesAsWritten("an-evening-of-tasks");
    }
}

package org.waxbell.event;

import static org.waxbell.event.Field.number;
import static org.waxbell.event.Field.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.waxbell.actor.Actor;

/** What desks tell, one line each; {@link Facts} knows them all. */
public final class DeskFacts {
    private static final Viewer OTTER = new Viewer("practice:brine_otter", "brine_otter", Set.of(Standing.FOLLOWER), 0);
    private static final Viewer INES =
            new Viewer("practice:marshlight_ines", "marshlight_ines", Set.of(Standing.MEMBER, Standing.FOLLOWER), 14);

    /** A wheel came to rest. */
    public static final FactKind WHEEL_STOPPED = FactKind.awaited(
                    "wheelStopped",
                    fact -> "the wheel " + fact.text("name") + " stopped"
                            + FactKind.colon().apply(fact.text("result")),
                    text("name", "deskName", "Dyes"),
                    text("result", "deskResult", "sage"))
            .usuallyBy(Actor.PROGRAM)
            .offered("a wheel stops", "");
    /** A clock runs from now on; which, and what it shows. */
    public static final FactKind CLOCK_STARTED = clock("clockStarted", "starts", "a clock starts");
    /** A clock stands still. */
    public static final FactKind CLOCK_PAUSED = clock("clockPaused", "is paused", "a clock is paused");
    /** A clock is about to run out. */
    public static final FactKind CLOCK_NEAR = clock("clockNear", "is nearly over", "a clock is nearly over");
    /** A clock ran out. */
    public static final FactKind CLOCK_OVER = clock("clockOver", "is over", "a clock is over");
    /** Another round of a clock began: work, or rest. */
    public static final FactKind CLOCK_ROUND = FactKind.ofDesk(
                    "clockRound",
                    Optional.empty(),
                    fact -> fact.text("name") + " comes to " + fact.text("round"),
                    text("name", "deskName", "Bench rounds"),
                    text("left", "clockLeft", "5:00"),
                    text("round", "clockRound", "the first rest"),
                    text("sort", "clockSort", "rest"))
            .offered("a clock comes to another round", "");
    /** An event gave a clock more time; what it was for, and how much. */
    public static final FactKind CLOCK_ADDED = FactKind.ofDesk(
                    "clockAdded",
                    Optional.of(OTTER),
                    fact -> fact.text("name") + " gets " + fact.text("added") + " for " + fact.text("what"),
                    text("name", "deskName", "Until the wax is cool"),
                    text("left", "clockLeft", "41:07"),
                    text("added", "clockAdded", "2 min"),
                    text("what", "clockWhat", "a Lantern"),
                    number("seconds", "clockAddedSeconds", 120))
            .offered("an event adds time to a clock", "adds {clockAdded}");
    /** A queue may be joined from now on. */
    public static final FactKind QUEUE_OPENED = desk("queueOpened", "opens", "a queue opens", "At the bench");
    /** A queue may be joined no longer. */
    public static final FactKind QUEUE_CLOSED = desk("queueClosed", "closes", "a queue closes", "At the bench");
    /** Somebody joined a queue; with which note. */
    public static final FactKind TURN_JOINED = turn(
            "turnJoined", "joins", "someone joins a queue", "joins {deskName}", text("note", "turnNote", "sage, tall"));
    /** Somebody is out of a queue before their turn was over; how that came. */
    public static final FactKind TURN_LEFT = turn(
            "turnLeft",
            "is out of",
            "someone leaves a queue",
            "leaves {deskName}",
            text("how", "turnHow", "by themselves"));
    /** Somebody's turn has come; with which note. */
    public static final FactKind TURN_UP = turn(
            "turnUp", "is up in", "someone's turn comes", "is up: {turnNote}", text("note", "turnNote", "sage, tall"));
    /** Somebody's turn is over; how it ended, and how long it took. */
    public static final FactKind TURN_ENDED = turn(
            "turnEnded",
            "is done in",
            "a turn ends",
            "{turnOutcome}",
            text("outcome", "turnOutcome", "poured"),
            number("seconds", "turnSeconds", 220));
    /** Another task list is shown. */
    public static final FactKind TASK_LIST_SHOWN =
            tasks("taskListShown", Optional.empty(), "is shown", "another task list is shown", "");
    /** Viewers may write nothing to task lists from now on. */
    public static final FactKind TASKS_SHUT =
            desk("tasksShut", "is shut to viewers", "task lists are shut", "Things to do");
    /** Viewers may write to task lists again. */
    public static final FactKind TASKS_OPENED =
            desk("tasksOpened", "is open to viewers", "task lists are opened", "Things to do");
    /** Something was written to a task list; what, and its number. */
    public static final FactKind TASK_ADDED =
            task("taskAdded", "is on", "something is written to a task list", "wrote {taskWords}");
    /** A task is done. */
    public static final FactKind TASK_DONE = task("taskDone", "is done on", "a task is done", "{taskWords} is done");
    /** A task that was done is to be done again. */
    public static final FactKind TASK_UNDONE =
            task("taskUndone", "is to be done again on", "a task is to be done again", "");
    /** A task was taken away. */
    public static final FactKind TASK_REMOVED = task("taskRemoved", "is taken off", "a task is taken away", "");
    /** The last task of a list that was not done is done; how many there are. */
    public static final FactKind TASKS_ALL_DONE = tasks(
            "tasksAllDone",
            Optional.of(OTTER),
            "is all done",
            "all of a task list is done",
            "{taskList} is all done",
            number("count", "taskCount", 9));
    /** A seal or a colour stands beside a viewer's name for a while; which. */
    public static final FactKind TASK_SEAL = tasks(
            "taskSeal",
            Optional.of(OTTER),
            "has a seal beside a name",
            "a seal stands beside a name",
            "has the {taskSeal}",
            text("seal", "taskSeal", "leaf"));

    /** A tune is asked for; which, and its place. */
    public static final FactKind TUNE_ASKED = tune(
            "tuneAsked", "is asked for", "a tune is asked for", "asks for {tuneTitle}", number("place", "place", 3));
    /** A tune begins; which, and who asked for it. */
    public static final FactKind TUNE_STARTED = tune(
            "tuneStarted",
            "begins",
            "a tune begins",
            "asked for {tuneTitle}",
            text("asker", "tuneAsker", "brine_otter"));
    /** A tune is over; which, and how it ended. */
    public static final FactKind TUNE_ENDED = tune(
            "tuneEnded", "is over", "a tune is over", "{tuneTitle} is {tuneHow}", text("how", "tuneHow", "played"));

    /** A crowd has voted; for what, and with how many votes. */
    public static final FactKind CROWD_CHOSE = FactKind.ofDesk(
                    "crowdChose",
                    Optional.empty(),
                    fact -> fact.text("name") + " is for " + fact.text("word"),
                    text("name", "deskName", "The rig"),
                    text("word", "crowdWord", "dip"),
                    number("votes", "crowdVotes", 7))
            .offered("a crowd has voted", "");

    /** A poll begins; what it asks. */
    public static final FactKind POLL_OPENED = FactKind.ofDesk(
                    "pollOpened",
                    Optional.empty(),
                    fact -> fact.text("name") + " asks " + fact.text("question"),
                    text("name", "deskName", "Dyes"),
                    text("question", "pollQuestion", "Which wax next?"))
            .offered("a poll begins", "asks {pollQuestion}");
    /** A poll is over; what it asked, what most were for, with how many of all votes, and that in words. */
    public static final FactKind POLL_CLOSED = FactKind.ofDesk(
                    "pollClosed",
                    Optional.empty(),
                    fact -> fact.text("question") + FactKind.colon().apply(fact.text("result")),
                    text("name", "deskName", "Dyes"),
                    text("question", "pollQuestion", "Which wax next?"),
                    text("result", "pollResult", "sage"),
                    number("votes", "pollVotes", 12),
                    number("total", "pollTotal", 20),
                    text("says", "pollSays", "Which wax next? sage with 12 of 20 votes."))
            .offered("a poll is over", "{pollResult}");

    /** One may enter a prize draw from now on; for what, and that in words. */
    public static final FactKind PRIZE_OPENED = FactKind.ofDesk(
                    "prizeOpened",
                    Optional.empty(),
                    fact -> fact.text("name") + " can be entered, for " + fact.text("prize"),
                    text("name", "deskName", "Taper draw"),
                    text("prize", "prizeName", "a taper of your colour"),
                    text("says", "prizeSays", "Enter now for a taper of your colour."))
            .offered("a prize draw opens", "");
    /** A prize draw fell on somebody, who is to speak up; what for, with which number, and that in words. */
    public static final FactKind PRIZE_DRAWN = prize(
            "prizeDrawn", "is drawn in", "a prize draw falls on someone", "{prizeWinner} is drawn for {prizeName}");
    /** A prize is somebody's. */
    public static final FactKind PRIZE_WON =
            prize("prizeWon", "wins", "a prize is won", "{prizeWinner} has {prizeName}");
    /** Who was drawn did not speak up. */
    public static final FactKind PRIZE_MISSED =
            prize("prizeMissed", "does not speak up in", "who was drawn does not speak up", "");
    /** Nobody is left to draw. */
    public static final FactKind PRIZE_OVER = prize("prizeOver", "was last in", "nobody is left to draw", "");

    /** A viewer gave another points; to whom, and how many. */
    public static final FactKind POINTS_GIVEN = FactKind.ofDesk(
                    "pointsGiven",
                    Optional.of(OTTER),
                    fact -> fact.who() + " gives " + fact.text("to") + " " + fact.number("amount"),
                    text("name", "deskName", "Drips"),
                    text("to", "pointsTo", "tallowmoth"),
                    number("amount", "pointsAmount", 10))
            .offered("a viewer gives another points", "gives {pointsTo} {pointsAmount}");

    /** Somebody played a game of chance; what was drawn, for which stake, and what came back. */
    public static final FactKind GAME_PLAYED = FactKind.ofDesk(
                    "gamePlayed",
                    Optional.empty(),
                    fact -> fact.text("player") + " in " + fact.text("name")
                            + FactKind.colon().apply(fact.text("drawn")),
                    text("name", "deskName", "Three wheels"),
                    text("player", "gamePlayer", "brine_otter"),
                    text("drawn", "gameDrawn", "comb, comb, comb"),
                    number("stake", "gameStake", 10),
                    number("won", "gameWon", 80))
            .offered("someone plays a game of chance", "{gamePlayer}: {gameDrawn}");

    /** A chapter of the evening is on from now on; which, and how late the evening is. */
    public static final FactKind CHAPTER_ENTERED =
            chapter("chapterEntered", "begins", "a chapter begins", text("late", "chapterLate", "6 min late"));
    /** A chapter of the evening is on no longer. */
    public static final FactKind CHAPTER_LEFT = chapter("chapterLeft", "is over", "a chapter is over");
    /** The planned time of the chapter that is on is up. */
    public static final FactKind CHAPTER_DUE = chapter("chapterDue", "has had its time", "the time of a chapter is up");

    /** What a script did with something that it heard or was asked for; what that was, what it did, and what it was not let do. */
    public static final FactKind EXTENSION_DID = FactKind.ofDesk(
                    "extensionDid",
                    Optional.empty(),
                    fact -> fact.text("name") + ", on " + fact.text("heard")
                            + (fact.text("did").isEmpty() ? "" : ", " + fact.text("did"))
                            + (fact.text("left").isEmpty() ? "" : "; left out: " + fact.text("left")),
                    text("name", "deskName", "Guess the weight"),
                    text("heard", "", "Guess, for brine_otter"),
                    text("did", "", "says something"),
                    text("left", "", ""))
            .maybeBy(OTTER);
    /** A script failed; at what, and why. */
    public static final FactKind EXTENSION_FAILED = FactKind.ofDesk(
            "extensionFailed",
            Optional.empty(),
            fact -> fact.text("name") + " failed on " + fact.text("heard") + ": " + fact.text("why"),
            text("name", "deskName", "Guess the weight"),
            text("heard", "", "Guess, for brine_otter"),
            text("why", "", "line 4: heaviest is not defined"));
    /** A script tells cues something: a word, a text and a number. */
    public static final FactKind EXTENSION_TELLS = FactKind.ofDesk(
                    "extensionTells",
                    Optional.empty(),
                    fact -> fact.text("name") + " tells " + fact.text("word")
                            + FactKind.colon().apply(fact.text("text")),
                    text("name", "deskName", "Guess the weight"),
                    text("word", "toldWord", "won"),
                    text("text", "toldText", "412 grams"),
                    number("number", "toldNumber", 412))
            .maybeBy(OTTER)
            .offered("an extension tells something", "{toldText}");

    static final List<FactKind> ALL = List.of(
            WHEEL_STOPPED,
            CLOCK_STARTED,
            CLOCK_PAUSED,
            CLOCK_NEAR,
            CLOCK_OVER,
            CLOCK_ROUND,
            CLOCK_ADDED,
            QUEUE_OPENED,
            QUEUE_CLOSED,
            TURN_JOINED,
            TURN_LEFT,
            TURN_UP,
            TURN_ENDED,
            TASK_LIST_SHOWN,
            TASKS_SHUT,
            TASKS_OPENED,
            TASK_ADDED,
            TASK_DONE,
            TASK_UNDONE,
            TASK_REMOVED,
            TASKS_ALL_DONE,
            TASK_SEAL,
            TUNE_ASKED,
            TUNE_STARTED,
            TUNE_ENDED,
            CROWD_CHOSE,
            POLL_OPENED,
            POLL_CLOSED,
            PRIZE_OPENED,
            PRIZE_DRAWN,
            PRIZE_WON,
            PRIZE_MISSED,
            PRIZE_OVER,
            POINTS_GIVEN,
            GAME_PLAYED,
            CHAPTER_ENTERED,
            CHAPTER_LEFT,
            CHAPTER_DUE,
            EXTENSION_DID,
            EXTENSION_FAILED,
            EXTENSION_TELLS);

    private DeskFacts() {}

    private static FactKind chapter(String name, String does, String offered, Field... fields) {
        List<Field> all =
                new ArrayList<>(List.of(text("name", "deskName", "Evening"), text("chapter", "chapterName", "Break")));
        all.addAll(List.of(fields));
        return FactKind.ofDesk(
                        name, Optional.empty(), fact -> fact.text("chapter") + " " + does, all.toArray(Field[]::new))
                .offered(offered, "");
    }

    private static FactKind clock(String name, String does, String offered) {
        return FactKind.ofDesk(
                        name,
                        Optional.empty(),
                        fact -> fact.text("name") + " " + does,
                        text("name", "deskName", "Until the wax is cool"),
                        text("left", "clockLeft", "45:00"))
                .offered(offered, "");
    }

    private static FactKind prize(String name, String does, String offered, String card) {
        return FactKind.ofDesk(
                        name,
                        Optional.empty(),
                        fact -> fact.text("winner") + " " + does + " " + fact.text("name"),
                        text("name", "deskName", "Taper draw"),
                        text("prize", "prizeName", "a taper of your colour"),
                        text("winner", "prizeWinner", "brine_otter"),
                        number("number", "prizeNumber", 12),
                        text("says", "prizeSays", "Number 12, brine_otter, is drawn."))
                .offered(offered, card);
    }

    private static FactKind desk(String name, String does, String offered, String sample) {
        return FactKind.ofDesk(
                        name,
                        Optional.empty(),
                        fact -> fact.text("name") + " " + does,
                        text("name", "deskName", sample))
                .offered(offered, "");
    }

    private static FactKind tune(String name, String does, String offered, String card, Field last) {
        return FactKind.ofDesk(
                        name,
                        Optional.of(OTTER),
                        fact -> fact.text("title") + " " + does,
                        text("name", "deskName", "Tunes"),
                        text("title", "tuneTitle", "The Brine Lantern"),
                        text("maker", "tuneMaker", "The Late Ferries"),
                        last)
                .offered(offered, card);
    }

    private static FactKind turn(String name, String does, String offered, String card, Field... fields) {
        Field[] all = new Field[fields.length + 1];
        all[0] = text("name", "deskName", "At the bench");
        System.arraycopy(fields, 0, all, 1, fields.length);
        return FactKind.ofDesk(name, Optional.of(INES), fact -> fact.who() + " " + does + " " + fact.text("name"), all)
                .offered(offered, card);
    }

    private static FactKind tasks(
            String name, Optional<Viewer> who, String does, String offered, String card, Field... fields) {
        List<Field> all = new ArrayList<>(
                List.of(text("name", "deskName", "Orders"), text("list", "taskList", "Orders to pour")));
        all.addAll(List.of(fields));
        return FactKind.ofDesk(name, who, fact -> fact.text("list") + " " + does, all.toArray(Field[]::new))
                .offered(offered, card);
    }

    private static FactKind task(String name, String does, String offered, String card) {
        return FactKind.ofDesk(
                        name,
                        Optional.of(OTTER),
                        fact -> fact.text("words") + " " + does + " " + fact.text("list"),
                        text("name", "deskName", "Orders"),
                        text("list", "taskList", "Orders to pour"),
                        text("words", "taskWords", "a sage taper"),
                        number("number", "taskNumber", 4))
                .offered(offered, card);
    }
}

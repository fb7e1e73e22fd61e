package org.waxbell.tasks;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
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
 * Task lists as the host wrote them: several kept ones, of which one is shown.
 *
 * @param lists     which there are; what is written to one stays when another is shown, and when its line is taken away
 * @param tick      who ticks a task off beside the host and moderators
 * @param whenDone  where it goes then on the stage
 * @param each      how many that are not done each viewer may have on a list, 0 for any
 * @param most      how many that are not done all viewers may have on a list
 * @param longest   the greatest length of a task, in characters
 * @param seals     seals that viewers may have beside their names
 * @param sealMs    how long one stands there, in milliseconds
 * @param sealPrice what it costs, in points
 * @param behind    the colour from which a colour that a viewer chooses must stand out
 * @param answers   what viewers are told
 */
public record Tasks(
        int formatVersion,
        String id,
        String name,
        List<TaskList> lists,
        Tick tick,
        WhenDone whenDone,
        int each,
        int most,
        int longest,
        List<String> seals,
        long sealMs,
        long sealPrice,
        String behind,
        TasksAnswers answers)
        implements DeskSheet {
    /** The version of the document that this program writes. */
    public static final int FORMAT = 1;
    /** The desk that runs task lists, by name. */
    public static final String DESK = "tasks";

    /** As many as stand on a list that are not done, whoever writes. */
    static final int MOST = 2_000;

    private static final int MOST_LISTS = 30;

    /** What it says of itself. */
    public static final Kind<DeskSheet> KIND = Kind.<DeskSheet>of(Tasks.class, DESK, "Task lists", "Tasks")
            .also("tasks todo check list things to do orders wishes")
            .with(TasksFields.all())
            .making(on -> new Tasks(
                    FORMAT,
                    on.id(),
                    on.name("Tasks"),
                    List.of(
                            new TaskList("everybody", "Everybody's list", Standing.ANYONE),
                            new TaskList("own", "My own list", Standing.HOST)),
                    Tick.OWN,
                    WhenDone.LAST,
                    5,
                    60,
                    80,
                    Seals.NAMES,
                    10 * 60_000,
                    0,
                    "#2b2724",
                    TasksAnswers.USUAL));

    static final ActField LIST = ActField.text("list", "On which list, by name; empty for the one that is shown", 40);
    static final ActField WHICH = ActField.text("which", "Which, by number or words", 500);
    private static final ActField WHOM = ActField.text("name", "Whom, by name", 100);
    private static final List<Act> ACTS = List.of(
            Act.of(
                    "add",
                    "Write something to it",
                    List.of(ActField.text("text", "What, several with ; between", 1_000), LIST),
                    "added"),
            Act.of("done", "Tick something off", List.of(WHICH, LIST), "done"),
            Act.of("undone", "Say that it is to be done again", List.of(WHICH, LIST), "undone"),
            Act.of(
                    "edit",
                    "Word something otherwise",
                    List.of(ActField.text("text", "Its number, and the new words", 500), LIST),
                    "edited"),
            Act.of("remove", "Take something away", List.of(WHICH, LIST), "removed"),
            Act.of("mine", "Tell who asks what they wrote", List.of(LIST), "mine"),
            Act.of(
                    "seal",
                    "Set a seal or a colour beside a name",
                    List.of(
                            ActField.text("seal", "Which seal or colour", 100),
                            ActField.text("name", "Beside whose name; empty for who asks", 100)),
                    "sealed",
                    "mended"),
            Act.of(
                    "show",
                    "Show another list",
                    List.of(ActField.text("list", "Which, by name; empty for the next", 40)),
                    "shown"),
            Act.of("shut", "Shut it to viewers", List.of(), "shut").undone("shut", "open"),
            Act.of("open", "Open it again", List.of(), "opened").undone("opened", "shut"),
            Act.of("hide", "Leave something out on stages", List.of(WHICH, LIST), "hidden"),
            Act.of("reveal", "Show what was left out", List.of(WHICH, LIST), "revealed"),
            Act.of(
                    "move",
                    "Move something",
                    List.of(WHICH, ActField.number("to", "To which place", 1, 2_000, 1), LIST),
                    "moved"),
            Act.of("clear", "Take away what is done", List.of(LIST), "cleared"),
            Act.of("reset", "Take everything away", List.of(LIST), "reset"),
            Act.of(
                    "bring",
                    "Bring a list",
                    List.of(ActField.text("text", "The list, one a line", CheckLines.LONGEST), LIST),
                    "brought"),
            Act.of("ban", "Keep somebody out", List.of(WHOM), "banned"),
            Act.of("unban", "Let somebody write again", List.of(WHOM), "unbanned"),
            Act.of("undo", "Take the last step back", List.of(), "undone"));

    public Tasks {
        lists = List.copyOf(lists);
        seals = List.copyOf(seals);
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
                value("List"), false,
                value("Left"), true,
                value("Done"), true,
                value("All"), true,
                value("Next"), false,
                value("Mine"), false);
    }

    @Override
    public Map<String, String> words() {
        return TasksAnswers.WORDS.values();
    }

    /** The list that is called so, whatever its capitals, or begins so where only one does; empty where none is meant. */
    Optional<TaskList> called(String named) {
        String wanted = named.strip().toLowerCase(Locale.ROOT);
        List<TaskList> begin = lists.stream()
                .filter(list -> list.name().toLowerCase(Locale.ROOT).startsWith(wanted))
                .toList();
        return lists.stream()
                .filter(list -> list.name().toLowerCase(Locale.ROOT).equals(wanted)
                        || list.id().equals(wanted))
                .findFirst()
                .or(() -> begin.size() == 1 ? Optional.of(begin.get(0)) : Optional.empty());
    }

    /** The list of that id, or the first where none has it any more. */
    public TaskList shown(String listId) {
        return lists.stream()
                .filter(list -> list.id().equals(listId))
                .findFirst()
                .orElse(lists.get(0));
    }

    @Override
    public void check(Problems problems) {
        problems.version(formatVersion, FORMAT);
        problems.at("id").id(id, "orders");
        KIND.check(this, problems, (field, words) -> TasksAnswers.WORDS.check(problems, field, words));
        if (lists.isEmpty() || lists.size() > MOST_LISTS) {
            problems.at("lists")
                    .add(
                            lists.size() + " lists",
                            "There is nothing to write to, or too much.",
                            "Keep 1 to " + MOST_LISTS + " lists.");
        }
        Set<String> ids = new HashSet<>();
        Set<String> names = new HashSet<>();
        for (int i = 0; i < lists.size(); i++) {
            TaskList list = lists.get(i);
            list.check(problems.at("lists", i));
            if (!ids.add(list.id())) {
                problems.at("lists", i).at("id").add(list.id(), "This stands there twice.", "Take one away.");
            }
            if (!names.add(list.name().strip().toLowerCase(Locale.ROOT))) {
                problems.at("lists", i)
                        .at("name")
                        .add(list.name(), "Two lists are called that.", "Call one otherwise.");
            }
        }
    }

    @Override
    public List<Piece> sentence(Naming names) {
        return new Pieces()
                .words("There is")
                .chip(
                        "lists",
                        Said.listed(lists.stream()
                                .map(list -> list.name() + " for " + list.whoInWords())
                                .toList()))
                .words(". Each viewer has")
                .chip("each", each == 0 ? "any number" : "at most " + each)
                .words("to be done, all together")
                .chip("most", "at most " + most)
                .words(", of")
                .chip("longest", longest + " characters")
                .words("each. Beside the host")
                .chip("tick", tick.says())
                .words("ticks it off, and it")
                .chip("whenDone", whenDone.says())
                .words(". A")
                .chip("seals", seals.isEmpty() ? "colour" : "seal or a colour")
                .words("stands beside a name for")
                .chip("sealMs", Spans.inWords(sealMs))
                .words("and costs")
                .chip("sealPrice", sealPrice == 0 ? "nothing" : names.points(sealPrice))
                .words(".")
                .all();
    }
}

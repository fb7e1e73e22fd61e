package org.waxbell.chapter;

import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.waxbell.act.Act;
import org.waxbell.act.ActField;
import org.waxbell.act.DeskSheet;
import org.waxbell.check.Problems;
import org.waxbell.clock.WrittenTime;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Piece;
import org.waxbell.sentence.Pieces;

/**
 * The order of an evening, as the host wrote it.
 *
 * @param begins   the time of day at which it is planned to begin, such as {@code 20:00}; empty text for whenever its first chapter is entered
 * @param zone     the time zone in which that is meant, by its name
 * @param opens    whether its first chapter is entered when a show opens
 * @param chapters in their order
 */
public record EveningOrder(
        int formatVersion, String id, String name, String begins, String zone, boolean opens, List<Chapter> chapters)
        implements DeskSheet {
    /** The version of the document that this program writes. */
    public static final int FORMAT = 1;
    /** The desk that runs them, by name. */
    public static final String DESK = "order";

    /** Enters a chapter. */
    public static final String ENTER = "enter";
    /** Enters the next chapter. */
    public static final String NEXT = "next";
    /** Leaves the chapter that is on, and ends the order. */
    public static final String END = "end";

    static final String CHAPTER = "chapter";
    private static final int MOST = 30;
    private static final long MINUTE = 60_000;

    /** What it says of itself. */
    public static final Kind<DeskSheet> KIND = Kind.<DeskSheet>of(
                    EveningOrder.class, DESK, "Order of the evening", "Order")
            .also("chapters rundown plan schedule waiting break close agenda")
            .with(
                    Field.text("name", "Name", 40).called("The name").needed(),
                    Field.text("begins", "Begins at", 8)
                            .hint("A time of day such as 20:00; empty for whenever its first chapter is entered.")
                            .wide(3),
                    Field.text("zone", "Time zone", 60)
                            .hint("In which that is meant.")
                            .wide(3),
                    Field.flag("opens", "its first chapter begins when a show opens"),
                    Field.of(Field.Type.OTHER, "chapters", "Chapters"))
            .making(on -> new EveningOrder(
                    FORMAT,
                    on.id(),
                    on.name("Evening"),
                    "",
                    on.zone().isEmpty() ? "UTC" : on.zone(),
                    true,
                    List.of(
                            Chapter.plain("waiting", "Waiting", 10 * MINUTE),
                            Chapter.plain("on", "On", 60 * MINUTE),
                            Chapter.plain("break", "Break", 10 * MINUTE),
                            Chapter.plain("back", "Back", 60 * MINUTE),
                            Chapter.plain("close", "Close", 10 * MINUTE))));

    private static final List<Act> ACTS = List.of(
            Act.of(ENTER, "Enter a chapter", List.of(ActField.text(CHAPTER, "Which chapter", 500)), "entered"),
            Act.of(NEXT, "Go on to the next chapter", List.of(), "entered"),
            Act.of(END, "End the order of the evening", List.of(), "ended"));

    public EveningOrder {
        chapters = List.copyOf(chapters);
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
        return Map.of(value("Chapter"), false, value("Next"), false, value("Late"), false, value("MinutesLate"), true);
    }

    /** The place of a chapter in the order, -1 where there is none of that id. */
    int placeOf(String chapter) {
        for (int i = 0; i < chapters.size(); i++) {
            if (chapters.get(i).id().equals(chapter)) {
                return i;
            }
        }
        return -1;
    }

    /** The chapter behind another, the first behind none; empty behind the last. */
    Optional<Chapter> after(String chapter) {
        return chapters.stream().skip(placeOf(chapter) + 1L).findFirst();
    }

    /** The chapter of that id or name, whatever its capitals; empty where there is none. */
    Optional<Chapter> called(String words) {
        String wanted = words.strip().toLowerCase(Locale.ROOT);
        return chapters.stream()
                .filter(each -> each.id().equals(wanted)
                        || each.name().toLowerCase(Locale.ROOT).equals(wanted))
                .findFirst();
    }

    /** How long the chapters before one are planned to take, in milliseconds. */
    long plannedBefore(String chapter) {
        return chapters.stream()
                .limit(Math.max(0, placeOf(chapter)))
                .mapToLong(Chapter::plannedMs)
                .sum();
    }

    /** The time zone in which its times of day are meant; it was checked when it was saved. */
    public ZoneId place() {
        return Objects.requireNonNull(ZoneId.of(zone));
    }

    /** When it is planned to begin, where it did at {@code began}; both milliseconds since 1970 UTC. */
    long planned(long began) {
        return new Plan(this).near(began);
    }

    @Override
    public void check(Problems problems) {
        problems.version(formatVersion, FORMAT);
        problems.at("id").id(id, "evening");
        KIND.check(this, problems);
        if (!begins.isEmpty() && WrittenTime.ofDay(begins).isEmpty()) {
            problems.at("begins").add(begins, "This is no time of day.", "Write one such as 20:00.");
        }
        try {
            ZoneId.of(zone);
        } catch (DateTimeException none) {
            problems.at("zone").add(zone, "There is no time zone of that name.", "Write one such as Europe/London.");
        }
        if (chapters.isEmpty() || chapters.size() > MOST) {
            problems.at("chapters")
                    .add(
                            chapters.size() + " chapters",
                            "An evening has from 1 to " + MOST + " chapters.",
                            "Add one, or take some away.");
        }
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < chapters.size(); i++) {
            Chapter chapter = chapters.get(i);
            chapter.check(problems.at("chapters", i));
            if (!seen.add(chapter.id()) || !seen.add("=" + chapter.name().toLowerCase(Locale.ROOT))) {
                problems.at("chapters", i)
                        .at("name")
                        .add(chapter.name(), "Another chapter is called so.", "Give it another name, such as Break 2.");
            }
        }
    }

    @Override
    public List<Piece> sentence(Naming names) {
        return new Pieces()
                .words(name + " has")
                .chip("chapters", chapters.size() == 1 ? "one chapter" : chapters.size() + " chapters")
                .words(": " + chapters.stream().map(Chapter::inWords).collect(Collectors.joining(", ")))
                .words("; it begins")
                .chip("begins", begins.isEmpty() ? "whenever its first chapter is entered" : "at " + begins)
                .words(", and the first chapter")
                .chip("opens", opens ? "is entered when a show opens" : "waits until you enter it")
                .words(".")
                .all();
    }
}

package org.waxbell.chapter;

import java.util.List;
import org.waxbell.act.Asking;
import org.waxbell.check.Problems;
import org.waxbell.time.Spans;

/**
 * A step in the order of the evening: as long as it lasts its targets stand as it sets them, and what it asked desks for is
 * undone when it is left.
 *
 * @param id        how it is named in asks; unique in its order
 * @param plannedMs how long it is meant to last, in milliseconds; 0 for as long as it takes
 * @param ends      when the next one is entered
 * @param clock     the id of the clock whose end enters the next; looked at only where {@code ends} says so
 * @param byScene   whether it is entered when somebody puts its scene on at the mixer
 * @param sets      how it lets targets stand
 * @param asks      what it asks desks for when it is entered, in that order; words as they are, without values
 */
public record Chapter(
        String id,
        String name,
        long plannedMs,
        ChapterEnd ends,
        String clock,
        boolean byScene,
        List<Setting> sets,
        List<Asking> asks) {
    private static final long LONGEST = 12L * 60 * 60_000;
    private static final long SHORTEST = 5_000;
    private static final int LONGEST_NAME = 40;
    private static final int MOST = 20;

    public Chapter {
        sets = List.copyOf(sets);
        asks = List.copyOf(asks);
    }

    /** One that sets nothing yet. */
    static Chapter plain(String id, String name, long plannedMs) {
        return new Chapter(id, name, plannedMs, ChapterEnd.HAND, "", false, List.of(), List.of());
    }

    void check(Problems problems) {
        problems.at("id").id(id, "break");
        problems.at("name").text(name, LONGEST_NAME, "The name");
        if (plannedMs != 0) {
            problems.at("plannedMs").time(plannedMs, SHORTEST, LONGEST, "The planned time");
        } else if (ends == ChapterEnd.TIME) {
            problems.at("plannedMs")
                    .add(0, "A chapter that goes on by itself needs a time.", "Write one such as 10 min.");
        }
        if (ends == ChapterEnd.CLOCK && clock.isEmpty()) {
            problems.at("clock").add(clock, "No clock is chosen.", "Choose the one whose end ends the chapter.");
        }
        most(sets.size(), problems.at("sets"));
        most(asks.size(), problems.at("asks"));
        for (int i = 0; i < sets.size(); i++) {
            Setting setting = sets.get(i);
            setting.check(problems.at("sets", i));
            if (sets.stream().limit(i).anyMatch(each -> each.target().equals(setting.target()))) {
                problems.at("sets", i).add(setting.target().inWords(), "It is set twice.", "Take one of the two away.");
            }
        }
        for (int i = 0; i < asks.size(); i++) {
            if (asks.get(i).about().isEmpty() || asks.get(i).act().isEmpty()) {
                problems.at("asks", i)
                        .at("about")
                        .add(asks.get(i).about(), "Nothing is chosen that it asks.", "Choose a desk and an act of it.");
            }
        }
    }

    private static void most(int there, Problems here) {
        if (there > MOST) {
            here.add(there + " lines", "That is too many.", "Keep it to " + MOST + ".");
        }
    }

    /** In words, for a plan: {@code Break (10 min)}. */
    String inWords() {
        return plannedMs == 0 ? name : name + " (" + Spans.inWords(plannedMs) + ")";
    }
}

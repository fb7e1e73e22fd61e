package org.waxbell.lookback;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Fact;
import org.waxbell.event.FactKind;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Viewer;
import org.waxbell.journal.CueAnswer;
import org.waxbell.journal.Decision;
import org.waxbell.lookback.ShowSummary.CueSum;
import org.waxbell.lookback.ShowSummary.Minute;
import org.waxbell.lookback.ShowSummary.Moment;
import org.waxbell.lookback.ShowSummary.Tried;
import org.waxbell.lookback.ShowSummary.ViewerSum;
import org.waxbell.words.WordKey;

/** Sums up a show, one decision after another, in the order in which they were made. Not safe for several threads. */
public final class Summing {
    private static final long MINUTE = 60_000;
    private static final int MOST_MINUTES = 2 * 24 * 60;
    private static final int MOST_TRIED = 100;
    private static final int MOST_MOMENTS = 500;
    private static final int MOST_VIEWERS = 50;
    /** A word longer than this is no attempt at a chat word. */
    private static final int LONGEST_WORD = 30;

    private static final Set<FactKind> LOOKED_FOR = Set.of(
            Facts.SCENE,
            Facts.CLIP,
            Facts.MARKED,
            Facts.ARRIVAL,
            Facts.AIR_ON,
            Facts.AIR_OFF,
            Facts.HUSH,
            Facts.MENDED);

    private final long show;
    private final long from;
    private final List<int[]> minutes = new ArrayList<>();
    private final Map<String, Cue> cues = new TreeMap<>();
    private final Map<String, Word> words = new TreeMap<>();
    private final Map<String, Person> people = new HashMap<>();
    private final List<Moment> moments = new ArrayList<>();
    private int lines;
    private int rang;
    private int held;

    private static final class Cue {
        private String name = "";
        private int rang;
        private int held;
        private final Map<String, Integer> by = new TreeMap<>();
    }

    private static final class Word {
        private int times;
        private final Set<String> people = new HashSet<>();
    }

    private static final class Person {
        private String name = "";
        private int lines;
        private int rang;
    }

    /** Begins. @param from when the show opened, milliseconds since 1970 UTC */
    public Summing(long show, long from) {
        this.show = show;
        this.from = from;
    }

    /** One more decision. */
    public void add(Decision decision) {
        int[] minute = minute(decision.at());
        ShowEvent event = decision.event();
        Person who = event.by().map(this::person).orElse(null);
        if (event instanceof ChatLine line) {
            lines++;
            minute[0]++;
            if (who != null) {
                who.lines++;
            }
            if (line.asks()) {
                tried(line);
            }
        } else if (event instanceof Fact fact && LOOKED_FOR.contains(fact.what()) && moments.size() < MOST_MOMENTS) {
            long back = fact.is(Facts.MARKED) ? fact.number("back") : 0;
            moments.add(new Moment(decision.number(), decision.at() - back, fact.kind(), fact.sentence()));
        }
        for (CueAnswer answer : decision.cues()) {
            answered(answer, minute);
            if (who != null && !answer.held()) {
                who.rang++;
            }
        }
    }

    private int[] minute(long at) {
        int number = (int) Math.max(0, Math.min(MOST_MINUTES - 1, (at - from) / MINUTE));
        while (minutes.size() <= number) {
            minutes.add(new int[3]);
        }
        return minutes.get(number);
    }

    private Person person(Viewer viewer) {
        Person who = people.computeIfAbsent(viewer.id(), id -> new Person());
        who.name = viewer.name();
        return who;
    }

    private void tried(ChatLine line) {
        String word = WordKey.of(line.word());
        if (word.length() <= LONGEST_WORD) {
            Word known = words.computeIfAbsent(word, key -> new Word());
            known.times++;
            known.people.add(line.viewer().id());
        }
    }

    private void answered(CueAnswer answer, int[] minute) {
        Cue cue = cues.computeIfAbsent(answer.cueId(), id -> new Cue());
        cue.name = answer.cueName();
        if (answer.held()) {
            held++;
            minute[2]++;
            cue.held++;
            cue.by.merge(answer.gates().get(answer.gates().size() - 1).gate(), 1, Integer::sum);
        } else {
            rang++;
            minute[1]++;
            cue.rang++;
        }
    }

    /** What it came to so far. @param to when it closed, or now; milliseconds since 1970 UTC */
    public ShowSummary over(long to) {
        List<CueSum> byCue = new ArrayList<>();
        cues.forEach((id, cue) -> byCue.add(new CueSum(id, cue.name, cue.rang, cue.held, Map.copyOf(cue.by))));
        byCue.sort(Comparator.comparingInt(CueSum::rang)
                .thenComparingInt(CueSum::held)
                .reversed()
                .thenComparing(CueSum::name));
        List<Tried> byWord = new ArrayList<>();
        words.forEach((word, known) -> byWord.add(new Tried(word, known.times, known.people.size())));
        byWord.sort(Comparator.comparingInt(Tried::times).reversed().thenComparing(Tried::word));
        List<ViewerSum> byViewer = new ArrayList<>();
        people.values().forEach(each -> byViewer.add(new ViewerSum(each.name, each.lines, each.rang)));
        byViewer.sort(Comparator.comparingInt(ViewerSum::lines).reversed().thenComparing(ViewerSum::name));
        return new ShowSummary(
                show,
                from,
                to,
                lines,
                people.size(),
                rang,
                held,
                minutes.stream()
                        .map(each -> new Minute(each[0], each[1], each[2]))
                        .toList(),
                byCue,
                byWord.subList(0, Math.min(MOST_TRIED, byWord.size())),
                moments,
                byViewer.subList(0, Math.min(MOST_VIEWERS, byViewer.size())));
    }
}

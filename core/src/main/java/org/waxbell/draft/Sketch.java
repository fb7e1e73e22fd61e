package org.waxbell.draft;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.waxbell.directive.Directive;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.score.Draws;
import org.waxbell.score.Part;
import org.waxbell.score.PlannedPart;
import org.waxbell.score.Score;
import org.waxbell.score.ScoreCompiler;
import org.waxbell.score.Settled;
import org.waxbell.score.Telling;
import org.waxbell.shelf.Media;
import org.waxbell.wiring.Wiring;
import org.waxbell.words.SampleWords;

/** Draws a score that may not be valid yet: by the engine's own compiler, with what stands in for what only a ring knows. */
public final class Sketch {
    private static final long LONGEST = 3_600_000;
    private final Wiring wiring;
    private final Map<String, String> samples;
    private final Score score;
    private final SampleWords words = new SampleWords();
    private final Set<String> open = new HashSet<>();

    private Sketch(Score score, Wiring wiring, Map<String, String> samples) {
        this.score = score;
        this.wiring = wiring;
        this.samples = samples;
    }

    /** The parts of a score in its order. @param samples for the values of words */
    public static List<Sketched> of(Score score, Wiring wiring, Map<String, String> samples) {
        return new Sketch(score, wiring, samples).drawn();
    }

    private List<Sketched> drawn() {
        Set<String> ids = score.parts().stream().map(Part::id).collect(Collectors.toSet());
        Set<String> circle = new HashSet<>(ScoreCompiler.circleIn(score));
        List<PlannedPart> plan = ScoreCompiler.resolve(score.parts().stream()
                .map(part -> {
                    Optional<String> hangsOn = part.start().hangsOn();
                    // What hangs on nothing that is there, or in a circle, starts with the score.
                    boolean lost = circle.contains(part.id()) || hangsOn.isPresent() && !ids.contains(hangsOn.get());
                    return new PlannedPart(part, lost ? 0 : PlannedPart.OPEN, settled(part));
                })
                .toList());
        boolean anyOpen = !open.isEmpty();
        return plan.stream().map(each -> sketched(each, anyOpen)).toList();
    }

    private Sketched sketched(PlannedPart each, boolean anyOpen) {
        Part part = each.part();
        long from = Math.max(0, each.fromMs() == PlannedPart.OPEN ? 0 : each.fromMs());
        long length = each.settled().known() ? each.settled().lengthMs() : 0;
        Optional<Field> set = part.kind().field("lengthMs").filter(field -> Kind.means(field, part));
        long least = set.map(Field::least).orElse(0L);
        return new Sketched(
                part.id(),
                part.lane(),
                from,
                from + Math.max(0, length),
                open.contains(part.id()) || part.manner().toEnd() && anyOpen,
                part.label(telling(part, each.settled()), new Names(wiring)),
                set.isPresent() ? Math.max(least, part.leastMs()) : 0,
                Math.min(LONGEST, set.map(Field::most).orElse(0L)),
                part.mayLastToEnd());
    }

    private Telling telling(Part part, Settled settled) {
        // Which file of a folder it will be is not known; the bar says the folder.
        Media media = part.uses().filter(use -> use.file().isEmpty()).isPresent() ? Media.NONE : settled.media();
        return new Telling(
                part.id(),
                0,
                new Settled(settled.lengthMs(), settled.longestMs(), settled.known(), media, 0),
                "",
                "",
                samples,
                words,
                wiring.looks());
    }

    private Settled settled(Part part) {
        Longest longest = new Longest();
        Settled settled = part.settle(wiring.shelf(), longest);
        if (longest.drew) {
            open.add(part.id());
        }
        if (settled.known() || part.manner().toEnd()) {
            return settled;
        }
        open.add(part.id());
        Directive told = part.direct(telling(part, settled));
        long stands = told == null
                ? 0
                : told.standIn().map(Directive.StandIn::afterMs).orElse(0L);
        return settled.lasting(stands);
    }

    /** Takes the longest, so that the drawing is never too short. */
    private static final class Longest implements Draws {
        private boolean drew;

        @Override
        public Media draw(String purpose, List<Media> choices) {
            drew = true;
            return choices.stream()
                    .max(Comparator.comparingLong(Media::lengthMs))
                    .orElse(Media.NONE);
        }
    }
}

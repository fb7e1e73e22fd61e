package org.waxbell.pack;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import org.waxbell.booking.Outlet;
import org.waxbell.booking.Spot;
import org.waxbell.cue.Cue;
import org.waxbell.fixture.Fixture;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.kind.Records;
import org.waxbell.score.AskPart;
import org.waxbell.score.Part;
import org.waxbell.stage.Stage;

/** As much of a stage as cues use: what a stage brings along that nobody chose, and what another lacks. */
final class StageShare {
    private static final Set<From> PLACES =
            EnumSet.of(From.SPOTS, From.OUTLETS, From.OWN_OUTLETS, From.WHEELS, From.MASCOTS);

    private StageShare() {}

    /** What cues use of a stage: ids of spots, outlets and fixtures, those that these sound by included. */
    static Set<String> used(List<Cue> cues, Stage stage) {
        Set<String> used = new TreeSet<>();
        cues.stream()
                .flatMap(cue -> cue.takes().stream())
                .flatMap(take -> take.score().parts().stream())
                .forEach(part -> used.addAll(used(part, stage.id())));
        stage.fixtures().stream()
                .filter(each -> used.contains(each.id()))
                .toList()
                .forEach(each -> used.addAll(named(each.kind(), each)));
        return used;
    }

    private static Set<String> used(Part part, String stage) {
        Set<String> used = new HashSet<>();
        if (part instanceof AskPart ask && ask.about().startsWith(stage + "/")) {
            used.add(ask.about().substring(stage.length() + 1));
        }
        if (part.kind().field("stage").isPresent() && stage.equals(Kind.at(part, "stage"))) {
            used.addAll(named(part.kind(), part));
        }
        return used;
    }

    private static List<String> named(Kind<?> kind, Object thing) {
        return kind.fields().stream()
                .filter(field -> field.type() != Field.Type.SECRET && PLACES.contains(field.from()))
                .map(field -> String.valueOf(Kind.at(thing, field.key())))
                .toList();
    }

    /** The stage with these alone. */
    static Stage of(Stage stage, Set<String> ids) {
        List<Outlet> outlets = stage.outlets().stream()
                .filter(each -> ids.contains(each.id()))
                .map(each -> Records.with(
                        each,
                        Map.of(
                                "quietens",
                                each.quietens().stream().filter(ids::contains).toList())))
                .toList();
        return Records.with(
                stage,
                Map.of(
                        "backdrop",
                        stage.backdrop().equals(Stage.OF_MIXER) ? stage.backdrop() : "",
                        "spots",
                        stage.spots().stream()
                                .filter(each -> ids.contains(each.id()))
                                .toList(),
                        "outlets",
                        outlets,
                        "fixtures",
                        stage.fixtures().stream()
                                .filter(each -> ids.contains(each.id()))
                                .toList()));
    }

    /** A stage with what another has and it lacks; what both have stays as it is. */
    static Stage added(Stage here, Stage more) {
        return Records.with(
                here,
                Map.of(
                        "spots", added(here.spots(), more.spots(), Spot::id),
                        "outlets", added(here.outlets(), more.outlets(), Outlet::id),
                        "fixtures", added(here.fixtures(), more.fixtures(), Fixture::id)));
    }

    private static <T> List<T> added(List<T> here, List<T> more, Function<T, String> id) {
        List<T> all = new ArrayList<>(here);
        more.stream()
                .filter(each -> here.stream().noneMatch(one -> id.apply(one).equals(id.apply(each))))
                .forEach(all::add);
        return all;
    }
}

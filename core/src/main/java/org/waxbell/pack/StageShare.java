package org.waxbell.pack;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import org.waxbell.booking.Outlet;
import org.waxbell.booking.Spot;
import org.waxbell.fixture.Fixture;
import org.waxbell.kind.Records;
import org.waxbell.stage.Stage;

/** Stages in part: as much of one as is used, one with what it lacks, one without what was added. */
final class StageShare {
    private StageShare() {}

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

    /** Whether a stage need only be given what it lacks to be, as far as the other goes, just as that. */
    static boolean fits(Stage here, Stage more) {
        Stage both = of(added(here, more), more.ids());
        return here.name().equals(more.name())
                && here.width() == more.width()
                && here.height() == more.height()
                && Set.copyOf(both.spots()).equals(Set.copyOf(more.spots()))
                && Set.copyOf(both.outlets()).equals(Set.copyOf(more.outlets()))
                && Set.copyOf(both.fixtures()).equals(Set.copyOf(more.fixtures()));
    }

    /** What of another a stage lacks: ids of spots, outlets and fixtures. */
    static Set<String> lacking(Stage here, Stage more) {
        Set<String> ids = more.ids();
        ids.removeAll(here.ids());
        return ids;
    }

    /** A stage without these; what is not there is passed over. */
    static Stage without(Stage stage, Set<String> ids) {
        Set<String> kept = stage.ids();
        kept.removeAll(ids);
        return Records.with(of(stage, kept), Map.of("backdrop", stage.backdrop()));
    }
}

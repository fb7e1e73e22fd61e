package org.waxbell.app.wiring;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.waxbell.act.DeskSheet;
import org.waxbell.app.json.Refused;
import org.waxbell.draft.FreshOn;
import org.waxbell.draft.Ids;
import org.waxbell.fixture.Fixture;
import org.waxbell.fixture.Fixtures;
import org.waxbell.kind.Kind;
import org.waxbell.kind.Records;
import org.waxbell.show.Starters;
import org.waxbell.stage.Stage;
import org.waxbell.voice.Reading;
import org.waxbell.wiring.Kinds;
import org.waxbell.wiring.Wiring;

/**
 * A desk that is to be made with all that it needs to be used at once: its chat words, and its place on a stage.
 *
 * @param stage empty text where it is seen on none
 * @param words whether chat words are made for it
 */
public record NewDesk(DeskSheet desk, Optional<Fixture> fixture, String stage, boolean words) {
    private static final int LONGEST_ID = 30;

    /** A desk that is wanted. @param kind such as {@code clock} @param name empty text for that of its kind @param word its word in chat, empty text for one made of its name @param stage on which it is to be seen, empty text for none @param words whether chat words are made for it */
    public record NewSheet(String kind, String name, String word, String stage, boolean words) {}

    /** The id of the desk. */
    public String id() {
        return desk.id();
    }

    /** The edits that make it, in order. */
    List<Edit.Aim> aims(DocumentSet current) {
        List<Edit.Aim> aims = new ArrayList<>();
        aims.add(new Edit.Aim(DocumentKind.DESK, desk.id(), desk, null));
        Wiring with = with(current.wiring(), desk);
        fixture.flatMap(each -> with.stage(stage).map(on -> on.with(each)))
                .ifPresent(on -> aims.add(new Edit.Aim(DocumentKind.STAGE, on.id(), on, null)));
        if (words) {
            Starters.of(with, desk.desk(), desk.id()).map(NewDesk::aims).ifPresent(aims::addAll);
        }
        return aims;
    }

    private static Wiring with(Wiring wiring, DeskSheet desk) {
        List<DeskSheet> all = new ArrayList<>(wiring.desks());
        all.add(desk);
        return wiring.withDesks(all);
    }

    /** What is to be made on {@code on}; throws {@link Refused} where it cannot be. @param kept ids under which something is kept still of desks that were taken away: a new one begins anew */
    public static NewDesk plan(FreshOn on, Set<String> kept, NewSheet wanted) {
        Wiring wiring = on.wiring();
        Kind<? extends DeskSheet> kind = Kinds.DESKS
                .kind(wanted.kind())
                .orElseThrow(() -> new Refused(
                        "kind",
                        wanted.kind(),
                        "There is no such kind of desk.",
                        "Choose one of "
                                + Kinds.DESKS.kinds().stream().map(Kind::name).toList() + "."));
        String name = wanted.name().isBlank()
                ? free(kind.title(), wiring)
                : wanted.name().strip();
        Set<String> taken = new HashSet<>(kept);
        taken.add(Reading.DESK);
        wiring.desks().forEach(each -> taken.add(each.id()));
        DeskSheet desk = kind.fresh()
                .apply(on)
                .called(Ids.of(wanted.word().isBlank() ? name : wanted.word(), kind.name(), LONGEST_ID, taken), name);
        if (wanted.stage().isEmpty()) {
            return new NewDesk(desk, Optional.empty(), "", wanted.words());
        }
        Stage there = wiring.stage(wanted.stage())
                .orElseThrow(() -> new Refused(
                        "stage", wanted.stage(), "There is no such stage.", "Choose one that is there, or none."));
        return new NewDesk(
                desk,
                Fixtures.ALL.kind(kind.name()).map(each -> fixture(each, desk, on, there)),
                wanted.stage(),
                wanted.words());
    }

    /** A title that no desk is called by yet. */
    private static String free(String title, Wiring wiring) {
        Set<String> taken = wiring.desks().stream().map(DeskSheet::name).collect(Collectors.toSet());
        return IntStream.iterate(1, count -> count + 1)
                .mapToObj(count -> count == 1 ? title : title + " " + count)
                .filter(each -> !taken.contains(each))
                .findFirst()
                .orElseThrow();
    }

    /** The first display of a desk is the fixture of its kind's name, which names the desk in the field of that name. */
    private static Fixture fixture(Kind<? extends Fixture> kind, DeskSheet desk, FreshOn on, Stage stage) {
        Fixture fresh = kind.fresh().apply(on.onto(stage, kind.name()));
        return Records.with(fresh, Map.of(kind.name(), desk.id(), "name", desk.name()));
    }

    /** The rack and the cues that something begins with. */
    static List<Edit.Aim> aims(Starters starters) {
        List<Edit.Aim> aims = new ArrayList<>();
        aims.add(new Edit.Aim(DocumentKind.RACK, starters.rack().id(), starters.rack(), null));
        starters.cues().forEach(cue -> aims.add(new Edit.Aim(DocumentKind.CUE, cue.id(), cue, null)));
        return aims;
    }
}

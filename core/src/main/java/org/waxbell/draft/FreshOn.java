package org.waxbell.draft;

import java.time.Instant;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import org.waxbell.act.DeskSheet;
import org.waxbell.booking.BusyRule;
import org.waxbell.booking.Frame;
import org.waxbell.booking.Outlet;
import org.waxbell.booking.Spot;
import org.waxbell.clock.Clock;
import org.waxbell.crowd.Crowd;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.fixture.Fixture;
import org.waxbell.fixture.MascotFixture;
import org.waxbell.fixture.WheelFixture;
import org.waxbell.kind.Field;
import org.waxbell.kind.Fresh;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.poll.Poll;
import org.waxbell.prize.PrizeDraw;
import org.waxbell.score.CardPart;
import org.waxbell.score.LookUpPart;
import org.waxbell.score.Part;
import org.waxbell.shelf.Media;
import org.waxbell.slate.SlateValue;
import org.waxbell.stage.Stage;
import org.waxbell.tally.Tally;
import org.waxbell.tasks.Tasks;
import org.waxbell.tune.Tunes;
import org.waxbell.turns.Queue;
import org.waxbell.wiring.Wiring;

/**
 * What fresh pulls, gates, parts and fixtures are made on: a wiring, and the cue and score to which they come.
 *
 * @param wiring with the cue as it is being written
 * @param cue    to which it comes
 * @param parts  of the score to which it comes, empty where it comes to none
 * @param onto   the stage to which it comes, empty where it comes to none
 * @param kind   what is made, by name
 * @param known  what only the program around knows: scenes, sources and links
 * @param now    milliseconds since 1970 UTC
 */
public record FreshOn(
        Wiring wiring,
        Cue cue,
        List<Part> parts,
        Optional<Stage> onto,
        String kind,
        Map<From, List<String>> known,
        long now,
        ZoneId place)
        implements Fresh {
    /** Where desks that stand by themselves are chosen, by what runs them. */
    private static final Map<From, String> SHEETS = Map.ofEntries(
            Map.entry(From.CLOCKS, Clock.DESK),
            Map.entry(From.QUEUES, Queue.DESK),
            Map.entry(From.TASKS, Tasks.DESK),
            Map.entry(From.TUNES, Tunes.DESK),
            Map.entry(From.CROWDS, Crowd.DESK),
            Map.entry(From.POLLS, Poll.DESK),
            Map.entry(From.PRIZES, PrizeDraw.DESK));

    public FreshOn {
        parts = List.copyOf(parts);
    }

    /** What is made where it is a spot and no fixture. */
    public static final String SPOT = "spot";
    /** What is made where it is an outlet. */
    public static final String OUTLET = "outlet";

    private static final Stage PLAIN = Stage.plain("", "", 1_280, 720, List.of(), List.of());

    /** The same for a score of a cue. */
    public FreshOn within(Cue other, List<Part> score, String wanted) {
        return new FreshOn(wiring, other, score, onto, wanted, known, now, place);
    }

    /** The same for a stage. */
    public FreshOn onto(Stage stage, String wanted) {
        return new FreshOn(wiring, cue, parts, Optional.of(stage), wanted, known, now, place);
    }

    /** Why a fresh one of a kind could not stand anywhere, such as {@code there is no stage}; empty text where it could. */
    public String missing(Kind<?> wanted) {
        return wanted.fields().stream()
                .filter(field ->
                        field.type() == Field.Type.CHOICE || field.type() == Field.Type.OTHER || field.isNeeded())
                .map(Field::from)
                .filter(from -> !from.missing().isEmpty() && first(from).isEmpty())
                .map(From::missing)
                .findFirst()
                .orElse("");
    }

    @Override
    public String id() {
        Set<String> taken = new HashSet<>();
        parts.forEach(part -> taken.add(part.id()));
        onto.ifPresent(stage -> {
            stage.spots().forEach(each -> taken.add(each.id()));
            stage.fixtures().forEach(each -> taken.add(each.id()));
            stage.outlets().forEach(each -> taken.add(each.id()));
        });
        return Ids.free(kind.toLowerCase(Locale.ROOT), taken);
    }

    @Override
    public String name(String title) {
        Stage stage = onto.orElse(PLAIN);
        long alike = kind.equals(SPOT)
                ? stage.spots().size()
                : kind.equals(OUTLET)
                        ? stage.outlets().size()
                        : stage.fixtures().stream()
                                .filter(each -> each.kind().name().equals(kind))
                                .count();
        return alike == 0 ? title : title + " " + (alike + 1);
    }

    @Override
    public Frame frame(int wide, int high) {
        Stage stage = onto.orElse(PLAIN);
        List<Frame> there = Stream.concat(
                        stage.spots().stream().map(Spot::frame),
                        stage.fixtures().stream().map(Fixture::frame))
                .toList();
        return new FreeFrame(stage, there).of(wide, high);
    }

    /** A spot, as they are when they are made. */
    public Spot spot() {
        return new Spot(id(), name("Spot"), frame(480, 110), new BusyRule.Wait(10, 60_000));
    }

    /** An outlet, likewise. */
    public Outlet outlet() {
        return Outlet.plain(id(), name("Outlet"), new BusyRule.Wait(10, 60_000));
    }

    private Optional<Stage> stage() {
        return onto.or(() -> wiring.stages().stream().findFirst());
    }

    private <T> Stream<T> ofStage(Function<Stage, List<T>> what) {
        return stage().stream().flatMap(each -> what.apply(each).stream());
    }

    private Stream<Fixture> fixtures(Class<? extends Fixture> type) {
        return stage().stream().flatMap(each -> each.fixtures().stream()).filter(type::isInstance);
    }

    private Stream<String> files(String folder) {
        return wiring.shelf().folder(folder).stream().map(Media::name);
    }

    private Stream<String> lookUps() {
        return Stream.concat(parts.stream(), cue.takes().stream().flatMap(take -> take.score().parts().stream()))
                .filter(LookUpPart.class::isInstance)
                .map(Part::id);
    }

    private Stream<String> numbers() {
        return Stream.concat(wiring.house().slate().stream(), Tally.VALUES.stream())
                .filter(each -> each.number() && !each.perViewer())
                .map(SlateValue::id);
    }

    private Stream<String> sheets(String desk) {
        return wiring.desks().stream().filter(each -> each.desk().equals(desk)).map(DeskSheet::id);
    }

    private Stream<String> all(From from) {
        return switch (from) {
            case STAGES -> wiring.stages().stream().map(Stage::id);
            case SPOTS -> ofStage(Stage::spots).map(Spot::id);
            case OUTLETS -> ofStage(Stage::outlets).map(Outlet::id);
            case OWN_OUTLETS ->
                ofStage(Stage::outlets).filter(each -> !each.apart()).map(Outlet::id);
            case WHEELS -> fixtures(WheelFixture.class).map(Fixture::id);
            case DESKS -> wiring.deskDocuments().keySet().stream();
            case CLOCKS, QUEUES, TASKS, TUNES, CROWDS, POLLS, PRIZES -> sheets(SHEETS.getOrDefault(from, ""));
            case MASCOTS -> fixtures(MascotFixture.class).map(Fixture::id);
            case MOVES -> fixtures(MascotFixture.class).flatMap(each -> ((MascotFixture) each).canDo().stream());
            case LOOKS -> wiring.looks().stream().map(each -> each.id());
            case OWN_LOOKS -> Stream.of("");
            case SOUND_FOLDERS ->
                wiring.shelf().all().stream()
                        .filter(each -> each.type().startsWith("audio/"))
                        .map(Media::folder);
            case PICTURES -> files(CardPart.PICTURES);
            case VIDEOS -> files(org.waxbell.score.VideoPart.VIDEOS);
            case FIGURES -> files(MascotFixture.FIGURES);
            case LOOK_UPS -> lookUps();
            case SLATE -> wiring.house().slate().stream().map(SlateValue::id);
            case NUMBERS -> numbers();
            case SHOWN_NUMBERS ->
                Stream.concat(
                                Stream.of("slateGiftsTonight"),
                                wiring.inWords().entrySet().stream()
                                        .filter(Map.Entry::getValue)
                                        .map(Map.Entry::getKey))
                        .distinct();
            case CUES -> wiring.cues().stream().map(Cue::id).filter(each -> !each.equals(cue.id()));
            case RACKS -> wiring.racks().stream().map(Rack::id);
            case NOWHERE, SOUNDS -> Stream.of();
            case SOURCES, SCENES, PROGRAMS, LINKS, WEB_LINKS, OSC_LINKS, VIEWERS, VOICES, REWARDS, GIFTS ->
                known.getOrDefault(from, List.of()).stream();
        };
    }

    @Override
    public String first(From from) {
        return all(from).findFirst().orElse("");
    }

    @Override
    public String another(From from) {
        Set<String> taken = new HashSet<>();
        parts.forEach(part -> part.place().ifPresent(place -> taken.add(place.spot())));
        return all(from).filter(each -> !taken.contains(each)).findFirst().orElseGet(() -> first(from));
    }

    @Override
    public List<String> asking() {
        return wiring.deskDocuments().entrySet().stream()
                .findFirst()
                .map(each -> List.of(
                        each.getValue().desk(),
                        each.getKey(),
                        each.getValue().acts().get(0).name()))
                .orElse(List.of());
    }

    @Override
    public Optional<String> shown() {
        return parts.stream().filter(CardPart.class::isInstance).map(Part::id).findFirst();
    }

    @Override
    public Optional<String> lookUp() {
        return parts.stream().filter(LookUpPart.class::isInstance).map(Part::id).findFirst();
    }

    @Override
    public boolean brings(String value) {
        return cue.fields().contains(value);
    }

    @Override
    public String tomorrow() {
        return Objects.requireNonNull(Instant.ofEpochMilli(now).atZone(place))
                        .toLocalDate()
                        .plus(1, ChronoUnit.DAYS)
                        .atTime(19, 55)
                        .toString()
                + ":00";
    }

    @Override
    public String zone() {
        return place.getId();
    }
}

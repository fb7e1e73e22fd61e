package org.waxbell.app.rest;

import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.waxbell.chapter.Setting;
import org.waxbell.condition.ConditionRows;
import org.waxbell.condition.Scope;
import org.waxbell.condition.SetOff;
import org.waxbell.cue.EventPull;
import org.waxbell.draft.FreshOn;
import org.waxbell.draft.NewCue;
import org.waxbell.event.FactKind;
import org.waxbell.event.Facts;
import org.waxbell.event.Standing;
import org.waxbell.event.Target;
import org.waxbell.gate.OnGate;
import org.waxbell.gate.ReadingGate;
import org.waxbell.kind.Choice;
import org.waxbell.kind.Family;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.link.Device;
import org.waxbell.link.LinkKinds;
import org.waxbell.score.Lane;
import org.waxbell.score.Part;
import org.waxbell.shelf.Shelf;
import org.waxbell.wiring.House;
import org.waxbell.wiring.Kinds;
import org.waxbell.wiring.Wiring;

/** What kinds say of themselves, as menus and forms read it. */
public final class KindViews {
    private KindViews() {}

    /** When a field means anything: while another has one of some values; empty text for always. */
    public record WhenView(String key, List<String> values) {}

    /** One field. @param least and {@code most} bounds in its unit, 0 both for none @param width in sixths of a row @param under the heading under which it is folded away, empty text for none */
    public record FieldView(
            String key,
            Field.Type as,
            String label,
            String hint,
            String unit,
            long least,
            long most,
            boolean needed,
            int width,
            From from,
            List<Choice> choices,
            WhenView when,
            String under) {
        private static final long BEYOND = 1L << 52;

        static FieldView of(Field field) {
            boolean bound = Math.abs(field.most()) < BEYOND;
            return new FieldView(
                    field.key(),
                    field.type(),
                    field.label(),
                    field.hint(),
                    field.unit(),
                    bound && field.least() > -BEYOND ? field.least() : 0,
                    bound ? field.most() : 0,
                    field.isNeeded(),
                    field.width(),
                    field.from(),
                    field.choices(),
                    new WhenView(field.when().key(), field.when().values()),
                    field.under());
        }
    }

    /** One kind. @param says what is said of something that it held, empty text for what holds nothing @param lane where a part of it usually lands, null for what is no part */
    public record KindView(
            String name,
            String title,
            String label,
            String also,
            String says,
            @Nullable Lane lane,
            List<FieldView> fields) {
        private static final Wiring EMPTY = new Wiring(House.PLAIN, List.of(), List.of(), List.of(), Shelf.EMPTY);

        static KindView of(Kind<?> kind) {
            return new KindView(
                    kind.name(),
                    kind.title(),
                    kind.label(),
                    kind.also(),
                    kind.says(),
                    Part.class.isAssignableFrom(kind.type()) ? usual(kind) : null,
                    kind.fields().stream().map(FieldView::of).toList());
        }

        private static KindView named(String name, String label, String says) {
            return new KindView(name, label, label, "", says, null, List.of());
        }

        private static Lane usual(Kind<?> kind) {
            FreshOn on = new FreshOn(
                    EMPTY,
                    NewCue.BLANK,
                    List.of(),
                    Optional.empty(),
                    kind.name(),
                    Map.of(From.SOURCES, List.of("source")),
                    0,
                    ZoneId.systemDefault());
            return ((Part) kind.fresh().apply(on)).lane();
        }
    }

    /** A field of an event by which a cue may filter. @param key as the event itself names it @param name as words do @param number whether by a least number, else by a text */
    public record EventField(String key, String name, String label, boolean number, From from) {}

    /** An event that a cue may wait for. @param ofChannel whether a channel tells it, and no desk */
    public record EventKind(String name, String title, boolean ofChannel, List<EventField> fields) {
        /** Texts of events that are known from elsewhere. */
        private static final Map<String, From> KNOWN =
                Map.of("rewardName", From.REWARDS, "giftItem", From.GIFTS, "membershipGiver", From.VIEWERS);

        static EventKind of(FactKind kind) {
            List<EventField> fields = new ArrayList<>();
            kind.fields().stream()
                    .filter(field -> !field.name().isEmpty())
                    .forEach(field -> fields.add(new EventField(
                            field.key(),
                            field.name(),
                            EventPull.spoken(field.name()),
                            field.type().holds() == Long.class,
                            KNOWN.getOrDefault(field.name(), From.NOWHERE))));
            return new EventKind(kind.name(), kind.happens(), kind.ofChannel(), fields);
        }
    }

    /** A standing, and how a sentence names those who have it. */
    public record StandingView(String standing, String plural) {}

    /** A kind of what can be switched. @param begins how one stands that was just chosen @param values that it may have, where they are few @param named whether there are several */
    public record TargetView(
            Target.Kind kind, String title, String begins, List<String> values, boolean named, boolean inChapters) {
        static TargetView of(Target.Kind kind) {
            return new TargetView(
                    kind, kind.title(), kind.begins(), kind.choices(), kind.needsName(), Setting.allows(kind));
        }
    }

    /** A lane, and what it is called. */
    public record LaneView(Lane lane, String name) {}

    /** Everything that describes itself. @param answers what answers in decisions beside gates of a wiring @param ways how conditions compare, by type @param setOff what may have set a cue off, as conditions name it */
    public record KindsView(
            List<KindView> pulls,
            List<KindView> gates,
            List<KindView> parts,
            List<KindView> fixtures,
            List<KindView> desks,
            List<KindView> documents,
            List<KindView> links,
            List<EventKind> events,
            List<StandingView> standings,
            List<LaneView> lanes,
            List<TargetView> targets,
            List<KindView> answers,
            Map<Scope.Type, List<ConditionRows.Way>> ways,
            List<Choice> setOff) {
        static KindsView of(Kinds kinds) {
            Map<Scope.Type, List<ConditionRows.Way>> ways = new LinkedHashMap<>();
            Arrays.stream(Scope.Type.values()).forEach(type -> ways.put(type, ConditionRows.ways(type)));
            List<StandingView> standings = new ArrayList<>();
            Arrays.stream(Standing.values())
                    .forEach(each -> standings.add(0, new StandingView(Kind.written(each), each.plural())));
            List<KindView> answers = List.of(
                    KindView.of(OnGate.KIND),
                    KindView.named("rack", "Rack", "in a rack that is off"),
                    KindView.named("allTheSame", "Open to all", "open to all, and you have not said “on all the same”"),
                    KindView.of(ReadingGate.KIND),
                    KindView.named("take", "Takes", "no take fits"),
                    KindView.named("hand", "By hand", ""));
            return new KindsView(
                    views(kinds.pulls()),
                    views(kinds.gates()),
                    views(kinds.parts()),
                    views(kinds.fixtures()),
                    views(kinds.desks()),
                    Stream.concat(Kinds.DOCUMENTS.stream(), Stream.of(Device.KIND))
                            .map(KindView::of)
                            .toList(),
                    views(LinkKinds.ALL),
                    Facts.offered().stream().map(EventKind::of).toList(),
                    standings,
                    Arrays.stream(Lane.values())
                            .map(each -> new LaneView(each, each.inWords()))
                            .toList(),
                    Arrays.stream(Target.Kind.values()).map(TargetView::of).toList(),
                    answers,
                    ways,
                    SetOff.choices());
        }

        private static List<KindView> views(Family<?> family) {
            return family.kinds().stream().map(KindView::of).toList();
        }
    }
}

package org.waxbell.event;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** A made-up sample of each kind of event, from which its fields are known and with which cues are tried. */
public final class EventSamples {
    private static final Map<String, ChannelEvent> BY_KIND = new LinkedHashMap<>();
    private static final Map<String, HouseEvent> HOUSE = new LinkedHashMap<>();

    static {
        Viewer otter = new Viewer("practice:brine_otter", "brine_otter", Set.of(Standing.FOLLOWER), 0);
        Viewer ines = new Viewer(
                "practice:marshlight_ines", "marshlight_ines", Set.of(Standing.MEMBER, Standing.FOLLOWER), 14);
        List.of(
                        new ChannelEvent.Followed("practice", otter),
                        new ChannelEvent.Membership("practice", ines, 14, 1, ""),
                        new ChannelEvent.Gift("practice", otter, "Honeycomb", 50, 1),
                        new ChannelEvent.Tip("practice", ines, 350),
                        new ChannelEvent.Arrival("practice", otter, 24),
                        new ChannelEvent.Redeemed("practice", ines, "Choose the dye", "sage"),
                        new ChannelEvent.ClipMade("practice", otter, "The tall taper", 28, "practice-clip-1"),
                        new ChannelEvent.Likes("practice", otter, 20))
                .forEach(each -> BY_KIND.put(each.kind(), each));
        List.of(
                        new HouseEvent.ShowMoved(true),
                        new HouseEvent.ShowMoved(false),
                        new HouseEvent.AirChanged(true),
                        new HouseEvent.AirChanged(false),
                        new HouseEvent.DeskEnded(HouseEvent.DeskEnded.Desk.CLOCK, "Dipping", ""),
                        new HouseEvent.DeskEnded(HouseEvent.DeskEnded.Desk.TUNE, "Reed song", ""),
                        new HouseEvent.DeskEnded(HouseEvent.DeskEnded.Desk.TASK, "Trim the wicks", ""),
                        new HouseEvent.DeskEnded(HouseEvent.DeskEnded.Desk.WHEEL, "Dyes", "sage"),
                        new HouseEvent.Switched(new Target(Target.Kind.SCENE, ""), "Bench", true),
                        new HouseEvent.WebCalled("kiln", "hot"),
                        new HouseEvent.ValueMoved("pours", 9, 10))
                .forEach(each -> HOUSE.put(each.kind(), each));
    }

    private EventSamples() {}

    /** A sample line of chat. */
    public static ChatLine chat() {
        return new ChatLine(
                "practice",
                new Viewer("practice:wickerby", "wickerby", Set.of(Standing.VIP, Standing.FOLLOWER), 0),
                "!pour tall");
    }

    /** The sample of an event of the house, such as {@code clockEnded}; empty for a kind that there is not. */
    public static Optional<HouseEvent> house(String kind) {
        return Optional.ofNullable(HOUSE.get(kind));
    }

    /** The sample of an event of a channel or of the house; empty for a kind that there is not. */
    public static Optional<ShowEvent> any(String kind) {
        return Optional.<ShowEvent>ofNullable(BY_KIND.get(kind)).or(() -> house(kind));
    }

    /** A sample that brings all values of these names; empty where none does. */
    public static Optional<ShowEvent> bringing(Set<String> names) {
        return Stream.concat(Stream.of(chat()), kinds().stream().flatMap(kind -> any(kind).stream()))
                .filter(each -> each.values().keySet().containsAll(names))
                .findFirst();
    }

    /** The kinds that a pull may wait for, in the order in which they are offered. */
    public static List<String> kinds() {
        return Stream.concat(BY_KIND.keySet().stream(), HOUSE.keySet().stream()).toList();
    }

    /** One sample of each kind that a channel tells, in the order in which they are offered. */
    public static List<ChannelEvent> all() {
        return List.copyOf(BY_KIND.values());
    }

    /** The sample of a kind that a channel tells; empty for a kind that there is not. */
    public static Optional<ChannelEvent> of(String kind) {
        return Optional.ofNullable(BY_KIND.get(kind));
    }
}

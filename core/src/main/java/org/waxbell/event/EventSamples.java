package org.waxbell.event;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** A made-up sample of each kind of channel event, from which its fields are known and with which cues are tried. */
public final class EventSamples {
    private static final Map<String, ChannelEvent> BY_KIND = new LinkedHashMap<>();

    static {
        Viewer otter = new Viewer("practice:brine_otter", "brine_otter", Set.of(Standing.FOLLOWER), 0);
        Viewer ines = new Viewer("practice:marshlight_ines", "marshlight_ines", Set.of(Standing.MEMBER, Standing.FOLLOWER), 14);
        List.of(new ChannelEvent.Followed("practice", otter),
                new ChannelEvent.Membership("practice", ines, 14, 1, ""),
                new ChannelEvent.Gift("practice", otter, "Honeycomb", 50, 1),
                new ChannelEvent.Tip("practice", ines, 350),
                new ChannelEvent.Arrival("practice", otter, 24),
                new ChannelEvent.Redeemed("practice", ines, "Choose the dye", "sage"),
                new ChannelEvent.ClipMade("practice", otter, "The tall taper", 28, "practice-clip-1"),
                new ChannelEvent.Likes("practice", otter, 20)).forEach(each -> BY_KIND.put(each.kind(), each));
    }

    private EventSamples() {
    }

    /** A sample line of chat. */
    public static ChatLine chat() {
        return new ChatLine("practice", new Viewer("practice:wickerby", "wickerby", Set.of(Standing.VIP, Standing.FOLLOWER), 0), "!pour tall");
    }

    /** One sample of each kind, in the order in which they are offered. */
    public static List<ChannelEvent> all() {
        return List.copyOf(BY_KIND.values());
    }

    /** The sample of a kind; empty for a kind that there is not. */
    public static Optional<ChannelEvent> of(String kind) {
        return Optional.ofNullable(BY_KIND.get(kind));
    }
}

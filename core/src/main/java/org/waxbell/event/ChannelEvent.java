package org.waxbell.event;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Something that a channel tells beside chat. A field's name in words is its path joined: {@code gift.worth} is {@code giftWorth}. */
public sealed interface ChannelEvent extends ShowEvent {
    /** The link that told it. */
    String from();

    /** Who caused it. */
    Viewer viewer();

    /** The same kind of event with other fields. */
    ChannelEvent with(EventFields fields);

    @Override
    default Optional<Viewer> by() {
        return Optional.of(viewer());
    }

    @Override
    default Optional<String> link() {
        return Optional.of(from());
    }

    /** Someone follows the channel from now on. */
    record Followed(String from, Viewer viewer) implements ChannelEvent {
        @Override
        public ChannelEvent with(EventFields fields) {
            return new Followed(fields.from(), fields.viewer());
        }

        @Override
        public String kind() {
            return "follow";
        }

        @Override
        public String sentence() {
            return viewer.name() + " follows";
        }

        @Override
        public Map<String, String> values() {
            return Map.of("viewer", viewer.name());
        }
    }

    /** A membership begins, is renewed, or is given. @param months in all @param giver who gave it, empty text for nobody */
    record Membership(String from, Viewer viewer, long months, long tier, String giver) implements ChannelEvent {
        @Override
        public ChannelEvent with(EventFields fields) {
            return new Membership(
                    fields.from(),
                    fields.viewer(),
                    fields.number("membershipMonths", months),
                    fields.number("membershipTier", tier),
                    fields.text("membershipGiver", giver));
        }

        @Override
        public String kind() {
            return "membership";
        }

        @Override
        public String sentence() {
            return viewer.name() + " is a member for " + Amounts.of(months, "month")
                    + (giver.isEmpty() ? "" : ", given by " + giver);
        }

        @Override
        public Map<String, String> values() {
            return Map.of(
                    "viewer",
                    viewer.name(),
                    "membershipMonths",
                    Long.toString(months),
                    "membershipTier",
                    Long.toString(tier),
                    "membershipGiver",
                    giver);
        }

        @Override
        public Map<String, Long> numbers() {
            return Map.of("membershipMonths", months, "membershipTier", tier);
        }
    }

    /** A gift. @param worth of one of them @param count how many at once */
    record Gift(String from, Viewer viewer, String item, long worth, long count) implements ChannelEvent {
        @Override
        public ChannelEvent with(EventFields fields) {
            return new Gift(
                    fields.from(),
                    fields.viewer(),
                    fields.text("giftItem", item),
                    fields.number("giftWorth", worth),
                    fields.number("giftCount", count));
        }

        @Override
        public String kind() {
            return "gift";
        }

        @Override
        public String sentence() {
            return viewer.name() + " sent " + Amounts.of(count, item);
        }

        @Override
        public Map<String, String> values() {
            return Map.of(
                    "viewer",
                    viewer.name(),
                    "giftItem",
                    item,
                    "giftWorth",
                    Long.toString(worth),
                    "giftCount",
                    Long.toString(count));
        }

        @Override
        public Map<String, Long> numbers() {
            return Map.of("giftWorth", worth, "giftCount", count);
        }
    }

    /** A tip. @param cents amount in hundredths of the channel's currency */
    record Tip(String from, Viewer viewer, long cents) implements ChannelEvent {
        @Override
        public ChannelEvent with(EventFields fields) {
            return new Tip(fields.from(), fields.viewer(), fields.number("tipCents", cents));
        }

        @Override
        public String kind() {
            return "tip";
        }

        @Override
        public String sentence() {
            return viewer.name() + " tipped " + amount();
        }

        private String amount() {
            return String.format(Locale.ROOT, "%d.%02d", cents / 100, cents % 100);
        }

        @Override
        public Map<String, String> values() {
            return Map.of("viewer", viewer.name(), "tipAmount", amount());
        }

        @Override
        public Map<String, Long> numbers() {
            return Map.of("tipCents", cents);
        }
    }

    /** Another broadcaster arrives with their viewers. */
    record Arrival(String from, Viewer viewer, long viewers) implements ChannelEvent {
        @Override
        public ChannelEvent with(EventFields fields) {
            return new Arrival(fields.from(), fields.viewer(), fields.number("arrivalViewers", viewers));
        }

        @Override
        public String kind() {
            return "arrival";
        }

        @Override
        public String sentence() {
            return viewer.name() + " arrives with " + Amounts.of(viewers, "viewer");
        }

        @Override
        public Map<String, String> values() {
            return Map.of("viewer", viewer.name(), "arrivalViewers", Long.toString(viewers));
        }

        @Override
        public Map<String, Long> numbers() {
            return Map.of("arrivalViewers", viewers);
        }
    }

    /** A reward was redeemed. @param input what the viewer typed with it, cleaned, empty text for nothing */
    record Redeemed(String from, Viewer viewer, String reward, String input) implements ChannelEvent {
        @Override
        public ChannelEvent with(EventFields fields) {
            return new Redeemed(
                    fields.from(),
                    fields.viewer(),
                    fields.text("rewardName", reward),
                    fields.text("rewardInput", input));
        }

        @Override
        public String kind() {
            return "reward";
        }

        @Override
        public String sentence() {
            return viewer.name() + " redeemed " + reward;
        }

        @Override
        public Map<String, String> values() {
            return Map.of("viewer", viewer.name(), "rewardName", reward, "rewardInput", input);
        }
    }

    /** Someone made a clip. @param address where it can be seen */
    record ClipMade(String from, Viewer viewer, String title, long seconds, String address) implements ChannelEvent {
        @Override
        public ChannelEvent with(EventFields fields) {
            return new ClipMade(
                    fields.from(),
                    fields.viewer(),
                    fields.text("clipTitle", title),
                    fields.number("clipSeconds", seconds),
                    fields.text("clipAddress", address));
        }

        @Override
        public String kind() {
            return "clip";
        }

        @Override
        public String sentence() {
            return viewer.name() + " made the clip " + title;
        }

        @Override
        public Map<String, String> values() {
            return Map.of(
                    "viewer",
                    viewer.name(),
                    "clipTitle",
                    title,
                    "clipSeconds",
                    Long.toString(seconds),
                    "clipAddress",
                    address);
        }

        @Override
        public Map<String, Long> numbers() {
            return Map.of("clipSeconds", seconds);
        }
    }

    /** A burst of likes. */
    record Likes(String from, Viewer viewer, long count) implements ChannelEvent {
        @Override
        public ChannelEvent with(EventFields fields) {
            return new Likes(fields.from(), fields.viewer(), fields.number("likesCount", count));
        }

        @Override
        public String kind() {
            return "likes";
        }

        @Override
        public String sentence() {
            return viewer.name() + " gave " + Amounts.of(count, "like");
        }

        @Override
        public Map<String, String> values() {
            return Map.of("viewer", viewer.name(), "likesCount", Long.toString(count));
        }

        @Override
        public Map<String, Long> numbers() {
            return Map.of("likesCount", count);
        }
    }
}

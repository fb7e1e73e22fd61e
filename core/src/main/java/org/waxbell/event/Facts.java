package org.waxbell.event;

import static org.waxbell.event.Field.money;
import static org.waxbell.event.Field.number;
import static org.waxbell.event.Field.target;
import static org.waxbell.event.Field.text;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.waxbell.actor.Actor;

/** Every kind of fact, one line each: what channels tell, what happens in the house, what desks tell. */
public final class Facts {
    private static final Viewer OTTER = new Viewer("practice:brine_otter", "brine_otter", Set.of(Standing.FOLLOWER), 0);
    private static final Viewer INES =
            new Viewer("practice:marshlight_ines", "marshlight_ines", Set.of(Standing.MEMBER, Standing.FOLLOWER), 14);

    /** Someone follows the channel from now on. */
    public static final FactKind FOLLOW = FactKind.ofChannel("follow", OTTER, fact -> fact.who() + " follows")
            .offered("someone follows", "follows the bench");
    /** A membership begins, is renewed, or is given; the giver is empty text for nobody. */
    public static final FactKind MEMBERSHIP = FactKind.ofChannel(
                    "membership",
                    INES,
                    fact -> fact.who() + " is a member for " + Amounts.of(fact.number("months"), "month")
                            + (fact.text("giver").isEmpty() ? "" : ", given by " + fact.text("giver")),
                    number("months", "membershipMonths", 14),
                    number("tier", "membershipTier", 1),
                    text("giver", "membershipGiver", ""))
            .offered(
                    "a membership begins or is renewed",
                    "is a member for {membershipMonths, plural, one {# month} other {# months}}");
    /** A gift: what, the worth of one of them, how many at once. */
    public static final FactKind GIFT = FactKind.ofChannel(
                    "gift",
                    OTTER,
                    fact -> fact.who() + " sent " + Amounts.of(fact.number("count"), fact.text("item")),
                    text("item", "giftItem", "Honeycomb"),
                    number("worth", "giftWorth", 50),
                    number("count", "giftCount", 1))
            .offered("a gift arrives", "sent {giftCount, plural, one {a {giftItem}} other {# × {giftItem}}}");
    /** A tip, in hundredths of the channel's currency. */
    public static final FactKind TIP = FactKind.ofChannel(
                    "tip",
                    INES,
                    fact -> fact.who() + " tipped " + fact.money("cents"),
                    money("cents", "tipCents", "tipAmount", 350))
            .offered("a tip arrives", "left {tipAmount} in the tin");
    /** Another broadcaster arrives with their viewers. */
    public static final FactKind ARRIVAL = FactKind.ofChannel(
                    "arrival",
                    OTTER,
                    fact -> fact.who() + " arrives with " + Amounts.of(fact.number("viewers"), "viewer"),
                    number("viewers", "arrivalViewers", 24))
            .offered(
                    "another broadcaster arrives",
                    "arrives with {arrivalViewers, plural, one {# viewer} other {# viewers}}");
    /** A reward was redeemed, with what the viewer typed. */
    public static final FactKind REWARD = FactKind.ofChannel(
                    "reward",
                    INES,
                    fact -> fact.who() + " redeemed " + fact.text("reward"),
                    text("reward", "rewardName", "Choose the dye"),
                    text("input", "rewardInput", "sage"))
            .offered("a reward is redeemed", "redeems {rewardName}");
    /** Someone made a clip. */
    public static final FactKind CLIP = FactKind.ofChannel(
                    "clip",
                    OTTER,
                    fact -> fact.who() + " made the clip " + fact.text("title"),
                    text("title", "clipTitle", "The tall taper"),
                    number("seconds", "clipSeconds", 28),
                    text("address", "clipAddress", "http://127.0.0.1/practice/clips/1"))
            .offered("a clip is made", "made a clip: {clipTitle}");
    /** Someone wrote the address of a clip of the show into chat; whose clip it is, empty text for nobody's. */
    public static final FactKind CLIP_SHARED = FactKind.ofChannel(
                    "clipShared",
                    OTTER,
                    fact -> fact.who() + " shares the clip " + fact.text("title"),
                    text("title", "clipTitle", "The tall taper"),
                    text("maker", "clipMaker", "marshlight_ines"),
                    text("address", "clipAddress", "http://127.0.0.1/clips/1"))
            .offered("a clip is shared in chat", "shares a clip: {clipTitle}");
    /** A burst of likes. */
    public static final FactKind LIKES = FactKind.ofChannel(
                    "likes",
                    OTTER,
                    fact -> fact.who() + " gave " + Amounts.of(fact.number("count"), "like"),
                    number("count", "likesCount", 20))
            .offered("likes arrive", "sends {likesCount, plural, one {# like} other {# likes}}");

    /** A show opens. */
    public static final FactKind SHOW_OPENED =
            FactKind.awaited("showOpened", fact -> "the show opens").offered("the show opens", "");
    /** The open show closes. */
    public static final FactKind SHOW_CLOSED =
            FactKind.awaited("showClosed", fact -> "the show closes").offered("the show closes", "");
    /** The mixer streams from now on; where there is no mixer the host says so. */
    public static final FactKind AIR_ON =
            FactKind.awaited("airOn", fact -> "on air").offered("the stream starts", "");
    /** The mixer streams no longer. */
    public static final FactKind AIR_OFF =
            FactKind.awaited("airOff", fact -> "off air").offered("the stream ends", "");
    /** Another scene is on programme, as its actor says or as the mixer reports. */
    public static final FactKind SCENE = FactKind.awaited(
                    "scene",
                    Facts::stands,
                    target(new Target(Target.Kind.SCENE, "")),
                    text("value", "sceneName", "Bench"))
            .usuallyBy(Actor.MIXER);
    /** A secret address was called, with what the caller sent. */
    public static final FactKind WEB_CALLED = FactKind.awaited(
                    "webCall",
                    fact -> "web call " + fact.text("hook") + FactKind.colon().apply(fact.text("text")),
                    text("hook", "hookName", "kiln"),
                    text("text", "hookText", "hot"),
                    Field.texts("with"))
            .saying(fact -> fact.texts("with"))
            .usuallyBy(Actor.WEB);

    /** The name that words use for what a call of a secret address brings under {@code name}. */
    public static String ofHook(String name) {
        return "hook" + Character.toUpperCase(name.charAt(0)) + name.substring(1);
    }

    /** A number of the slate moved. */
    public static final FactKind VALUE_MOVED = FactKind.awaited(
                    "value",
                    fact -> fact.text("value") + " went from " + fact.number("before") + " to " + fact.number("now"),
                    text("value", "valueName", "pours"),
                    number("before", "valueBefore", 9),
                    number("now", "valueNow", 10))
            .usuallyBy(Actor.PROGRAM);

    /** A desk sent a message of Open Sound Control: its address, its arguments, and its first number before and now, in thousandths. */
    public static final FactKind OSC_HEARD = FactKind.awaited(
                    "osc",
                    fact -> fact.text("address")
                            + FactKind.colon().apply(fact.texts("with").getOrDefault("osc1", "")),
                    text("address", "oscAddress", "/fader/1"),
                    Field.texts("with"),
                    number("before", "", 0),
                    number("now", "", 600))
            .saying(fact -> fact.texts("with"))
            .usuallyBy(Actor.PROGRAM);

    /** A number as facts of desks have it. */
    public static long thousandths(double number) {
        return Math.round(number * 1_000);
    }

    /** A call of a secret address did not count; which, and why. */
    public static final FactKind WEB_REFUSED = FactKind.inHouse(
                    "webRefused",
                    fact -> "a call of " + fact.text("hook") + " was refused: " + fact.text("why"),
                    text("hook", "", "kiln"),
                    text("why", "", "its signature does not fit"))
            .usuallyBy(Actor.WEB);

    /** The host pressed Hush: stop everything that is on air now and drop what waits. */
    public static final FactKind HUSH = FactKind.inHouse("hush", fact -> "Hush");
    /** A cue's own button or key was pressed; the control in words. */
    public static final FactKind HAND = FactKind.inHouse(
            "hand", fact -> "pressed " + fact.text("control"), text("cue", "", ""), text("control", "", "the button"));
    /** Another target than the scene stands another way now. */
    public static final FactKind SWITCHED = FactKind.inHouse(
                    "switched",
                    Facts::stands,
                    target(new Target(Target.Kind.LAMP, "Bench")),
                    text("value", "targetValue", "off"))
            .saying(fact -> Map.of("targetName", fact.target().name()))
            .usuallyBy(Actor.MIXER);
    /** A person ended a ring that played, or skipped one that waited. */
    public static final FactKind STOPPED = FactKind.inHouse(
            "stopped",
            fact -> "stopped " + fact.text("name"),
            number("ring", "", 1),
            text("name", "", "Pour the taper"));
    /** A person let a ring that waited go before the others. */
    public static final FactKind HASTENED = FactKind.inHouse(
            "hastened",
            fact -> "moved up " + fact.text("name"),
            number("ring", "", 1),
            text("name", "", "Pour the taper"));
    /** A person wrote on the slate; the person is empty text for the channel's value. */
    public static final FactKind SLATE_WRITTEN = FactKind.inHouse(
            "slate",
            fact -> fact.text("value") + " on the slate is set to " + fact.text("text")
                    + (fact.actor().inPerson() ? " by hand" : ""),
            text("value", "", "pours"),
            text("person", "", ""),
            text("text", "", "10"));
    /** Somebody at the console writes into a chat as the helper; to one person alone, or to everyone where none is named. */
    public static final FactKind SAID = FactKind.inHouse(
            "said",
            fact -> "wrote" + (fact.text("to").isEmpty() ? "" : " to " + fact.text("to") + " alone") + ": "
                    + fact.text("text"),
            text("chat", "", "practice"),
            text("to", "", ""),
            text("text", "", "the next one is sage"));
    /** What was written so did not reach its chat. */
    public static final FactKind UNSAID = FactKind.inHouse(
                    "unsaid",
                    fact -> "what was written by hand was not said: " + fact.text("why"),
                    text("why", "", "Tower is down"))
            .usuallyBy(Actor.PROGRAM);
    /** Somebody writes down the moment, or one of so many milliseconds before, as one worth finding again. */
    public static final FactKind MARKED = FactKind.inHouse(
            "marked",
            fact -> "marked the moment" + (fact.text("text").isEmpty() ? "" : ": " + fact.text("text")),
            text("text", "", "the pour that spilled"),
            number("back", "", 40));
    /** The host says that two accounts are one person's: which account, and whom it belongs to, each as it was seen last. */
    public static final FactKind JOINED = FactKind.inHouse(
            "joined",
            fact -> fact.text("accountName") + " is " + fact.text("personName") + " too",
            text("account", "", "tower:juniper"),
            text("accountName", "", "juniper"),
            text("accountStandings", "", ""),
            number("accountMonths", "", 0),
            text("person", "", "practice:juniper_and_ash"),
            text("personName", "", "juniper_and_ash"),
            text("personStandings", "", ""),
            number("personMonths", "", 0));
    /** The host says that an account stands by itself again. */
    public static final FactKind PARTED = FactKind.inHouse(
            "parted",
            fact -> fact.text("accountName") + " stands by itself again",
            text("account", "", "tower:juniper"),
            text("accountName", "", "juniper"));
    /** Who comes into a circle, and who leaves it, by what is kept of them; identities, a line each. */
    public static final FactKind CIRCLED = FactKind.inHouse(
                    "circled",
                    fact -> "a circle is other than before",
                    text("circle", "", "regulars"),
                    text("come", "", ""),
                    text("gone", "", ""))
            .usuallyBy(Actor.PROGRAM);
    /** Somebody asked a desk for an act: which desk, which place, which act, with what, and the same in words; or a viewer did at a page of the channel. */
    public static final FactKind ASKED = FactKind.inHouse(
                    "asked",
                    fact -> fact.text("says"),
                    text("desk", "", "wheel"),
                    text("about", "", "main/dyes"),
                    text("act", "", "fill"),
                    Field.texts("with"),
                    text("says", "", ""))
            .maybeBy(OTTER);
    /** A desk asked another for an act, as with {@link #ASKED}; its mark is handed back to it. */
    public static final FactKind DESK_ASKED = FactKind.inHouse(
                    "deskAsked",
                    fact -> fact.text("says"),
                    text("desk", "", "clock"),
                    text("about", "", "break"),
                    text("act", "", "start"),
                    Field.texts("with"),
                    text("says", "", ""),
                    text("mark", "", ""))
            .usuallyBy(Actor.PROGRAM);
    /** A cue's time has come; which of its pulls, and what came in words. */
    public static final FactKind TIME = FactKind.inHouse(
                    "time",
                    fact -> fact.text("words"),
                    text("cue", "", ""),
                    number("pull", "", 0),
                    text("words", "", "the time came"))
            .usuallyBy(Actor.PROGRAM);
    /** A fault of the program ended what it was at; the evening goes on. */
    public static final FactKind MENDED = FactKind.inHouse(
                    "mended",
                    fact -> "Wax Bell met a fault and went on",
                    text("what", "", "a line"),
                    text("why", "", "a bug"))
            .usuallyBy(Actor.PROGRAM);

    private static final List<FactKind> ALL = Stream.of(
                    List.of(
                            FOLLOW,
                            MEMBERSHIP,
                            GIFT,
                            TIP,
                            ARRIVAL,
                            REWARD,
                            CLIP,
                            CLIP_SHARED,
                            LIKES,
                            SHOW_OPENED,
                            SHOW_CLOSED,
                            AIR_ON,
                            AIR_OFF),
                    DeskFacts.ALL,
                    List.of(
                            SCENE,
                            WEB_CALLED,
                            VALUE_MOVED,
                            WEB_REFUSED,
                            OSC_HEARD,
                            HUSH,
                            HAND,
                            SWITCHED,
                            STOPPED,
                            HASTENED,
                            SLATE_WRITTEN,
                            SAID,
                            UNSAID,
                            MARKED,
                            JOINED,
                            PARTED,
                            CIRCLED,
                            ASKED,
                            DESK_ASKED,
                            TIME,
                            MENDED))
            .flatMap(List::stream)
            .toList();
    private static final Map<String, FactKind> BY_NAME =
            ALL.stream().collect(Collectors.toUnmodifiableMap(FactKind::name, each -> each));

    private Facts() {}

    private static String stands(Fact fact) {
        return fact.target().inWords()
                + (fact.target().kind() == Target.Kind.SHUTTERS ? " are " : " is ")
                + fact.text("value")
                + (fact.actor().inPerson() ? " by hand" : "");
    }

    /** What somebody gave by it: the worth of gifts, and hundredths of tips; 0 for any other fact. */
    public static long worth(Fact fact) {
        if (fact.is(TIP)) {
            return fact.number("cents");
        }
        return fact.is(GIFT) ? fact.number("worth") * fact.number("count") : 0;
    }

    /** Every kind, in the order in which they are offered. */
    public static List<FactKind> all() {
        return ALL;
    }

    /** The kind of that name; empty where there is none. */
    public static Optional<FactKind> kind(String name) {
        return Optional.ofNullable(BY_NAME.get(name));
    }

    /** The show opens, or the one that is open closes. */
    public static Fact show(Actor actor, boolean open) {
        return (open ? SHOW_OPENED : SHOW_CLOSED).by(actor);
    }

    /** The evening is on air from now on, or no longer. */
    public static Fact air(Actor actor, boolean on) {
        return (on ? AIR_ON : AIR_OFF).by(actor);
    }

    /** A target stands another way now. */
    public static Fact switched(Actor actor, Target target, String value) {
        return (target.kind() == Target.Kind.SCENE ? SCENE : SWITCHED).by(actor, target, value);
    }

    /** A sample line of chat. */
    public static ChatLine chat() {
        Viewer wickerby = new Viewer("practice:wickerby", "wickerby", Set.of(Standing.VIP, Standing.FOLLOWER), 0);
        return new ChatLine("practice", wickerby, "!pour tall");
    }

    /** The kinds that a pull may wait for by name, in the order in which they are offered. */
    public static List<String> awaited() {
        return ALL.stream().filter(FactKind::awaited).map(FactKind::name).toList();
    }

    /** The kinds that a cue may be made to wait for by name, in the order in which they are offered. */
    public static List<FactKind> offered() {
        return ALL.stream().filter(FactKind::isOffered).toList();
    }

    /** The kind of that name if a pull may wait for it; empty otherwise. */
    public static Optional<FactKind> awaited(String name) {
        return kind(name).filter(FactKind::awaited);
    }

    /** The kinds that a channel tells, in the order in which they are offered. */
    public static List<FactKind> ofChannel() {
        return ALL.stream().filter(FactKind::ofChannel).toList();
    }

    /** A sample that brings all values of these names; empty where none does. */
    public static Optional<ShowEvent> bringing(Set<String> names) {
        return Stream.concat(
                        Stream.<ShowEvent>of(chat()),
                        ALL.stream().filter(FactKind::awaited).map(FactKind::sample))
                .filter(each -> each.values().keySet().containsAll(names))
                .findFirst();
    }
}

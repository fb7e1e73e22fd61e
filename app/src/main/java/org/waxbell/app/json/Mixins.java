package org.waxbell.app.json;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonSubTypes.Type;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.LinkedHashMap;
import java.util.Map;
import org.waxbell.booking.BusyRule;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.EventPull;
import org.waxbell.cue.PatternPull;
import org.waxbell.cue.PhrasePull;
import org.waxbell.cue.Pull;
import org.waxbell.event.ChannelEvent;
import org.waxbell.event.ChatLine;
import org.waxbell.event.HushPulled;
import org.waxbell.event.ShowEvent;
import org.waxbell.gate.ArgumentGate;
import org.waxbell.gate.ChanceGate;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.Gate;
import org.waxbell.gate.WhoGate;
import org.waxbell.score.Anchor;
import org.waxbell.score.CardPart;
import org.waxbell.score.Part;
import org.waxbell.score.ReplyPart;
import org.waxbell.score.SoundPart;

/** What each kind is called in JSON, in the key {@code kind}: the one list to which a new kind adds its line. */
public final class Mixins {
    private Mixins() {
    }

    /** The mixin of each family. */
    public static Map<Class<?>, Class<?>> all() {
        Map<Class<?>, Class<?>> all = new LinkedHashMap<>();
        all.put(Pull.class, Pulls.class);
        all.put(Gate.class, Gates.class);
        all.put(Part.class, Parts.class);
        all.put(Anchor.class, Anchors.class);
        all.put(BusyRule.class, BusyRules.class);
        all.put(ShowEvent.class, Events.class);
        return all;
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({@Type(value = ChatWordPull.class, name = "chatWord"), @Type(value = PhrasePull.class, name = "phrase"),
        @Type(value = PatternPull.class, name = "pattern"), @Type(value = EventPull.class, name = "event")})
    interface Pulls {
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({@Type(value = WhoGate.class, name = "who"), @Type(value = ArgumentGate.class, name = "argument"),
        @Type(value = CooldownGate.class, name = "cooldown"), @Type(value = ChanceGate.class, name = "chance")})
    interface Gates {
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({@Type(value = CardPart.class, name = "card"), @Type(value = SoundPart.class, name = "sound"),
        @Type(value = ReplyPart.class, name = "reply")})
    interface Parts {
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({@Type(value = Anchor.At.class, name = "at"), @Type(value = Anchor.With.class, name = "with"),
        @Type(value = Anchor.After.class, name = "after")})
    interface Anchors {
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({@Type(value = BusyRule.Wait.class, name = "wait"), @Type(value = BusyRule.Share.class, name = "share"),
        @Type(value = BusyRule.TakeOver.class, name = "takeOver"), @Type(value = BusyRule.GiveWay.class, name = "giveWay")})
    interface BusyRules {
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({@Type(value = ChatLine.class, name = "chatLine"), @Type(value = HushPulled.class, name = "hush"),
        @Type(value = ChannelEvent.Followed.class, name = "follow"), @Type(value = ChannelEvent.Membership.class, name = "membership"),
        @Type(value = ChannelEvent.Gift.class, name = "gift"), @Type(value = ChannelEvent.Tip.class, name = "tip"),
        @Type(value = ChannelEvent.Arrival.class, name = "arrival"), @Type(value = ChannelEvent.Redeemed.class, name = "reward"),
        @Type(value = ChannelEvent.ClipMade.class, name = "clip"), @Type(value = ChannelEvent.Likes.class, name = "likes")})
    interface Events {
    }
}

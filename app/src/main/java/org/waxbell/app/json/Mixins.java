package org.waxbell.app.json;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonSubTypes.Type;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.LinkedHashMap;
import java.util.Map;
import org.waxbell.booking.BusyRule;
import org.waxbell.cue.AfterLinesPull;
import org.waxbell.cue.CalendarPull;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.CuePull;
import org.waxbell.cue.EventPull;
import org.waxbell.cue.EveryPull;
import org.waxbell.cue.FirstLinePull;
import org.waxbell.cue.HandPull;
import org.waxbell.cue.MarkPull;
import org.waxbell.cue.PatternPull;
import org.waxbell.cue.PhrasePull;
import org.waxbell.cue.PrivatePull;
import org.waxbell.cue.Pull;
import org.waxbell.cue.ScenePull;
import org.waxbell.cue.WebPull;
import org.waxbell.directive.Shown;
import org.waxbell.event.ChatLine;
import org.waxbell.event.CueRang;
import org.waxbell.event.PrivateLine;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Tried;
import org.waxbell.fixture.ChatFixture;
import org.waxbell.fixture.Fixture;
import org.waxbell.fixture.GoalFixture;
import org.waxbell.fixture.LabelFixture;
import org.waxbell.fixture.MascotFixture;
import org.waxbell.fixture.WheelFixture;
import org.waxbell.gate.AirGate;
import org.waxbell.gate.ArgumentGate;
import org.waxbell.gate.ChanceGate;
import org.waxbell.gate.ConditionGate;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.Gate;
import org.waxbell.gate.LimitGate;
import org.waxbell.gate.LinkGate;
import org.waxbell.gate.PriceGate;
import org.waxbell.gate.StandBackGate;
import org.waxbell.gate.WhoGate;
import org.waxbell.rehearsal.Step;
import org.waxbell.score.Anchor;
import org.waxbell.score.AskPart;
import org.waxbell.score.BurstPart;
import org.waxbell.score.CardPart;
import org.waxbell.score.ClipPart;
import org.waxbell.score.MovePart;
import org.waxbell.score.NamesPart;
import org.waxbell.score.Part;
import org.waxbell.score.PicturePart;
import org.waxbell.score.PointsPart;
import org.waxbell.score.ReplyPart;
import org.waxbell.score.SlatePart;
import org.waxbell.score.SoundPart;
import org.waxbell.score.SpinPart;
import org.waxbell.score.SwitchPart;
import org.waxbell.score.VideoPart;

/** What each kind is called in JSON, in the key {@code kind}: the one list to which a new kind adds its line. */
public final class Mixins {
    private Mixins() {}

    /** The mixin of each family. */
    public static Map<Class<?>, Class<?>> all() {
        Map<Class<?>, Class<?>> all = new LinkedHashMap<>();
        all.put(Pull.class, Pulls.class);
        all.put(Gate.class, Gates.class);
        all.put(Part.class, Parts.class);
        all.put(Anchor.class, Anchors.class);
        all.put(BusyRule.class, BusyRules.class);
        all.put(ShowEvent.class, Events.class);
        all.put(Step.class, Steps.class);
        all.put(Fixture.class, Fixtures.class);
        all.put(Shown.class, Things.class);
        return all;
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @Type(value = ChatWordPull.class, name = "chatWord"),
        @Type(value = PhrasePull.class, name = "phrase"),
        @Type(value = PatternPull.class, name = "pattern"),
        @Type(value = FirstLinePull.class, name = "firstLine"),
        @Type(value = PrivatePull.class, name = "private"),
        @Type(value = EventPull.class, name = "event"),
        @Type(value = MarkPull.class, name = "mark"),
        @Type(value = EveryPull.class, name = "every"),
        @Type(value = AfterLinesPull.class, name = "afterLines"),
        @Type(value = CalendarPull.class, name = "calendar"),
        @Type(value = HandPull.class, name = "hand"),
        @Type(value = WebPull.class, name = "webCall"),
        @Type(value = ScenePull.class, name = "scene"),
        @Type(value = CuePull.class, name = "cue")
    })
    interface Pulls {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @Type(value = StandBackGate.class, name = "standBack"),
        @Type(value = AirGate.class, name = "air"),
        @Type(value = LinkGate.class, name = "links"),
        @Type(value = WhoGate.class, name = "who"),
        @Type(value = ArgumentGate.class, name = "argument"),
        @Type(value = CooldownGate.class, name = "cooldown"),
        @Type(value = LimitGate.class, name = "limit"),
        @Type(value = ConditionGate.class, name = "condition"),
        @Type(value = ChanceGate.class, name = "chance"),
        @Type(value = PriceGate.class, name = "price")
    })
    interface Gates {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @Type(value = CardPart.class, name = "card"),
        @Type(value = SoundPart.class, name = "sound"),
        @Type(value = ReplyPart.class, name = "reply"),
        @Type(value = ClipPart.class, name = "clip"),
        @Type(value = SwitchPart.class, name = "switch"),
        @Type(value = SlatePart.class, name = "slate"),
        @Type(value = PointsPart.class, name = "points"),
        @Type(value = PicturePart.class, name = "picture"),
        @Type(value = VideoPart.class, name = "video"),
        @Type(value = BurstPart.class, name = "burst"),
        @Type(value = NamesPart.class, name = "names"),
        @Type(value = SpinPart.class, name = "spin"),
        @Type(value = AskPart.class, name = "ask"),
        @Type(value = MovePart.class, name = "move")
    })
    interface Parts {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @Type(value = LabelFixture.class, name = "label"),
        @Type(value = GoalFixture.class, name = "goal"),
        @Type(value = WheelFixture.class, name = "wheel"),
        @Type(value = MascotFixture.class, name = "mascot"),
        @Type(value = ChatFixture.class, name = "chat")
    })
    interface Fixtures {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @Type(value = Shown.Picture.class, name = "picture"),
        @Type(value = Shown.Video.class, name = "video"),
        @Type(value = Shown.Burst.class, name = "burst"),
        @Type(value = Shown.Names.class, name = "names"),
        @Type(value = Shown.Spin.class, name = "spin"),
        @Type(value = Shown.Moving.class, name = "move")
    })
    interface Things {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @Type(value = Anchor.At.class, name = "at"),
        @Type(value = Anchor.With.class, name = "with"),
        @Type(value = Anchor.After.class, name = "after")
    })
    interface Anchors {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @Type(value = BusyRule.Wait.class, name = "wait"),
        @Type(value = BusyRule.Share.class, name = "share"),
        @Type(value = BusyRule.TakeOver.class, name = "takeOver"),
        @Type(value = BusyRule.GiveWay.class, name = "giveWay")
    })
    interface BusyRules {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind", visible = true)
    @JsonIgnoreProperties("kind")
    @JsonSubTypes({
        @Type(value = ChatLine.class, name = "chatLine"),
        @Type(value = PrivateLine.class, name = "privateLine"),
        @Type(value = CueRang.class, name = "cue"),
        @Type(value = Tried.class, name = "tried")
    })
    interface Events {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @Type(value = Step.Happens.class, name = "happens"),
        @Type(value = Step.Hush.class, name = "hush"),
        @Type(value = Step.Reported.class, name = "reported"),
        @Type(value = Step.Rewired.class, name = "wiring"),
        @Type(value = Step.Led.class, name = "lead"),
        @Type(value = Step.Stopped.class, name = "stopped")
    })
    interface Steps {}
}

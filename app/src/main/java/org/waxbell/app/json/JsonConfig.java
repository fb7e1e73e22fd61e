package org.waxbell.app.json;

import com.fasterxml.jackson.annotation.Nulls;
import java.util.List;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.waxbell.actor.Origin;
import org.waxbell.actor.Right;
import org.waxbell.chapter.ChapterEnd;
import org.waxbell.chapter.OrderBoard;
import org.waxbell.checkup.Remark;
import org.waxbell.clock.ClockState;
import org.waxbell.clock.Way;
import org.waxbell.condition.Scope;
import org.waxbell.crowd.Crowd;
import org.waxbell.cue.FirstLinePull;
import org.waxbell.cue.TakeRule;
import org.waxbell.cue.Urgency;
import org.waxbell.engine.Completion;
import org.waxbell.evening.Soon;
import org.waxbell.event.Standing;
import org.waxbell.event.Target;
import org.waxbell.extension.Permission;
import org.waxbell.extension.ScriptSetting;
import org.waxbell.fixture.ClockFixture;
import org.waxbell.fixture.LabelFixture;
import org.waxbell.fixture.QueueFixture;
import org.waxbell.fixture.TasksFixture;
import org.waxbell.game.Game;
import org.waxbell.gate.AirGate;
import org.waxbell.gate.ArgumentGate;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.link.ChannelProof;
import org.waxbell.link.Phase;
import org.waxbell.look.Easing;
import org.waxbell.look.Look;
import org.waxbell.look.Motion;
import org.waxbell.lookback.Advice;
import org.waxbell.pack.Choices;
import org.waxbell.pack.PackItem;
import org.waxbell.poll.PollHead;
import org.waxbell.prize.Drawn;
import org.waxbell.prize.PrizeDraw;
import org.waxbell.prize.PrizeHead;
import org.waxbell.reward.Redeemed;
import org.waxbell.room.DeviceSort;
import org.waxbell.score.Lane;
import org.waxbell.score.Manner;
import org.waxbell.score.SlatePart;
import org.waxbell.seen.Seen;
import org.waxbell.tasks.Tick;
import org.waxbell.tasks.WhenDone;
import org.waxbell.tune.Fallback;
import org.waxbell.tune.GivesWay;
import org.waxbell.tune.PastTune;
import org.waxbell.turns.Again;
import org.waxbell.turns.First;
import org.waxbell.turns.Queue;
import org.waxbell.voice.Doing;
import org.waxbell.wiring.Circle;
import org.waxbell.wiring.Kinds;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.EnumNamingStrategies;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.annotation.EnumNaming;
import tools.jackson.databind.cfg.EnumFeature;

/** One way of writing JSON for pages, documents and the store: strict, so that a misspelled or missing key is told. */
@Configuration(proxyBeanMethods = false)
class JsonConfig {
    /** Enums that our JSON writes in small letters: the one list to which a new one is added. */
    private static final List<Class<?>> SMALL = List.of(
            Soon.class,
            Permission.class,
            ScriptSetting.Type.class,
            PackItem.Sort.class,
            Choices.Way.class,
            Advice.Sort.class,
            Standing.class,
            Urgency.class,
            Lane.class,
            Field.Type.class,
            From.class,
            TakeRule.class,
            Doing.class,
            ArgumentGate.Wants.class,
            AirGate.Air.class,
            FirstLinePull.Whose.class,
            Target.Kind.class,
            Manner.IfFails.class,
            SlatePart.Act.class,
            Origin.class,
            Right.class,
            Completion.Kind.class,
            Remark.Severity.class,
            Phase.class,
            Seen.Proof.class,
            ChannelProof.Result.class,
            Scope.Type.class,
            Look.Edge.class,
            Look.Face.class,
            Motion.class,
            Easing.class,
            LabelFixture.Align.class,
            ClockFixture.Style.class,
            QueueFixture.Shape.class,
            TasksFixture.Names.class,
            TasksFixture.Side.class,
            Tick.class,
            WhenDone.class,
            Fallback.class,
            GivesWay.class,
            PastTune.How.class,
            First.class,
            Again.class,
            Queue.Note.class,
            ChapterEnd.class,
            OrderBoard.When.class,
            Way.class,
            ClockState.Phase.class,
            Crowd.Way.class,
            Circle.By.class,
            Game.Sort.class,
            PollHead.Phase.class,
            PrizeHead.Phase.class,
            PrizeDraw.Who.class,
            Drawn.Claim.class,
            Redeemed.State.class,
            DeviceSort.class);

    @EnumNaming(EnumNamingStrategies.LowerCamelCaseStrategy.class)
    interface SmallLetters {}

    @Bean
    Families families() {
        return new Families(Kinds.ALL);
    }

    @Bean
    JsonMapperBuilderCustomizer strict(Families families) {
        return builder -> {
            families.register(builder);
            builder.addModules(FactFormat.module(), MemoryFormat.module());
            SMALL.forEach(each -> builder.addMixIn(each, SmallLetters.class));
            builder.enable(
                            DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES,
                            DeserializationFeature.FAIL_ON_MISSING_CREATOR_PROPERTIES,
                            DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES,
                            DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                    .enable(EnumFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
                    .changeDefaultNullHandling(nulls -> nulls.withContentNulls(Nulls.FAIL))
                    .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
                    .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT);
        };
    }
}

package org.waxbell.wiring;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.waxbell.act.DeskSheet;
import org.waxbell.chapter.EveningOrder;
import org.waxbell.clock.Clock;
import org.waxbell.crowd.Crowd;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Pull;
import org.waxbell.cue.Pulls;
import org.waxbell.cue.Rack;
import org.waxbell.earning.Earning;
import org.waxbell.extension.Extension;
import org.waxbell.fixture.Fixture;
import org.waxbell.fixture.Fixtures;
import org.waxbell.game.Game;
import org.waxbell.gate.Gate;
import org.waxbell.gate.Gates;
import org.waxbell.kind.Family;
import org.waxbell.kind.Kind;
import org.waxbell.look.Look;
import org.waxbell.poll.Poll;
import org.waxbell.prize.PrizeDraw;
import org.waxbell.reward.Rewards;
import org.waxbell.score.Part;
import org.waxbell.score.Parts;
import org.waxbell.stage.Stage;
import org.waxbell.tasks.Tasks;
import org.waxbell.tune.Tunes;
import org.waxbell.turns.Queue;
import org.waxbell.voice.Reading;

/** All kinds that a wiring may have; formats, forms and menus are made from them. */
public record Kinds(
        Family<Pull> pulls, Family<Gate> gates, Family<Part> parts, Family<Fixture> fixtures, Family<DeskSheet> desks) {
    /** Every kind of desk that stands by itself: the one list to which a new one adds its line. */
    public static final Family<DeskSheet> DESKS = new Family<>(
            DeskSheet.class,
            "desk",
            List.of(
                    Queue.KIND,
                    Clock.KIND,
                    Tasks.KIND,
                    Tunes.KIND,
                    Crowd.KIND,
                    Poll.KIND,
                    PrizeDraw.KIND,
                    Earning.KIND,
                    Game.KIND,
                    Rewards.KIND,
                    EveningOrder.KIND,
                    Extension.KIND));

    /** Those that ship. */
    public static final Kinds ALL = new Kinds(Pulls.ALL, Gates.ALL, Parts.ALL, Fixtures.ALL, DESKS);

    /** Documents that have no kinds, and describe themselves. */
    public static final List<Kind<?>> DOCUMENTS =
            List.of(Cue.KIND, Rack.KIND, Stage.KIND, House.KIND, Look.KIND, Reading.KIND);

    /** The families, in the order in which a cue is read. */
    public List<Family<?>> families() {
        return List.of(pulls, gates, parts, fixtures, desks);
    }

    /** The family of what {@code type} is, where it is one; empty otherwise. */
    public Optional<Family<?>> family(Class<?> type) {
        return families().stream().filter(each -> each.of() == type).findFirst();
    }

    /** What describes records of that type: one of the families, or a document without kinds; empty for what does not describe itself. */
    public Optional<Kind<?>> describing(Class<?> type) {
        return Stream.concat(families().stream().flatMap(each -> each.kinds().stream()), DOCUMENTS.stream())
                .<Kind<?>>map(each -> each)
                .filter(each -> each.type() == type)
                .findFirst();
    }
}

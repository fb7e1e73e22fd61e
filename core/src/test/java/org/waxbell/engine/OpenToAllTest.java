package org.waxbell.engine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.cue.Cue;
import org.waxbell.cue.HandPull;
import org.waxbell.event.Standing;
import org.waxbell.event.Target;
import org.waxbell.gate.Gate;
import org.waxbell.score.Anchor;
import org.waxbell.score.Manner;
import org.waxbell.score.Part;
import org.waxbell.score.PointsPart;
import org.waxbell.score.SwitchPart;
import org.waxbell.wiring.CueBook;

/** What ends the stream or pays out does not begin at anyone's word before the host has said so. */
class OpenToAllTest {
    private static final Anchor NOW = new Anchor.At(0);
    private static final Part ENDS =
            new SwitchPart("s", NOW, 0, new Target(Target.Kind.STREAM, ""), "off", true, Manner.PLAIN);

    private static Cue cue(List<Gate> gates, Part... parts) {
        return Samples.cue("end", List.of("!end"), gates, parts);
    }

    private static String said(Cue cue) {
        Engine engine = Samples.engine(new CueBook(Samples.housed(cue)), EngineState.fresh(3));
        return engine.accept(1_000, Samples.line(Samples.WICKERBY, "!end")).decisions().get(0).cues().stream()
                .map(answer -> answer.gates().stream()
                        .filter(gate -> !gate.passed())
                        .map(gate -> gate.gate() + ": " + gate.reason())
                        .findFirst()
                        .orElse("rang"))
                .findFirst()
                .orElse("");
    }

    @Test
    void itIsHeldUntilTheHostSaysOnAllTheSame() {
        Cue cue = cue(List.of(), ENDS);
        assertThat(said(cue))
                .isEqualTo("allTheSame: anyone may end the stream by it, and you have not said “on all the same”");
        assertThat(said(cue.onAllTheSame())).isEqualTo("rang");
    }

    @Test
    void itIsNotAskedForWhereOnlySomeMayOrNobodyTypes() {
        assertThat(cue(List.of(Samples.only(Standing.MODERATOR)), ENDS).danger())
                .isEmpty();
        assertThat(cue(List.of(Samples.only(Standing.FOLLOWER)), ENDS).danger()).isEqualTo("end the stream");
        assertThat(Samples.pulledBy(cue(List.of(), ENDS), new HandPull("End", ""))
                        .danger())
                .isEmpty();
    }

    @Test
    void payingIsAskedForAndTakingIsNot() {
        assertThat(cue(List.of(), new PointsPart("p", NOW, 5, Manner.PLAIN)).waitsForTheHost())
                .isEqualTo("be paid points");
        assertThat(cue(List.of(), new PointsPart("p", NOW, -5, Manner.PLAIN)).waitsForTheHost())
                .isEmpty();
    }

    @Test
    void aSwitchThatIsNotChosenSwitchesNothing() {
        Cue cue = cue(
                List.of(Samples.only(Standing.VIP)),
                new SwitchPart("s", NOW, 2_000, new Target(Target.Kind.RACK, ""), "off", false, Manner.PLAIN));
        Engine engine = Samples.engine(new CueBook(Samples.housed(cue)), EngineState.fresh(3));
        engine.accept(1_000, Samples.line(Samples.WICKERBY, "!end"));
        assertThat(engine.wake(1_100).directives()).isEmpty();
        assertThat(engine.wake(4_000).directives()).isEmpty();
        assertThat(engine.accept(5_000, Samples.line(Samples.WICKERBY, "!end"))
                        .decisions()
                        .get(0)
                        .cues())
                .hasSize(1);
    }
}

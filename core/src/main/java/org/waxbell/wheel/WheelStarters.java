package org.waxbell.wheel;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.waxbell.booking.Place;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Take;
import org.waxbell.cue.TakeRule;
import org.waxbell.cue.Urgency;
import org.waxbell.event.Standing;
import org.waxbell.fixture.WheelFixture;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.Gate;
import org.waxbell.gate.WhoGate;
import org.waxbell.score.Anchor;
import org.waxbell.score.AskPart;
import org.waxbell.score.Manner;
import org.waxbell.score.Part;
import org.waxbell.score.ReplyPart;
import org.waxbell.score.Score;
import org.waxbell.score.SpinPart;

/** The chat words that a wheel begins with: to spin it, to learn how it stands, and for moderators to fill it. */
final class WheelStarters {
    private static final Anchor NOW = new Anchor.At(0);
    private static final CooldownGate CALM = new CooldownGate(15_000, 60_000);
    private static final WhoGate MODERATORS =
            new WhoGate(Set.of(Standing.HOST, Standing.MODERATOR), 0, List.of(), List.of(), List.of());
    private static final long LONGEST_WAIT = 60_000;
    private final WheelFixture wheel;
    private final Place place;
    private final String rack;

    WheelStarters(WheelFixture wheel, Place place, String rack) {
        this.wheel = wheel;
        this.place = place;
        this.rack = rack;
    }

    List<Cue> all() {
        Part turns = new SpinPart("spin", NOW, place.stage(), place.spot(), 4_000, 3_000, 1, Manner.PLAIN);
        Part fills = new AskPart("ask", NOW, wheel.desk(), place.toString(), WheelFixture.FILL, Map.of(), Manner.PLAIN);
        String left = "{" + wheel.value("Left") + ", plural, one {# is} other {# are}} left on " + inWords()
                + ", last drawn: {" + wheel.value("Last") + "}";
        Cue spin = cue("", "Spin " + wheel.name(), List.of(CALM), turns, says("spin", "{viewer}: {spinResult}"));
        Cue stands = cue("-left", "How " + wheel.name() + " stands", List.of(CALM), says("", left));
        return wheel.removeDrawn()
                ? List.of(
                        spin,
                        stands,
                        cue("-fill", "Fill " + wheel.name(), List.of(MODERATORS), fills, says("ask", "{askAnswer}")))
                : List.of(spin);
    }

    /** What stands in braces or after an apostrophe means something in words. */
    private String inWords() {
        return wheel.name().replaceAll("[{}']", "");
    }

    private static Part says(String after, String words) {
        return new ReplyPart("say", after.isEmpty() ? NOW : new Anchor.After(after, 0), words, Manner.PLAIN);
    }

    private Cue cue(String behind, String name, List<Gate> gates, Part... parts) {
        return new Cue(
                Cue.FORMAT,
                wheel.id() + behind,
                name,
                "",
                true,
                rack,
                true,
                List.of(new ChatWordPull(List.of((wheel.id() + behind).replace("-", "")), true, "")),
                gates,
                List.of(),
                List.of(Take.only(new Score(List.of(parts)))),
                TakeRule.FIRST,
                Urgency.USUAL,
                LONGEST_WAIT,
                false);
    }
}

package org.waxbell.wheel;

import java.util.List;
import java.util.Map;
import org.waxbell.booking.Place;
import org.waxbell.cue.Cue;
import org.waxbell.desk.ChatWords;
import org.waxbell.fixture.WheelFixture;
import org.waxbell.gate.Gate;
import org.waxbell.score.Manner;
import org.waxbell.score.Part;
import org.waxbell.score.SpinPart;

/** The chat words that a wheel begins with: to spin it, to learn how it stands, and for moderators to fill it. */
final class WheelStarters {
    private final WheelFixture wheel;
    private final Place place;
    private final ChatWords words;

    WheelStarters(WheelFixture wheel, String about, String rack) {
        this.wheel = wheel;
        this.place = Place.of(about);
        this.words = new ChatWords(wheel, about, rack);
    }

    List<Cue> all() {
        Part turns = new SpinPart("spin", ChatWords.NOW, place.stage(), place.spot(), 4_000, 3_000, 1, Manner.PLAIN);
        String left = "{" + wheel.value("Left") + ", plural, one {# is} other {# are}} left on "
                + ChatWords.plain(wheel.name()) + ", last drawn: {" + wheel.value("Last") + "}";
        List<Gate> calm = List.of(ChatWords.CALM);
        Cue spin = words.cue("", "Spin " + wheel.name(), calm, turns, ChatWords.says("spin", "{viewer}: {spinResult}"));
        Cue stands = words.cue("-left", "How " + wheel.name() + " stands", calm, ChatWords.says("", left));
        return wheel.removeDrawn()
                ? List.of(
                        spin,
                        stands,
                        words.asks(
                                "-fill",
                                "Fill " + wheel.name(),
                                List.of(ChatWords.MODERATORS),
                                WheelFixture.FILL,
                                Map.of()))
                : List.of(spin);
    }
}

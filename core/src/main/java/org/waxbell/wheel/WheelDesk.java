package org.waxbell.wheel;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.waxbell.cue.Cue;
import org.waxbell.desk.Answer;
import org.waxbell.desk.Ask;
import org.waxbell.desk.Desk;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.fixture.Face;
import org.waxbell.fixture.WheelFixture;
import org.waxbell.gate.Surroundings;
import org.waxbell.state.Book;

/** Draws on wheels: what comes of a spin is decided before anything turns. A wheel that is empty is filled again rather than standing still. */
public final class WheelDesk implements Desk<WheelFixture, WheelState> {
    private static final Book<WheelState> BOOK = new Book<>(WheelFixture.DESK, WheelState.class);

    /** One draw. @param segment counted from 0 @param odds how likely it was, in percent */
    private record Drawn(int segment, String words, double odds) {}

    @Override
    public String title() {
        return "Wheels";
    }

    @Override
    public Class<WheelFixture> documents() {
        return WheelFixture.class;
    }

    @Override
    public Book<WheelState> book() {
        return BOOK;
    }

    @Override
    public WheelState fresh(WheelFixture document) {
        return WheelState.NEW;
    }

    @Override
    public Answer<WheelState> ask(WheelFixture wheel, WheelState now, Ask ask, Surroundings evening) {
        if (ask.act().name().equals(WheelFixture.FILL)) {
            return Answer.done(now.filled(), "filled", "everything is in " + wheel.name() + " again", Map.of());
        }
        return spin(wheel, now, ask);
    }

    private static Answer<WheelState> spin(WheelFixture wheel, WheelState before, Ask ask) {
        List<Drawn> drawn = new ArrayList<>();
        WheelState now = before;
        for (int i = 0; i < ask.number("times"); i++) {
            if (wheel.removeDrawn() && wheel.total(now.out()) == 0) {
                now = now.filled();
            }
            List<Integer> gone = wheel.removeDrawn() ? now.out() : List.of();
            int segment = wheel.at(ask.lots().below("spin" + i, wheel.total(gone)), gone);
            drawn.add(new Drawn(segment, wheel.segments().get(segment).words(), wheel.odds(segment, gone)));
            now = now.drew(segment, wheel.removeDrawn());
        }
        String result = joined(drawn, Drawn::words, ", ");
        return Answer.done(
                now,
                "drawn",
                wheel.name() + ": " + result,
                Map.of(
                        "result", result,
                        "odds", joined(drawn, each -> String.format(Locale.ROOT, "%.1f %%", each.odds()), ", "),
                        "segments", joined(drawn, each -> Integer.toString(each.segment()), ","),
                        "words", joined(drawn, Drawn::words, WheelFixture.BETWEEN)));
    }

    private static String joined(List<Drawn> drawn, Function<Drawn, String> part, String between) {
        return drawn.stream().map(part).collect(Collectors.joining(between));
    }

    @Override
    public boolean hears(ShowEvent event) {
        return event instanceof Fact fact && fact.is(Facts.SHOW_OPENED);
    }

    @Override
    public Answer<WheelState> hear(WheelFixture wheel, WheelState now, long at, ShowEvent event, Surroundings evening) {
        return Answer.becomes(now.filled());
    }

    @Override
    public Map<String, Object> values(WheelFixture wheel, WheelState now, long at, String person) {
        boolean drawn = now.last() >= 0 && now.last() < wheel.segments().size();
        long left = wheel.segments().size()
                - (wheel.removeDrawn() ? present(wheel, now).size() : 0);
        return Map.of(
                wheel.value("Last"),
                drawn ? wheel.segments().get(now.last()).words() : "nothing yet",
                wheel.value("Left"),
                left);
    }

    /** Segments that are out and still there, for the wheel may have been edited since. */
    private static List<Integer> present(WheelFixture wheel, WheelState now) {
        return now.out().stream().filter(each -> each < wheel.segments().size()).toList();
    }

    @Override
    public List<Cue> starters(WheelFixture wheel, String about, String rack) {
        return new WheelStarters(wheel, about, rack).all();
    }

    @Override
    public Optional<Face> face(WheelFixture wheel, WheelState now, long at) {
        int last = now.last() < wheel.segments().size() ? now.last() : -1;
        return Optional.of(new WheelFace(last, wheel.removeDrawn() ? present(wheel, now) : List.of()));
    }
}

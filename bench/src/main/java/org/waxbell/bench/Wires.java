package org.waxbell.bench;

import java.util.List;
import org.waxbell.booking.BusyRule;
import org.waxbell.booking.Outlet;
import org.waxbell.booking.Spot;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Pull;
import org.waxbell.cue.Rack;
import org.waxbell.cue.Take;
import org.waxbell.cue.TakeRule;
import org.waxbell.cue.Urgency;
import org.waxbell.gate.Gate;
import org.waxbell.score.Anchor;
import org.waxbell.score.CardPart;
import org.waxbell.score.Manner;
import org.waxbell.score.Part;
import org.waxbell.score.ReplyPart;
import org.waxbell.score.Score;
import org.waxbell.score.SoundPart;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.House;
import org.waxbell.wiring.Wiring;

/** Wiring for measurements: a score of two cards, two sounds and a reply. */
final class Wires {
    private static final Stage MAIN = Stage.plain(
            "main",
            "Main",
            1280,
            720,
            List.of(
                    Spot.plain("low", "Low", 0, 600, 500, 100, new BusyRule.Wait(10, 60_000)),
                    Spot.plain("high", "High", 0, 0, 500, 100, new BusyRule.Wait(10, 60_000))),
            List.of(Outlet.plain("bench", "Bench", new BusyRule.Share(4))));
    private static final Shelf SHELF = new Shelf(List.of(
            new Media("a.wav", "Pouring", "a", "audio/wav", 1_700),
            new Media("b.wav", "Pouring", "b", "audio/wav", 1_900),
            new Media("c.wav", "Pouring", "c", "audio/wav", 2_100)));

    private Wires() {}

    static Cue cue(String id, Pull pull, List<Gate> gates) {
        List<Part> parts = List.of(
                card("card", "low", new Anchor.At(0)),
                card("second", "high", new Anchor.With("card", 500)),
                sound("pour", new Anchor.At(0)),
                sound("pour-again", new Anchor.After("pour", 100)),
                new ReplyPart("thanks", new Anchor.After("card", 200), "Thank you, {viewer}.", Manner.PLAIN));
        return cue(id, pull, gates, parts);
    }

    static Cue cue(String id, Pull pull, List<Gate> gates, List<Part> parts) {
        return new Cue(
                Cue.FORMAT,
                id,
                id,
                "",
                true,
                "bench",
                true,
                List.of(pull),
                gates,
                List.of(),
                List.of(Take.only(new Score(parts))),
                TakeRule.FIRST,
                Urgency.USUAL,
                60_000,
                false);
    }

    private static CardPart card(String id, String spot, Anchor start) {
        return new CardPart(
                id,
                start,
                5_000,
                "main",
                spot,
                "beeswax",
                "{viewer}",
                "pours a tall taper",
                "",
                "",
                "",
                "",
                400,
                600,
                Manner.PLAIN);
    }

    private static SoundPart sound(String id, Anchor start) {
        return new SoundPart(id, start, "main", "bench", "Pouring", "", 80, Manner.PLAIN);
    }

    static Wiring wiring(List<Cue> cues) {
        return new Wiring(House.PLAIN, List.of(new Rack(1, "bench", "At the bench", true)), cues, List.of(MAIN), SHELF);
    }
}

package org.waxbell;

import java.util.List;
import java.util.Set;
import org.waxbell.booking.BusyRule;
import org.waxbell.booking.Outlet;
import org.waxbell.booking.Spot;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.cue.HeldAnswer;
import org.waxbell.cue.Pull;
import org.waxbell.cue.Rack;
import org.waxbell.cue.Take;
import org.waxbell.cue.TakeRule;
import org.waxbell.cue.Urgency;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.Gate;
import org.waxbell.gate.WhoGate;
import org.waxbell.port.Calendars;
import org.waxbell.score.Anchor;
import org.waxbell.score.CardPart;
import org.waxbell.score.Manner;
import org.waxbell.score.Part;
import org.waxbell.score.ReplyPart;
import org.waxbell.score.Score;
import org.waxbell.score.SoundPart;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;
import org.waxbell.show.Show;
import org.waxbell.slate.SlateValue;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.Circle;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.House;
import org.waxbell.wiring.Wiring;

/** Pieces of Saltmarsh Candle Hour for tests. */
public final class Samples {
    public static final Viewer INES = viewer("marshlight_ines", Standing.MEMBER);
    public static final Viewer WICKERBY = viewer("wickerby", Standing.VIP);
    public static final Viewer SEDGE = viewer("captain_sedge", Standing.MODERATOR);
    public static final Rack BENCH = new Rack(1, "bench", "At the bench", true);
    public static final Shelf SHELF = new Shelf(List.of(
            sound("pour-1.wav", 1_900),
            sound("pour-2.wav", 1_700),
            sound("pour-3.wav", 2_100),
            new Media("taper.svg", "Pictures", "f00d", "image/svg+xml", 0)));
    public static final Stage MAIN = stage(new BusyRule.Wait(5, 20_000));

    private Samples() {}

    public static Stage stage(BusyRule lowerThird) {
        return Stage.plain(
                "main",
                "Main",
                1280,
                720,
                List.of(
                        Spot.plain("lower-third", "Lower third", 72, 560, 520, 110, lowerThird),
                        Spot.plain("corner", "Corner", 900, 40, 340, 110, new BusyRule.Wait(5, 20_000))),
                List.of(Outlet.plain("bench", "Bench", new BusyRule.Share(3))));
    }

    private static Media sound(String name, long length) {
        return new Media(name, "Pouring", "hash-of-" + name, "audio/wav", length);
    }

    public static Viewer viewer(String name, Standing... standings) {
        return new Viewer("practice:" + name, name, Set.of(standings), 0);
    }

    public static ChatLine line(Viewer viewer, String text) {
        return new ChatLine("practice", viewer, text);
    }

    public static CardPart card(String id, Anchor start, long length) {
        return card(id, start, length, "lower-third");
    }

    public static CardPart card(String id, Anchor start, long length, String spot) {
        return new CardPart(
                id,
                start,
                length,
                "main",
                spot,
                "beeswax",
                "{viewer}",
                "pours a tall taper",
                "taper.svg",
                "",
                "",
                "",
                400,
                600,
                Manner.PLAIN);
    }

    public static SoundPart pouring(String id) {
        return new SoundPart(id, new Anchor.At(0), "main", "bench", "Pouring", "", 80, Manner.PLAIN);
    }

    public static ReplyPart reply(String id, Anchor start) {
        return says(id, start, "Thanks, {viewer}");
    }

    public static ReplyPart says(String id, Anchor start, String words) {
        return new ReplyPart(id, start, words, Manner.PLAIN);
    }

    public static Cue pour() {
        return cue(
                "pour-the-taper",
                List.of("!pour", "!taper"),
                List.of(new CooldownGate(14_000, 0)),
                card("card", new Anchor.At(0), 5_600),
                pouring("sound"),
                reply("thanks", new Anchor.After("card", 200)));
    }

    public static Cue cue(String id, List<String> words, List<Gate> gates, Part... parts) {
        return cue(id, words, gates, Urgency.USUAL, parts);
    }

    public static Cue cue(String id, List<String> words, List<Gate> gates, Urgency urgency, Part... parts) {
        String name = Character.toUpperCase(id.charAt(0)) + id.substring(1).replace('-', ' ');
        return new Cue(
                Cue.FORMAT,
                id,
                name,
                "",
                true,
                "bench",
                true,
                List.of(new ChatWordPull(words, false, "")),
                gates,
                List.of(),
                List.of(Take.only(new Score(List.of(parts)))),
                TakeRule.FIRST,
                urgency,
                60_000,
                false);
    }

    public static Cue pulledBy(Cue cue, Pull... pulls) {
        return cue.withPulls(List.of(pulls));
    }

    public static Cue saying(Cue cue, HeldAnswer... answers) {
        return cue.withAnswers(List.of(answers));
    }

    public static Cue taking(Cue cue, TakeRule rule, Take... takes) {
        return cue.withTakes(rule, List.of(takes));
    }

    public static Engine engine(CueBook book, EngineState state) {
        return Show.engine(book, state, 60, Calendars.NONE);
    }

    /** The house of the demo: drips, a circle, a neighbour, values of the slate. */
    public static House house() {
        return new House(
                House.FORMAT,
                "!",
                "practice",
                "drip",
                "drips",
                false,
                List.of(Circle.named("dippers", "Dippers", List.of("Brine_Otter"))),
                List.of("reed_bell"),
                List.of(
                        new SlateValue("pours", "Pours tonight", true, false, false, "0"),
                        new SlateValue("wish", "Wish", false, true, true, "none")),
                List.of(),
                org.waxbell.voice.Reading.USUAL,
                org.waxbell.wiring.ShutterRule.BY_HAND,
                List.of());
    }

    public static Wiring housed(Cue... cues) {
        return new Wiring(house(), List.of(BENCH), List.of(cues), List.of(MAIN), SHELF);
    }

    public static WhoGate only(Standing... standings) {
        return new WhoGate(Set.of(standings), 0, List.of(), List.of(), List.of());
    }

    public static Wiring wiring(Cue... cues) {
        return new Wiring(House.PLAIN, List.of(BENCH), List.of(cues), List.of(MAIN), SHELF);
    }

    public static CueBook book(Cue... cues) {
        return new CueBook(wiring(cues));
    }
}

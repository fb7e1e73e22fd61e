package org.waxbell.engine;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.waxbell.Samples;
import org.waxbell.booking.BusyRule;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.cue.EventPull;
import org.waxbell.cue.HeldAnswer;
import org.waxbell.cue.PhrasePull;
import org.waxbell.cue.Pull;
import org.waxbell.cue.Rack;
import org.waxbell.cue.Take;
import org.waxbell.cue.Urgency;
import org.waxbell.directive.Directive;
import org.waxbell.directive.EndPart;
import org.waxbell.directive.SayInChat;
import org.waxbell.directive.ShowCard;
import org.waxbell.event.ChannelEvent;
import org.waxbell.event.EventFields;
import org.waxbell.event.EventSamples;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.Gate;
import org.waxbell.score.Anchor;
import org.waxbell.score.Part;
import org.waxbell.score.Score;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.Wiring;

/**
 * Situations that a broadcaster meets, each a script and the journal that was read and found right. A line of a script is
 * the moment in milliseconds, then who writes what, or one of the words {@code !hush}, {@code !restart}, {@code !rack on|off},
 * {@code !failed PART}, {@code !event KIND VIEWER NUMBER=VALUE}.
 */
class GoldenEveningTest {
    private static final long LEAD = 60;
    private final List<String> journal = new ArrayList<>();
    private boolean rackOn = true;
    private BusyRule rule = new BusyRule.Wait(4, 9_000);
    private Engine engine = new Engine(book(), EngineState.fresh(11), LEAD);

    private static Cue cue(String id, Urgency urgency, Pull pull, List<Gate> gates, List<HeldAnswer> held, Part... parts) {
        String name = Character.toUpperCase(id.charAt(0)) + id.substring(1);
        return new Cue(1, id, name, "bench", true, List.of(pull), gates, held, List.of(new Take("main", new Score(List.of(parts)))), urgency, 60_000);
    }

    private CueBook book() {
        Pull gift = new EventPull("gift", Map.of("giftWorth", 50L), Map.of());
        Cue[] cues = {
            cue("pour", Urgency.USUAL, new ChatWordPull(List.of("!pour")), List.of(new CooldownGate(5_000, 0)),
                    List.of(new HeldAnswer("cooldown", "{viewer}: {reason}")), Samples.card("card", new Anchor.At(0), 3_000),
                    Samples.reply("thanks", new Anchor.After("card", 0))),
            cue("wave", Urgency.USUAL, new ChatWordPull(List.of("!wave")), List.of(), List.of(), Samples.card("card", new Anchor.At(0), 2_000)),
            cue("gift", Urgency.URGENT, gift, List.of(), List.of(), Samples.card("card", new Anchor.At(0), 4_000)),
            cue("greet", Urgency.CALM, new PhrasePull(List.of("good evening"), true), List.of(new CooldownGate(0, 60_000)), List.of(),
                    Samples.reply("hello", new Anchor.At(0))),
        };
        return new CueBook(new Wiring(List.of(new Rack(1, "bench", "At the bench", rackOn)), List.of(cues), List.of(Samples.stage(rule)), Samples.SHELF));
    }

    @ParameterizedTest
    @ValueSource(strings = {"flood-of-one-word", "two-gifts-at-once", "urgent-among-waiting", "hush-in-mid-score", "rack-off-while-it-runs",
        "restart-in-mid-card", "restart-among-waiting", "a-page-that-fails", "taken-over", "given-way", "greeted-once"})
    void goesAsWritten(String name) throws IOException {
        for (String line : read(name + ".script").lines().toList()) {
            if (line.startsWith("# rule ")) {
                rule = line.endsWith("takeOver") ? new BusyRule.TakeOver(4, 9_000) : new BusyRule.GiveWay();
                engine = new Engine(book(), EngineState.fresh(11), LEAD);
            } else if (!line.isBlank() && !line.startsWith("#")) {
                play(Long.parseLong(line.substring(0, line.indexOf(' '))), line.substring(line.indexOf(' ') + 1));
            }
        }
        write(engine.wake(600_000));
        assertThat(String.join("\n", journal)).isEqualToIgnoringNewLines(read(name + ".journal").stripTrailing());
    }

    private void play(long at, String what) {
        String[] words = what.split(" ");
        if (!words[0].equals("!restart")) {
            write(engine.wake(at));
        }
        switch (words[0]) {
            case "!hush" -> write(engine.hush(at));
            case "!restart" -> {
                engine = new Engine(book(), engine.save(), LEAD);
                write(engine.resume(at));
            }
            case "!rack" -> {
                rackOn = words[1].equals("on");
                write(engine.rewire(at, book()));
            }
            case "!failed" -> write(engine.completed(at, words[1], Completion.failed("it may not sound")));
            case "!event" -> write(engine.accept(at, event(words)));
            default -> write(engine.accept(at, Samples.line(viewer(words[0]), what.substring(words[0].length() + 1))));
        }
    }

    private static ChannelEvent event(String[] words) {
        String[] number = words[3].split("=");
        return EventSamples.of(words[1]).orElseThrow().with(new EventFields("practice", viewer(words[2]),
                Map.of(number[0], Long.parseLong(number[1])), Map.of()));
    }

    private static Viewer viewer(String name) {
        return new Viewer("practice:" + name, name, Set.of(Standing.FOLLOWER), 0);
    }

    private void write(Outcome outcome) {
        outcome.decisions().forEach(each -> add(each.at(), each.event().sentence() + " → " + each.sentence()));
        outcome.directives().forEach(each -> add(each.meantFor(), brief(each)));
        for (Change change : outcome.changes()) {
            if (change instanceof Change.RingMoved moved && !moved.ring().state().isActive()) {
                Ring ring = moved.ring();
                StringBuilder text = new StringBuilder("ring " + ring.number() + " " + ring.cueName() + " is " + ring.state());
                ring.parts().forEach(run -> text.append(", ").append(run.part().id()).append(' ').append(run.state()));
                add(ring.start(), text + (ring.note().isEmpty() ? "" : ": " + ring.note()));
            }
        }
    }

    private static String brief(Directive directive) {
        if (directive instanceof ShowCard card) {
            return card.partRun() + " shows " + card.title() + " for " + card.lengthMs();
        }
        if (directive instanceof SayInChat say) {
            return say.partRun() + " says " + say.text();
        }
        return directive instanceof EndPart end ? end.partRun() + " ends early" : "hush";
    }

    private void add(long at, String text) {
        journal.add(String.format("%7d  %s", at, text));
    }

    private static String read(String name) throws IOException {
        try (InputStream in = Objects.requireNonNull(GoldenEveningTest.class.getResourceAsStream("/golden/" + name), name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}

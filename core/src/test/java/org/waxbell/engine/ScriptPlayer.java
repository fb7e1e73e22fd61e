package org.waxbell.engine;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.booking.BusyRule;
import org.waxbell.directive.Directive;
import org.waxbell.directive.EndPart;
import org.waxbell.directive.MakeClip;
import org.waxbell.directive.PlaySound;
import org.waxbell.directive.Quieten;
import org.waxbell.directive.SayInChat;
import org.waxbell.directive.SetTarget;
import org.waxbell.directive.ShowCard;
import org.waxbell.event.DeskFacts;
import org.waxbell.event.EventFields;
import org.waxbell.event.Facts;
import org.waxbell.event.PrivateLine;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Standing;
import org.waxbell.event.Target;
import org.waxbell.event.Viewer;
import org.waxbell.points.LedgerEntry;
import org.waxbell.tally.Tally;
import org.waxbell.wiring.CueBook;

/**
 * Plays a script of an evening and writes its journal. A line of a script is the moment in milliseconds, then who writes what,
 * or one of the words {@code !hush}, {@code !restart}, {@code !rack on|off}, {@code !failed PART WHY}, {@code !done PART NAME=VALUE},
 * {@code !measured PART MS}, {@code !event KIND VIEWER NAME=VALUE}, {@code !show open|close}, {@code !air on|off},
 * {@code !scene|!lamp NAME VALUE hand|report}, {@code !hand CUE}, {@code !web HOOK TEXT}, {@code !private VIEWER TEXT}, {@code !wheel NAME RESULT}.
 */
final class ScriptPlayer {
    private final Wires wires;
    private final boolean restless;
    private final List<String> journal = new ArrayList<>();
    private final List<LedgerEntry> entries = new ArrayList<>();
    private String lamp = "";
    private int told;
    private int toldInVain;
    private boolean rackOn = true;
    private BusyRule rule = new BusyRule.Wait(4, 9_000);
    private Engine engine;

    /** The wiring of a script, with the rule of the lower third and the switch of the rack. */
    interface Wires {
        CueBook book(BusyRule rule, boolean rackOn);

        default Engine engine(CueBook book, EngineState state) {
            return Samples.engine(book, state);
        }
    }

    /** @param restless whether the engine is saved and restored before every line */
    ScriptPlayer(Wires wires, boolean restless) {
        this.wires = wires;
        this.restless = restless;
        this.engine = wires.engine(book(), EngineState.fresh(11));
    }

    private CueBook book() {
        return wires.book(rule, rackOn);
    }

    String play(String script) {
        for (String line : script.lines().toList()) {
            if (line.startsWith("# rule ")) {
                rule = line.endsWith("takeOver") ? new BusyRule.TakeOver(4, 9_000) : new BusyRule.GiveWay();
                engine = wires.engine(book(), EngineState.fresh(11));
            } else if (!line.isBlank() && !line.startsWith("#")) {
                play(Long.parseLong(line.substring(0, line.indexOf(' '))), line.substring(line.indexOf(' ') + 1));
            }
        }
        write(engine.wake(600_000));
        return String.join("\n", journal);
    }

    private void play(long at, String what) {
        if (restless) {
            engine = wires.engine(book(), engine.save());
        }
        String[] words = what.split(" ");
        String rest = words.length > 2 ? String.join(" ", Arrays.copyOfRange(words, 2, words.length)) : "";
        if (!words[0].equals("!restart")) {
            write(engine.wake(at));
        }
        lamp = words[0].equals("!lamp") ? words[2] : lamp;
        switch (words[0]) {
            case "!hush" -> write(engine.hush(at, Actor.HOST));
            case "!restart" -> {
                engine = wires.engine(book(), engine.save());
                write(engine.resume(at));
            }
            case "!rack" -> {
                rackOn = words[1].equals("on");
                write(engine.rewire(at, book()));
            }
            case "!failed" ->
                write(engine.completed(at, words[1], Completion.failed(rest.isEmpty() ? "it may not sound" : rest)));
            case "!done" -> write(engine.completed(at, words[1], Completion.ended(fields(words, 2))));
            case "!measured" -> write(engine.completed(at, words[1], Completion.measured(Long.parseLong(words[2]))));
            default -> write(engine.accept(at, event(what, words, rest)));
        }
    }

    private static ShowEvent event(String what, String[] words, String rest) {
        return switch (words[0]) {
            case "!event" -> {
                Map<String, Long> numbers = new TreeMap<>();
                Map<String, String> texts = fields(words, 3);
                texts.forEach((name, value) -> {
                    if (value.matches("\\d+")) {
                        numbers.put(name, Long.parseLong(value));
                    }
                });
                yield Facts.kind(words[1])
                        .orElseThrow()
                        .sample()
                        .with(new EventFields("practice", viewer(words[2]), numbers, texts));
            }
            case "!show" -> Facts.show(Actor.HOST, words[1].equals("open"));
            case "!air" -> Facts.air(Actor.HOST, words[1].equals("on"));
            case "!scene" ->
                Facts.switched(
                        words[2].equals("hand") ? Actor.MIXER : Actor.link("mixer"),
                        new Target(Target.Kind.SCENE, ""),
                        words[1]);
            case "!lamp" ->
                Facts.switched(
                        words[3].equals("hand") ? Actor.MIXER : Actor.link("mixer"),
                        new Target(Target.Kind.LAMP, words[1]),
                        words[2]);
            case "!hand" -> Facts.HAND.by(Actor.HOST, words[1], "a button");
            case "!web" -> Facts.WEB_CALLED.by(Actor.WEB, words[1], rest, Map.of());
            case "!private" -> new PrivateLine("practice", viewer(words[1]), rest);
            case "!wheel" -> DeskFacts.WHEEL_STOPPED.by(Actor.PROGRAM, words[1], rest);
            default -> Samples.line(viewer(words[0]), what.substring(words[0].length() + 1));
        };
    }

    private static Map<String, String> fields(String[] words, int from) {
        Map<String, String> fields = new TreeMap<>();
        for (int i = from; i < words.length; i++) {
            fields.put(words[i].substring(0, words[i].indexOf('=')), words[i].substring(words[i].indexOf('=') + 1));
        }
        return fields;
    }

    private static Viewer viewer(String name) {
        return new Viewer(
                "practice:" + name,
                name,
                Set.of(name.equals("captain_sedge") ? Standing.MODERATOR : Standing.FOLLOWER),
                0);
    }

    Engine engine() {
        return engine;
    }

    /** Every entry of the ledger so far. */
    List<LedgerEntry> entries() {
        return entries;
    }

    /** What the lamp was told last, or what a person set it to. */
    String lamp() {
        return lamp;
    }

    /** How often the lamp was told anything. */
    int told() {
        return told;
    }

    /** How often it was told what it stood at already. */
    int toldInVain() {
        return toldInVain;
    }

    private void note(Outcome outcome) {
        outcome.now(Books.ENTRIES).forEach(entries::add);
        outcome.directives().forEach(each -> {
            if (each instanceof SetTarget set && set.target().kind() == Target.Kind.LAMP) {
                told++;
                toldInVain += set.value().equals(lamp) ? 1 : 0;
                lamp = set.value();
            }
        });
    }

    private void write(Outcome outcome) {
        note(outcome);
        outcome.decisions().forEach(each -> add(each.at(), each.event().sentence() + " → " + each.sentence()));
        outcome.directives().forEach(each -> add(each.meantFor(), brief(each)));
        for (Ring ring : outcome.now(Books.RINGS)) {
            if (!ring.state().isActive()) {
                StringBuilder text =
                        new StringBuilder("ring " + ring.number() + " " + ring.cueName() + " is " + ring.state());
                ring.parts()
                        .forEach(run -> text.append(", ")
                                .append(run.part().id())
                                .append(run.spare() ? "~ " : " ")
                                .append(run.state())
                                .append(
                                        run.note().isEmpty()
                                                        || run.state() != PartState.FAILED
                                                                && run.state() != PartState.CUT
                                                ? ""
                                                : " (" + run.note() + ")"));
                add(ring.start(), text + (ring.note().isEmpty() ? "" : ": " + ring.note()));
            }
        }
        // What the program counts by itself has a test of its own; here it would stand below every event.
        Kept.steps(outcome).stream()
                .filter(step -> Tally.VALUES.stream().noneMatch(each -> step.contains("value=" + each.id() + ",")))
                .filter(step -> step.startsWith("entry") || step.startsWith("slate") || step.startsWith("released"))
                .forEach(step -> journal.add("         " + step.replaceAll("LedgerEntry|SlateEntry", "")));
    }

    private static String brief(Directive directive) {
        if (directive instanceof ShowCard card) {
            return card.partRun() + " shows " + card.title() + " for " + card.lengthMs();
        }
        if (directive instanceof SayInChat say) {
            return say.partRun() + " says " + say.text() + (say.to().isEmpty() ? "" : " to " + say.to() + " alone");
        }
        if (directive instanceof SetTarget set) {
            return set.partRun() + " sets " + set.target().inWords() + " to " + set.value();
        }
        if (directive instanceof MakeClip clip) {
            return clip.partRun() + " makes a clip of " + clip.seconds() + " s: " + clip.title();
        }
        if (directive instanceof PlaySound sound) {
            return sound.partRun() + " sounds for " + sound.lengthMs();
        }
        if (directive instanceof Quieten quieten) {
            return quieten.partRun() + " quietens to " + quieten.percent();
        }
        return directive instanceof EndPart end ? end.partRun() + " ends early" : "hush";
    }

    private void add(long at, String text) {
        journal.add(String.format("%7d  %s", at, text));
    }

    static String read(String name) throws IOException {
        try (InputStream in = Objects.requireNonNull(ScriptPlayer.class.getResourceAsStream("/golden/" + name), name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}

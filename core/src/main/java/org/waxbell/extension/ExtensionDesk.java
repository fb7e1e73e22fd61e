package org.waxbell.extension;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.waxbell.cue.Cue;
import org.waxbell.desk.Answer;
import org.waxbell.desk.Ask;
import org.waxbell.desk.ChatWords;
import org.waxbell.desk.Desk;
import org.waxbell.desk.DeskReport;
import org.waxbell.directive.RunScript;
import org.waxbell.event.ChatLine;
import org.waxbell.event.DeskFacts;
import org.waxbell.event.Fact;
import org.waxbell.event.FactKind;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Viewer;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.Gate;
import org.waxbell.gate.Surroundings;
import org.waxbell.state.Book;
import org.waxbell.state.Change;
import org.waxbell.state.Memory;

/**
 * Hands scripts what they hear and what they are asked for, one call after another, and does what they want as far as they were let: what
 * comes of it are facts and points like any other desk's. The code itself is run by an adapter, outside the engine.
 */
public final class ExtensionDesk implements Desk<Extension, ExtensionState> {
    /** In a report of failure: a bound was broken, and the script is to be run no more. */
    public static final String HALTED = "halted";

    /** Whoever plays may do so at once, and again soon. */
    private static final Gate OFTEN = new CooldownGate(0, 3_000);

    /** What it is tried with begins so where an act of it is. */
    static final String ASKED = Call.ASKED + "/";

    private static final Book<ExtensionStore> STORES = new Book<>(Extension.DESK, ExtensionStore.class);
    /** What has not come back by then never will, in milliseconds. */
    private static final long LOST = 15_000;

    @Override
    public String title() {
        return "Extensions";
    }

    @Override
    public Class<Extension> documents() {
        return Extension.class;
    }

    @Override
    public Book<?> book() {
        return STORES;
    }

    @Override
    public ExtensionState restored(String about, Memory memory) {
        return ExtensionState.of(memory.get(STORES, about).orElseThrow());
    }

    @Override
    public List<Change> kept(String about, ExtensionState now) {
        return List.of(STORES.put(about, now.store()));
    }

    @Override
    public List<Change> changes(String about, ExtensionState before, ExtensionState after) {
        return before.store().equals(after.store()) ? List.of() : kept(about, after);
    }

    @Override
    public ExtensionState fresh(Extension extension) {
        return ExtensionState.of(ExtensionStore.NONE);
    }

    private static String whyNot(Extension extension, ExtensionState now) {
        if (!extension.missing().isEmpty()) {
            return "it waits until you have agreed to what it asks for";
        }
        if (!extension.on()) {
            return "it is off";
        }
        return now.store().isHalted(extension.code()) ? now.store().halted() : "";
    }

    @Override
    public Answer<ExtensionState> ask(Extension extension, ExtensionState now, Ask ask, Surroundings evening) {
        if (ask.act().name().equals(Extension.GO_ON)) {
            return Answer.done(now.with(now.store().goesOn()), "on", extension.name() + " goes on.", Map.of());
        }
        String why = whyNot(extension, now);
        if (!why.isEmpty()) {
            return Answer.refused(now, "off", extension.name() + ": " + why + ".");
        }
        Map<String, Object> event = asked(ask.act().name(), ask.text(Extension.TEXT));
        tellWho(extension, ask.viewer(), event, evening);
        Call call = new Call(
                Call.ASKED,
                event,
                ask.act().title()
                        + ask.viewer().map(viewer -> ", for " + viewer.name()).orElse(""),
                ask.viewer(),
                ask.link().orElse(""));
        ExtensionState next = now.waiting(call);
        return next.lost() > now.lost()
                ? Answer.refused(next, "busy", extension.name() + " is still busy with what came before.")
                : next(
                        extension,
                        next,
                        ask.at(),
                        Answer.done(
                                next,
                                "asked",
                                extension.name() + ": " + ask.act().title() + ".",
                                Map.of()));
    }

    @Override
    public boolean hears(Extension extension, ShowEvent event) {
        return extension.wants(event) || event instanceof Fact fact && fact.is(Facts.HUSH);
    }

    @Override
    public Answer<ExtensionState> hear(
            Extension extension, ExtensionState now, long at, ShowEvent event, Surroundings evening) {
        if (event instanceof Fact fact && fact.is(Facts.HUSH)) {
            return Answer.becomes(now.quiet());
        }
        if (!whyNot(extension, now).isEmpty()) {
            return Answer.nothing(now);
        }
        Map<String, Object> told = heard(event);
        tellWho(extension, event.by(), told, evening);
        String says = extension.may(Permission.PEOPLE) ? event.sentence() : event.kind();
        ExtensionState next = now.waiting(
                new Call(Call.HEARD, told, says, event.by(), event.link().orElse("")));
        return next(extension, next, at, lost(extension, now, next, says));
    }

    /** That too much waits is told once. */
    private static Answer<ExtensionState> lost(
            Extension extension, ExtensionState now, ExtensionState next, String says) {
        return next.lost() == 1 && now.lost() == 0
                ? Answer.becomes(next)
                        .telling(List.of(DeskFacts.EXTENSION_FAILED.by(
                                Did.actor(extension),
                                extension.name(),
                                says,
                                "it is slower than the evening, and what comes now is lost on it")))
                : Answer.becomes(next);
    }

    /** A call with a made-up event, as if it had been agreed to all. @param event something that it hears, or {@code asked/} and an act; empty where that is neither @param now milliseconds since 1970 UTC */
    public static Optional<RunScript> sample(Extension extension, String event, String text, long now) {
        boolean asked = event.startsWith(ASKED);
        String act = asked ? event.substring(ASKED.length()) : "";
        if (!extension.tries().containsKey(event)) {
            return Optional.empty();
        }
        ChatLine line = Facts.chat();
        ShowEvent made = Facts.kind(event)
                .<ShowEvent>map(FactKind::sample)
                .orElseGet(() -> text.isEmpty() ? line : new ChatLine(line.from(), line.viewer(), text));
        Map<String, Object> told = asked ? asked(act, text) : heard(made);
        (asked ? Optional.of(line.viewer()) : made.by()).ifPresent(viewer -> tell(viewer, told, 0));
        Call call = new Call(asked ? Call.ASKED : Call.HEARD, told, "a try", Optional.empty(), "");
        return Optional.of(
                Did.running(extension, ExtensionStore.NONE, call, "try", now).drawn(now));
    }

    private static Map<String, Object> asked(String act, String text) {
        return new HashMap<>(Map.of("kind", Call.ASKED, "act", act, Extension.TEXT, text));
    }

    private static Map<String, Object> heard(ShowEvent event) {
        Map<String, Object> told = new HashMap<>(event.values());
        told.putAll(event.numbers());
        told.put("kind", event instanceof ChatLine ? Extension.LINES : event.kind());
        told.putIfAbsent(Extension.TEXT, event instanceof ChatLine line ? line.text() : "");
        return told;
    }

    private static void tellWho(
            Extension extension, Optional<Viewer> by, Map<String, Object> event, Surroundings evening) {
        if (extension.may(Permission.PEOPLE)) {
            by.ifPresent(viewer -> tell(viewer, event, evening.canSpend(viewer.id())));
        } else {
            by.ifPresent(viewer -> event.put("viewer", "somebody"));
        }
    }

    private static void tell(Viewer viewer, Map<String, Object> event, long points) {
        event.put("viewer", viewer.name());
        event.put("person", viewer.id());
        event.put("standing", viewer.nearest().name().toLowerCase(Locale.ROOT));
        event.put("months", (long) viewer.months());
        event.put("points", points);
    }

    /** Lets the next call go, where none runs. */
    private static Answer<ExtensionState> next(
            Extension extension, ExtensionState now, long at, Answer<ExtensionState> answer) {
        if (now.running().isPresent() || now.waiting().isEmpty()) {
            return answer.becoming(now);
        }
        Call call = now.waiting().get(0);
        String run = DeskReport.run(extension.id(), Long.toString(at));
        return answer.becoming(now.runs(run, at))
                .directing(Did.more(answer.directives(), Did.running(extension, now.store(), call, run, at)));
    }

    @Override
    public long nextWake(Extension extension, ExtensionState now) {
        return now.running().map(running -> running.since() + LOST).orElse(Long.MAX_VALUE);
    }

    @Override
    public Answer<ExtensionState> wake(Extension extension, ExtensionState now, long at, Surroundings evening) {
        return now.running()
                .map(running -> failed(extension, now.over(), at, running, "it did not come back"))
                .orElseGet(() -> Answer.nothing(now));
    }

    @Override
    public Answer<ExtensionState> reported(
            Extension extension, ExtensionState now, long at, DeskReport report, Surroundings evening) {
        if (now.calls().containsKey(report.run())) {
            return answered(extension, now, at, report);
        }
        ExtensionState.Running running =
                now.running().filter(each -> each.run().equals(report.run())).orElse(null);
        if (running == null) {
            return Answer.nothing(now);
        }
        if (report.results().containsKey(HALTED)) {
            ExtensionStore store = now.store().halted(report.failure(), extension.code());
            return telling(extension, now.over().quiet().with(store), running, report.failure());
        }
        if (!report.failure().isEmpty()) {
            return failed(extension, now.over(), at, running, report.failure());
        }
        Answer<ExtensionState> did =
                new Did(extension, running.call(), at, evening.home()).all(now.over(), Wish.read(report.results()));
        return next(extension, did.next(), at, did);
    }

    private static Answer<ExtensionState> failed(
            Extension extension, ExtensionState now, long at, ExtensionState.Running running, String why) {
        return next(extension, now, at, telling(extension, now, running, why));
    }

    private static Answer<ExtensionState> telling(
            Extension extension, ExtensionState now, ExtensionState.Running running, String why) {
        return Answer.becomes(now)
                .telling(List.of(DeskFacts.EXTENSION_FAILED.by(
                        Did.actor(extension), extension.name(), running.call().says(), why)));
    }

    private static Answer<ExtensionState> answered(
            Extension extension, ExtensionState now, long at, DeskReport report) {
        String tag = Objects.requireNonNull(now.calls().get(report.run()));
        Map<String, Object> event = new HashMap<>(report.results());
        event.put("kind", Call.ANSWERED);
        event.put("tag", tag);
        event.put("failure", report.failure());
        Call call = new Call(Call.ANSWERED, event, "the answer to its call " + tag, Optional.empty(), "");
        ExtensionState next = now.answered(report.run()).waiting(call);
        return next(extension, next, at, Answer.becomes(next));
    }

    @Override
    public ExtensionBoard board(Extension extension, ExtensionState now, long at) {
        String why = whyNot(extension, now);
        return new ExtensionBoard(
                why.isEmpty(),
                why,
                now.store().isHalted(extension.code()),
                now.store().size(),
                ExtensionStore.MOST,
                extension.missing());
    }

    @Override
    public String brief(Extension extension, ExtensionState now, long at) {
        String why = whyNot(extension, now);
        return why.isEmpty() ? "runs" : why;
    }

    @Override
    public List<Cue> starters(Extension extension, String about, String rack) {
        ChatWords words = new ChatWords(extension, about, rack);
        return extension.offers().stream()
                .filter(each -> !each.word().isEmpty())
                .map(each -> words.called(
                        each.word(),
                        each.title(),
                        List.of(OFTEN),
                        words.asking(each.name(), Map.of(Extension.TEXT, "{argument}"))))
                .toList();
    }
}

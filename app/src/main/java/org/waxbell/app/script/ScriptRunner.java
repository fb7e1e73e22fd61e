package org.waxbell.app.script;

import jakarta.annotation.PreDestroy;
import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Component;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.inbox.Carriers;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.json.Refused;
import org.waxbell.app.script.ScriptCall.Came;
import org.waxbell.desk.DeskReport;
import org.waxbell.directive.RunScript;
import org.waxbell.engine.Completion;
import org.waxbell.extension.Extension;
import org.waxbell.extension.ExtensionDesk;
import org.waxbell.port.Carrier;

/** Runs what extensions do, and tells the engine what they want. */
@Component
public class ScriptRunner implements Carriers {
    private final ScriptHost host = new ScriptHost("scripts");
    private final Inbox inbox;
    private final ScriptLog log;
    private final SystemClock clock;

    ScriptRunner(Inbox inbox, ScriptLog log, SystemClock clock) {
        this.clock = clock;
        this.inbox = inbox;
        this.log = log;
    }

    @Override
    public List<Carrier<?>> carriers() {
        return List.of(Carrier.of(RunScript.class, this::run));
    }

    private void run(RunScript run) {
        host.call(run).thenAccept(came -> {
            note(run, came);
            DeskReport report = Scripted.report(run.partRun(), came);
            inbox.completed(
                    run.partRun(),
                    report.failure().isEmpty()
                            ? Completion.ended(report.results())
                            : Completion.failed(report.failure(), report.results()));
        });
    }

    private void note(RunScript run, Came came) {
        String heard = run.function() + " "
                + Objects.requireNonNullElse(run.event().get("act"), run.event().getOrDefault("kind", ""))
                + (run.event().containsKey("viewer") ? ", " + run.event().get("viewer") : "")
                + (String.valueOf(run.event().getOrDefault("text", "")).isEmpty()
                        ? ""
                        : ": " + run.event().get("text"));
        log.took(run.extension(), came.micros());
        came.log()
                .forEach(
                        each -> log.add(run.extension(), new ScriptLog.ScriptLine(run.meantFor(), false, each, heard)));
        if (!came.failure().isEmpty()) {
            log.add(run.extension(), new ScriptLog.ScriptLine(run.meantFor(), true, came.failure(), heard));
        }
    }

    /** Why code cannot be read, with the line; empty text where it can. It takes a moment. */
    public String faultOf(String code) {
        return host.faultOf(code);
    }

    /** Runs an extension with a made-up event, apart from what it keeps; nothing of what it wants is done. @param event something that it hears, or {@code asked/} and an act */
    public ScriptTry tryOut(Extension extension, String event, String text) {
        RunScript run = ExtensionDesk.sample(extension, event, text, clock.now())
                .orElseThrow(() -> new Refused(
                        "event", event, "It hears nothing of that name.", "Choose one of those that it hears."));
        Came came = host.call(run).join();
        return new ScriptTry(
                came.failure(), came.wishes().stream().map(ScriptTry::sentence).toList(), came.log());
    }

    /** Ends it all. */
    @PreDestroy
    public void close() {
        host.close();
    }
}

package org.waxbell.app.rest;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.app.json.Refused;
import org.waxbell.app.live.Notices;
import org.waxbell.app.live.Notices.DecisionNotice;
import org.waxbell.app.rehearse.Rehearsals;
import org.waxbell.app.rehearse.Rehearsals.Wanted;
import org.waxbell.app.rehearse.ScriptFormat;
import org.waxbell.app.rehearse.Scripts;
import org.waxbell.journal.CueAnswer;
import org.waxbell.journal.Decision;
import org.waxbell.rehearsal.Comparison;
import org.waxbell.rehearsal.Report;
import org.waxbell.rehearsal.Script;

/** Scripts and rehearsals. */
@RestController
@RequestMapping("/api")
class RehearseController {
    /** How many of the busiest minutes are told. */
    private static final int BUSIEST = 3;

    private static final int SPANS = 240;
    private final Notices notices;
    private final Rehearsals rehearsals;
    private final Scripts scripts;
    private final ScriptFormat format;

    RehearseController(Rehearsals rehearsals, Scripts scripts, ScriptFormat format, Notices notices) {
        this.notices = notices;
        this.rehearsals = rehearsals;
        this.scripts = scripts;
        this.format = format;
    }

    /** A script that was kept. */
    record KeptScript(String id) {}

    /** A made-up evening to be kept as a script. */
    record KeepMadeUp(String name, Rehearsals.MadeUp madeUp) {}

    /** A pull that a gate held. @param at milliseconds since 1970 UTC or from the script's own start */
    record HeldMark(long at, long decision, String cueId, String cueName, String gate) {}

    /** What came of one wiring. */
    record EveningView(
            List<Report.CueTally> cues,
            List<Report.PlaceTally> places,
            List<Report.PlayedRing> rings,
            List<HeldMark> held,
            List<Report.Pair> together,
            long pointsIn,
            long pointsOut,
            List<Report.DeskTally> desks) {}

    /**
     * What came of a rehearsal.
     *
     * @param to      the moment of the last step that was played; what still played then goes on after it
     * @param busiest the minutes in which most rang, the busiest first
     * @param lines   lines of chat in equal spans of the time up to it
     * @param against what came of the second wiring, null for none
     * @param differs what differs between the two, null for none
     */
    record ReportView(
            long from,
            long to,
            int steps,
            int[] lines,
            String summary,
            List<Script.BusyMinute> busiest,
            EveningView evening,
            @Nullable EveningView against,
            @Nullable Comparison differs) {}

    @GetMapping("/scripts")
    List<Scripts.Listed> scripts() {
        return scripts.all();
    }

    @GetMapping("/scripts/{id}")
    ResponseEntity<String> script(@PathVariable String id) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"script.jsonl\"")
                .header(HttpHeaders.CONTENT_TYPE, "application/jsonl;charset=UTF-8")
                .body(format.write(scripts.get(id)));
    }

    /** Keeps the script in the body: JSON Lines of ours, or a log of an IRC channel. */
    @PostMapping(value = "/scripts", consumes = "application/octet-stream")
    KeptScript bring(@RequestParam String name, @RequestBody byte[] body) {
        return new KeptScript(scripts.keep(name, format.read(body)));
    }

    @PostMapping("/scripts/made-up")
    KeptScript keep(@RequestBody KeepMadeUp keep) {
        return new KeptScript(scripts.keep(keep.name(), rehearsals.script(new Wanted("", keep.madeUp(), "now", ""))));
    }

    @DeleteMapping("/scripts/{id}")
    List<Scripts.Listed> delete(@PathVariable String id) {
        scripts.delete(id);
        return scripts.all();
    }

    @PostMapping("/rehearsals")
    Rehearsals.Standing start(@RequestBody Wanted wanted) {
        return rehearsals.start(wanted);
    }

    @GetMapping("/rehearsals/{id}")
    Rehearsals.Standing standing(@PathVariable long id) {
        return rehearsals.standing(id);
    }

    @DeleteMapping("/rehearsals/{id}")
    Rehearsals.Standing cancel(@PathVariable long id) {
        return rehearsals.cancel(id);
    }

    @GetMapping("/rehearsals/{id}/report")
    ReportView report(@PathVariable long id) {
        Rehearsals.Result result = rehearsals.result(id);
        Report first = result.report();
        Report second = result.against();
        long to = Math.max(first.to(), second == null ? 0 : second.to());
        return new ReportView(
                result.script().from(),
                to,
                first.steps(),
                result.script().lines(SPANS, to),
                first.summary(),
                result.script().busiest(first, BUSIEST),
                view(first),
                second == null ? null : view(second),
                second == null ? null : Comparison.of(second, first));
    }

    /** Why something was decided. @param against in the second wiring */
    @GetMapping("/rehearsals/{id}/decisions/{number}")
    DecisionNotice decision(
            @PathVariable long id, @PathVariable long number, @RequestParam(defaultValue = "false") boolean against) {
        Rehearsals.Result result = rehearsals.result(id);
        Report report = against ? Optional.ofNullable(result.against()).orElse(result.report()) : result.report();
        return report.decisions().stream()
                .filter(each -> each.number() == number)
                .findFirst()
                .map(notices::of)
                .orElseThrow(() -> new Refused(
                        "number",
                        String.valueOf(number),
                        "There is no such decision in it.",
                        "Choose a ring or a held pull."));
    }

    private static EveningView view(Report report) {
        List<HeldMark> held = new ArrayList<>();
        for (Decision decision : report.decisions()) {
            for (CueAnswer answer : decision.cues()) {
                if (answer.held()) {
                    held.add(new HeldMark(
                            decision.at(),
                            decision.number(),
                            answer.cueId(),
                            answer.cueName(),
                            answer.gates().get(answer.gates().size() - 1).gate()));
                }
            }
        }
        return new EveningView(
                report.cues(),
                report.places(),
                report.rings(),
                held,
                report.together(),
                report.pointsIn(),
                report.pointsOut(),
                report.desks());
    }
}

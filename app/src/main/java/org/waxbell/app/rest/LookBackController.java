package org.waxbell.app.rest;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Refused;
import org.waxbell.app.live.JournalPages;
import org.waxbell.app.live.Notices.DecisionNotice;
import org.waxbell.app.lookback.Keeping;
import org.waxbell.app.lookback.LookBack;
import org.waxbell.app.lookback.LookBack.Span;
import org.waxbell.app.store.Journal;
import org.waxbell.app.store.LookBackMapper;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.cue.Cue;
import org.waxbell.desk.Csv;
import org.waxbell.lookback.Advice;
import org.waxbell.lookback.ShowSummary;

/** Shows that were: what each came to, what one asks of it, and the same carried out. */
@RestController
@RequestMapping("/api/lookback")
class LookBackController {
    private static final int MOST_FRESH = 200;
    private static final int PAGE = 60;
    private final LookBack lookBack;
    private final LookBackMapper mapper;
    private final JournalPages pages;
    private final Journal journal;
    private final Keeping keeping;
    private final WiringStore wiring;
    private final Documents json;

    LookBackController(
            LookBack lookBack,
            LookBackMapper mapper,
            JournalPages pages,
            Journal journal,
            Keeping keeping,
            WiringStore wiring,
            Documents json) {
        this.lookBack = lookBack;
        this.mapper = mapper;
        this.pages = pages;
        this.journal = journal;
        this.keeping = keeping;
        this.wiring = wiring;
        this.json = json;
    }

    /** For how many months what was said is kept, 0 for ever. */
    record Kept(int months) {}

    @GetMapping("/keeping")
    Kept keeping() {
        return new Kept(keeping.months());
    }

    @PutMapping("/keeping")
    Kept keep(@RequestBody Kept asked) {
        keeping.keep(asked.months());
        lookBack.tidySoon();
        return keeping();
    }

    /** A show in the list. @param from milliseconds since 1970 UTC @param to likewise, now where it is open */
    record ShowListed(int show, long from, long to, boolean open) {}

    @GetMapping
    List<ShowListed> shows() {
        return lookBack.shows().stream()
                .map(each -> new ShowListed(each.show(), each.from(), each.to(), each.open()))
                .toList();
    }

    /**
     * A show.
     *
     * @param busiest    the minute with most lines, counted from 0; less than 0 where nobody wrote
     * @param fresh      who was here for the first time, the first of them
     * @param freshCount how many these were in all
     * @param unused     cues of the wiring as it is now that nobody pulled
     * @param advice     what is worth doing
     */
    record ShowSeen(
            ShowSummary summary,
            boolean open,
            int busiest,
            List<String> fresh,
            int freshCount,
            List<UnusedCue> unused,
            List<Advice> advice) {}

    /** A cue that nobody pulled. */
    record UnusedCue(String cue, String name) {}

    @GetMapping("/{show}")
    ShowSeen show(@PathVariable int show) {
        Span span = span(show);
        ShowSummary summary = lookBack.summary(span);
        List<Cue> cues = wiring.current().wiring().cues();
        Set<String> pulled =
                summary.cues().stream().map(ShowSummary.CueSum::cue).collect(Collectors.toSet());
        return new ShowSeen(
                summary,
                span.open(),
                summary.busiest(),
                mapper.fresh(summary.from(), summary.to(), MOST_FRESH),
                mapper.freshCount(summary.from(), summary.to()),
                cues.stream()
                        .filter(each -> each.on() && !pulled.contains(each.id()))
                        .map(each -> new UnusedCue(each.id(), each.name()))
                        .toList(),
                Advice.of(summary, cues, wiring.current().wiring().house().prefix()));
    }

    private Span span(int show) {
        return lookBack.show(show)
                .orElseThrow(() -> new Refused(
                        "show", Integer.toString(show), "There is no such show.", "Choose one that is listed."));
    }

    /** What happened in a show in which words stand, the newest first. @param before the number of a decision from which to go on */
    @GetMapping("/{show}/lines")
    List<DecisionNotice> lines(
            @PathVariable int show,
            @RequestParam(defaultValue = "") String find,
            @RequestParam(defaultValue = "9223372036854775807") long before) {
        Span span = span(show);
        long end = span.closed() == Long.MAX_VALUE ? before : Math.min(before, span.closed() + 1);
        return pages.notices(journal.having(span.opened(), end, find.strip(), PAGE));
    }

    /** The minutes of a show, as comma-separated values (RFC 4180), in UTC. */
    @GetMapping("/{show}/minutes.csv")
    ResponseEntity<byte[]> minutes(@PathVariable int show) {
        ShowSummary summary = lookBack.summary(span(show));
        List<String> lines = new ArrayList<>(List.of("minute,at,lines,rang,held"));
        for (int i = 0; i < summary.minutes().size(); i++) {
            ShowSummary.Minute each = summary.minutes().get(i);
            lines.add(String.join(
                    ",",
                    Integer.toString(i),
                    Csv.time(summary.from() + i * 60_000L),
                    Integer.toString(each.lines()),
                    Integer.toString(each.rang()),
                    Integer.toString(each.held())));
        }
        return Carried.text("show-" + show + "-minutes.csv", "text/csv", String.join("\r\n", lines) + "\r\n");
    }

    /** The cues of a show, likewise. */
    @GetMapping("/{show}/cues.csv")
    ResponseEntity<byte[]> cues(@PathVariable int show) {
        List<String> lines = new ArrayList<>(List.of("cue,name,rang,held,held most by"));
        lookBack.summary(span(show))
                .cues()
                .forEach(each -> lines.add(String.join(
                        ",",
                        Csv.text(each.cue()),
                        Csv.text(each.name()),
                        Integer.toString(each.rang()),
                        Integer.toString(each.held()),
                        each.most())));
        return Carried.text("show-" + show + "-cues.csv", "text/csv", String.join("\r\n", lines) + "\r\n");
    }

    /** All that a show came to. */
    @GetMapping("/{show}/show.json")
    ResponseEntity<byte[]> out(@PathVariable int show) {
        return Carried.text("show-" + show + ".json", "application/json", json.writeOut(lookBack.summary(span(show))));
    }
}

package org.waxbell.app.rest;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.act.Act;
import org.waxbell.act.ActField;
import org.waxbell.act.Asking;
import org.waxbell.act.DeskDocument;
import org.waxbell.act.DeskSheet;
import org.waxbell.actor.Actor;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.json.Refused;
import org.waxbell.app.live.DeskBoards;
import org.waxbell.app.live.Notices;
import org.waxbell.app.live.Notices.DecisionNotice;
import org.waxbell.app.security.Helpers;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.chapter.OrderBoard;
import org.waxbell.check.Problems;
import org.waxbell.clock.ClockBoard;
import org.waxbell.crowd.CrowdBoard;
import org.waxbell.desk.Desk;
import org.waxbell.earning.EarningBoard;
import org.waxbell.event.Facts;
import org.waxbell.extension.ExtensionBoard;
import org.waxbell.game.GameBoard;
import org.waxbell.poll.PollBoard;
import org.waxbell.prize.PrizeBoard;
import org.waxbell.reward.RewardBoard;
import org.waxbell.show.Desks;
import org.waxbell.tasks.TasksBoard;
import org.waxbell.tune.TunesBoard;
import org.waxbell.turns.TurnsBoard;

/** Every desk by one way: what there is, how it stands, and its acts. */
@RestController
@RequestMapping("/api/desks")
class DeskController {
    private final Notices notices;
    private final WiringStore wiring;
    private final DeskBoards boards;
    private final Inbox inbox;
    private final SystemClock clock;
    private final Helpers helpers;

    DeskController(
            WiringStore wiring, DeskBoards boards, Inbox inbox, Notices notices, SystemClock clock, Helpers helpers) {
        this.helpers = helpers;
        this.clock = clock;
        this.notices = notices;
        this.wiring = wiring;
        this.boards = boards;
        this.inbox = inbox;
    }

    /** What one can ask for. @param outcomes what may come of it, as words know it by {@code {outcome}} */
    record ActView(String name, String title, List<ActField> fields, List<String> outcomes) {}

    /**
     * One document that a desk runs.
     *
     * @param about its place, by which it is asked
     * @param brief    how it stands in few words, empty text where there is nothing to say
     * @param standing whether it stands by itself, and not on a stage
     */
    record DeskView(
            String desk, String title, String about, String name, boolean standing, String brief, List<ActView> acts) {}

    /** What is asked for. @param about the place of the document @param with what is said with it, by the keys of the act's fields */
    record Asked(String about, Map<String, String> with) {}

    @GetMapping
    List<DeskView> desks() {
        List<DeskView> all = new ArrayList<>();
        wiring.current()
                .wiring()
                .deskDocuments()
                .forEach((place, document) ->
                        Desks.find(document.desk()).ifPresent(desk -> all.add(view(desk, place, document))));
        return all;
    }

    private <D extends DeskDocument, S> DeskView view(Desk<D, S> desk, String place, DeskDocument document) {
        D own = desk.documents().cast(document);
        return new DeskView(
                desk.name(),
                desk.title(),
                place,
                document.name(),
                document instanceof DeskSheet,
                desk.brief(own, now(desk, place, own), clock.now()),
                document.acts().stream()
                        .map(act -> new ActView(act.name(), act.title(), act.fields(), act.outcomes()))
                        .toList());
    }

    /** How one stands, as its people see it. @param about its place */
    @ApiResponse(
            responseCode = "200",
            content =
                    @Content(
                            schema =
                                    @Schema(
                                            oneOf = {
                                                ClockBoard.class,
                                                OrderBoard.class,
                                                TurnsBoard.class,
                                                TasksBoard.class,
                                                TunesBoard.class,
                                                CrowdBoard.class,
                                                EarningBoard.class,
                                                GameBoard.class,
                                                ExtensionBoard.class,
                                                PollBoard.class,
                                                PrizeBoard.class,
                                                RewardBoard.class
                                            })))
    @GetMapping("/board")
    Object board(@RequestParam String about) {
        DeskDocument document = wiring.current().wiring().deskDocuments().get(about);
        return Desks.find(document == null ? "" : document.desk())
                .map(desk -> board(desk, about, Objects.requireNonNull(document)))
                .orElseThrow(() -> new Refused(
                        "about",
                        about,
                        "Nothing of that name stands there.",
                        "Choose one that is listed under Desks."));
    }

    private <D extends DeskDocument, S> Object board(Desk<D, S> desk, String about, DeskDocument document) {
        D own = desk.documents().cast(document);
        return desk.board(own, now(desk, about, own), clock.now());
    }

    private <D extends DeskDocument, S> S now(Desk<D, S> desk, String about, D document) {
        return boards.now(desk, about, document);
    }

    /** Asks a desk by hand; done with what came of it. */
    @PostMapping("/{desk}/{act}")
    CompletableFuture<DecisionNotice> ask(
            @PathVariable String desk, @PathVariable String act, @RequestBody Asked asked, Actor by) {
        helpers.asking(by).flatMap(each -> each.askRefused(asked.about())).ifPresent(NotAllowed::because);
        Optional<DeskDocument> document = wiring.current().wiring().deskDocument(desk, asked.about());
        Problems problems = new Problems();
        Optional<Act> wanted = new Asking(desk, asked.about(), act, asked.with()).act(document, problems);
        wanted.ifPresent(found -> found.check(asked.with(), problems.at("with")));
        if (!problems.found().isEmpty()) {
            throw new Refused(problems.found());
        }
        return inbox.happen(Facts.ASKED.by(
                        by,
                        desk,
                        asked.about(),
                        act,
                        new TreeMap<>(asked.with()),
                        wanted.orElseThrow().title() + " · "
                                + document.orElseThrow().name()))
                .thenApply(notices::of);
    }
}

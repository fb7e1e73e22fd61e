package org.waxbell.app.rest;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.act.Act;
import org.waxbell.act.ActField;
import org.waxbell.act.Asking;
import org.waxbell.act.DeskDocument;
import org.waxbell.actor.Actor;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.json.Refused;
import org.waxbell.app.live.Notices;
import org.waxbell.app.live.Notices.DecisionNotice;
import org.waxbell.app.store.StateStore;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.check.Problems;
import org.waxbell.desk.Desk;
import org.waxbell.event.Facts;
import org.waxbell.show.Desks;

/** Every desk by one way: what there is, how it stands, and its acts. */
@RestController
@RequestMapping("/api/desks")
class DeskController {
    private final Notices notices;
    private final WiringStore wiring;
    private final StateStore state;
    private final Inbox inbox;

    DeskController(WiringStore wiring, StateStore state, Inbox inbox, Notices notices) {
        this.notices = notices;
        this.wiring = wiring;
        this.state = state;
        this.inbox = inbox;
    }

    /** What one can ask for. @param outcomes what may come of it, as words know it by {@code {outcome}} */
    record ActView(String name, String title, List<ActField> fields, List<String> outcomes) {}

    /**
     * One document that a desk runs.
     *
     * @param about its place, by which it is asked
     * @param state how it stands, as the desk keeps it; null where nothing happened yet
     */
    record DeskView(
            String desk,
            String title,
            String about,
            String name,
            List<ActView> acts,
            @Nullable Object state) {}

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

    private DeskView view(Desk<?, ?> desk, String place, DeskDocument document) {
        Optional<?> now = state.book(desk.book()).entrySet().stream()
                .filter(each -> each.getKey().equals(place))
                .map(Map.Entry::getValue)
                .findFirst();
        return new DeskView(
                desk.name(),
                desk.title(),
                place,
                document.name(),
                document.acts().stream()
                        .map(act -> new ActView(act.name(), act.title(), act.fields(), act.outcomes()))
                        .toList(),
                now.orElse(null));
    }

    /** Asks a desk by hand; done with what came of it. */
    @PostMapping("/{desk}/{act}")
    CompletableFuture<DecisionNotice> ask(
            @PathVariable String desk, @PathVariable String act, @RequestBody Asked asked, Actor by) {
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

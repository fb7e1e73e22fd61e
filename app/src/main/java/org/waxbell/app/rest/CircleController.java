package org.waxbell.app.rest;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.function.UnaryOperator;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.actor.Actor;
import org.waxbell.app.json.Refused;
import org.waxbell.app.people.CircleKeeper;
import org.waxbell.app.rest.WiringViews.SavedVersion;
import org.waxbell.app.store.StateStore;
import org.waxbell.app.wiring.Document;
import org.waxbell.app.wiring.DocumentKind;
import org.waxbell.app.wiring.WiringEdits;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.draft.Ids;
import org.waxbell.engine.Books;
import org.waxbell.evening.Scored;
import org.waxbell.kind.Records;
import org.waxbell.wiring.Circle;
import org.waxbell.wiring.House;

/** Circles: new ones, who is in by name, and who by what they did. */
@RestController
@RequestMapping("/api/circles")
class CircleController {
    private static final int LONGEST_ID = 36;
    private static final int SHOWN = 100;
    private final StateStore state;
    private final WiringStore wiring;
    private final WiringEdits edits;
    private final CircleKeeper keeper;

    CircleController(StateStore state, WiringStore wiring, WiringEdits edits, CircleKeeper keeper) {
        this.keeper = keeper;
        this.state = state;
        this.wiring = wiring;
        this.edits = edits;
    }

    /** Somebody in a circle. @param sum of what they are in for; 0 where a condition holds of them */
    record CircleMember(String person, String name, long sum) {}

    /** Who belongs to a circle now by what they did or what is kept of them. @param first from the greatest on, of equal ones who came to it first; only some where there are very many */
    record CircleNow(String circle, List<CircleMember> first) {}

    @GetMapping("/now")
    List<CircleNow> now() {
        Collection<Scored> scores = state.book(Books.SCORES).values();
        return wiring.current().wiring().house().circles().stream()
                .filter(each -> each.by() != Circle.By.HAND)
                .map(each -> new CircleNow(each.id(), each.by().isKept() ? kept(each) : tonight(each, scores)))
                .toList();
    }

    private static List<CircleMember> tonight(Circle circle, Collection<Scored> scores) {
        List<Scored> all =
                scores.stream().filter(score -> score.by() == circle.by()).toList();
        return Scored.first(all, circle.first()).stream()
                .map(each -> new CircleMember(each.person(), each.name(), each.sum()))
                .toList();
    }

    private List<CircleMember> kept(Circle circle) {
        return keeper.now(circle, SHOWN).stream()
                .map(each -> new CircleMember(each.id(), each.name(), each.sum()))
                .toList();
    }

    /** What a new circle is called. */
    record CircleWanted(String name) {}

    @PostMapping
    CompletableFuture<SavedVersion> add(@RequestBody CircleWanted wanted, Actor by) {
        return change(by, circles -> {
            Set<String> taken = new HashSet<>();
            circles.forEach(each -> taken.add(each.id()));
            List<Circle> more = new ArrayList<>(circles);
            String name = wanted.name().strip();
            more.add(Circle.named(Ids.of(name, "circle", LONGEST_ID, taken), name, List.of()));
            return more;
        });
    }

    /** Whether somebody is to be in a circle by name. */
    record CircleTurn(String name, boolean in) {}

    @PutMapping("/{id}/people")
    CompletableFuture<SavedVersion> turn(@PathVariable String id, @RequestBody CircleTurn turn, Actor by) {
        return change(by, circles -> {
            if (circles.stream().noneMatch(each -> each.id().equals(id))) {
                throw new Refused(
                        "id", id, "There is no such circle.", "Choose one that stands under People, Circles.");
            }
            return circles.stream()
                    .map(each -> each.id().equals(id) ? each.with(turn.name(), turn.in()) : each)
                    .toList();
        });
    }

    private CompletableFuture<SavedVersion> change(Actor by, UnaryOperator<List<Circle>> how) {
        Document kept = wiring.current().find(DocumentKind.HOUSE, "house").orElseThrow();
        House house = (House) kept.value();
        House next = Records.with(house, Map.of("circles", how.apply(house.circles())));
        return edits.save(DocumentKind.HOUSE, "house", next, kept.version(), by)
                .thenApply(saved -> new SavedVersion(saved.version()));
    }
}

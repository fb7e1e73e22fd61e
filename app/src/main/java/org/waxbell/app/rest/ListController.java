package org.waxbell.app.rest;

import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.actor.Actor;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.json.Refused;
import org.waxbell.app.live.Notices;
import org.waxbell.app.live.Notices.DecisionNotice;
import org.waxbell.app.rest.WiringViews.CueSave;
import org.waxbell.app.rest.WiringViews.SavedVersion;
import org.waxbell.app.store.PersonMapper;
import org.waxbell.app.store.StateStore;
import org.waxbell.app.wiring.Document;
import org.waxbell.app.wiring.WiringEdits;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.app.wiring.Wish;
import org.waxbell.check.Problems;
import org.waxbell.cue.Cue;
import org.waxbell.draft.SlateUse;
import org.waxbell.event.Facts;
import org.waxbell.slate.SlateEntry;
import org.waxbell.slate.SlateValue;
import org.waxbell.wiring.Wiring;

/** What is done with many cues at once and with their order, and what stands on the slate. */
@RestController
@RequestMapping("/api")
class ListController {
    private static final int MOST_PEOPLE = 200;
    private final Notices notices;
    private final WiringEdits edits;
    private final WiringStore wiring;
    private final StateStore state;
    private final PersonMapper people;
    private final Inbox loop;

    ListController(
            WiringEdits edits, WiringStore wiring, StateStore state, PersonMapper people, Inbox loop, Notices notices) {
        this.notices = notices;
        this.edits = edits;
        this.wiring = wiring;
        this.state = state;
        this.people = people;
        this.loop = loop;
    }

    /** A cue to be deleted. @param version the one that the editor saw */
    record CueDrop(String id, long version) {}

    /** Several cues to be saved and deleted in one step. @param what how undo calls it, such as {@code 12 cues switched off} */
    record CueWishes(String what, List<CueSave> save, List<CueDrop> delete) {}

    /** Where cues are to go. @param before id of the cue before which, empty text for the end of the rack */
    record CueOrder(List<String> cues, String rack, String before) {}

    /** Where a rack is to go. @param before id of the rack before which, empty text for the end */
    record RackOrder(String rack, String before) {}

    @PutMapping("/cues")
    CompletableFuture<SavedVersion> saveAll(@RequestBody CueWishes wishes, Actor by) {
        Problems problems = new Problems();
        problems.at("what").text(wishes.what(), 120, "What it is called");
        if (wishes.save().isEmpty() && wishes.delete().isEmpty()) {
            problems.at("save").add("[]", "No cue is chosen.", "Choose at least one.");
        }
        if (!problems.found().isEmpty()) {
            throw new Refused(problems.found());
        }
        return changed(edits.saveAll(
                Stream.concat(
                                wishes.save().stream()
                                        .map(each -> new Wish(each.cue().id(), each.version(), each.cue())),
                                wishes.delete().stream().map(each -> new Wish(each.id(), each.version(), null)))
                        .toList(),
                wishes.what(),
                by));
    }

    /** Something that a desk runs. */
    record DeskWish(String desk, String about) {}

    /** Adds the chat words that something which a desk runs begins with, in a rack of their own. */
    @PostMapping("/cues/starters")
    CompletableFuture<SavedVersion> starters(@RequestBody DeskWish wish, Actor by) {
        return changed(edits.starters(wish.desk(), wish.about(), by));
    }

    @PostMapping("/cues/arrange")
    CompletableFuture<SavedVersion> arrange(@RequestBody CueOrder order, Actor by) {
        return changed(edits.arrange(order.cues(), order.rack(), order.before(), by));
    }

    @PostMapping("/racks/arrange")
    CompletableFuture<SavedVersion> arrange(@RequestBody RackOrder order, Actor by) {
        return changed(edits.arrangeRack(order.rack(), order.before(), by));
    }

    private CompletableFuture<SavedVersion> changed(CompletableFuture<@Nullable Document> edit) {
        return edit.thenApply(document -> {
            return new SavedVersion(document == null ? 0 : document.version());
        });
    }

    /** What one viewer has. @param person whose it is, as an identity @param name as they are called, the identity where that is not known */
    record SlateText(String person, String name, String text) {}

    /** How a value stands. @param text the channel's, empty text where each viewer has their own @param people those who have one @param writers cues that write it @param readers cues that read it */
    record SlateStanding(
            String value,
            String inWords,
            String text,
            List<SlateText> people,
            List<CueName> writers,
            List<CueName> readers) {}

    /** A cue by its id and name. */
    record CueName(String id, String name) {
        static List<CueName> of(List<Cue> cues) {
            return cues.stream()
                    .map(each -> new CueName(each.id(), each.name()))
                    .toList();
        }
    }

    /** What a person writes. @param person whose it is, empty text for the channel's */
    record SlateWish(String person, String text) {}

    @GetMapping("/slate")
    List<SlateStanding> slate() {
        Map<String, List<SlateEntry>> entries =
                state.slate().stream().collect(Collectors.groupingBy(SlateEntry::value));
        Wiring now = wiring.current().wiring();
        return now.house().values().stream()
                .map(value -> {
                    List<SlateEntry> mine = entries.getOrDefault(value.id(), List.of());
                    String text = mine.stream()
                            .filter(each -> each.person().isEmpty())
                            .map(SlateEntry::text)
                            .findFirst()
                            .orElse(value.start());
                    SlateUse use = SlateUse.of(value, now);
                    return new SlateStanding(
                            value.id(),
                            value.inWords(),
                            value.perViewer() ? "" : text,
                            mine.stream()
                                    .filter(each ->
                                            value.perViewer() && !each.person().isEmpty())
                                    .limit(MOST_PEOPLE)
                                    .map(this::named)
                                    .toList(),
                            CueName.of(use.writers()),
                            CueName.of(use.readers()));
                })
                .toList();
    }

    private SlateText named(SlateEntry entry) {
        PersonMapper.PersonRow row = people.find(entry.person());
        return new SlateText(entry.person(), row == null ? entry.person() : row.name(), entry.text());
    }

    /** Writes on the slate by hand; cues that wait for its mark may ring. */
    @PutMapping("/slate/{id}")
    CompletableFuture<DecisionNotice> write(@PathVariable String id, @RequestBody SlateWish wish, Actor by) {
        SlateValue value = wiring.current().wiring().house().slate().stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new Refused(
                        "value", id, "Nothing of that name is on the slate.", "Choose a value that is in the list."));
        if (!value.tidy(wish.text()).equals(wish.text())) {
            throw new Refused(
                    "text",
                    wish.text(),
                    value.number() ? "This is no whole number." : "The text is too long.",
                    value.number() ? "Write one such as 12." : "Shorten it to 200 characters.");
        }
        if (value.perViewer() && people.find(wish.person()) == null) {
            throw new Refused(
                    "person", wish.person(), "Nobody of that name is known.", "Choose somebody who has been here.");
        }
        return loop.happen(Facts.SLATE_WRITTEN.by(by, id, wish.person(), wish.text()))
                .thenApply(notices::of);
    }
}

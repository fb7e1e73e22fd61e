package org.waxbell.app.rest;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.act.DeskDocument;
import org.waxbell.actor.Actor;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.json.Refused;
import org.waxbell.app.live.DeskBoards;
import org.waxbell.app.people.Forgetting;
import org.waxbell.app.people.Proofs;
import org.waxbell.app.rest.PeopleController.PersonSeen;
import org.waxbell.app.store.PeopleMapper;
import org.waxbell.app.store.PeopleMapper.ChangeRow;
import org.waxbell.app.store.PeopleMapper.EntryRow;
import org.waxbell.app.store.PeopleMapper.Listed;
import org.waxbell.app.wiring.Document;
import org.waxbell.app.wiring.DocumentKind;
import org.waxbell.app.wiring.WiringEdits;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.cue.Cue;
import org.waxbell.cue.FirstLinePull;
import org.waxbell.desk.Desk;
import org.waxbell.event.Facts;
import org.waxbell.event.Viewer;
import org.waxbell.kind.Records;
import org.waxbell.show.Desks;
import org.waxbell.speech.OwnVoice;
import org.waxbell.speech.VoiceDesk;
import org.waxbell.speech.VoiceState;
import org.waxbell.voice.Reading;
import org.waxbell.wiring.Circle;
import org.waxbell.wiring.House;
import org.waxbell.wiring.Wiring;

/** One person: all that is kept of them, what the host notes, which accounts are theirs, and the wish to be forgotten. */
@RestController
@RequestMapping("/api/people/{id}")
class PersonController {
    private static final int LONGEST_NOTE = 1_000;
    private static final int LONGEST_SPELLING = 100;
    private static final int LATELY = 50;
    private final PeopleMapper people;
    private final SystemClock clock;
    private final WiringStore wiring;
    private final WiringEdits edits;
    private final DeskBoards boards;
    private final Inbox inbox;
    private final Forgetting forgetting;
    private final Proofs proofs;

    PersonController(
            PeopleMapper people,
            SystemClock clock,
            WiringStore wiring,
            WiringEdits edits,
            DeskBoards boards,
            Inbox inbox,
            Forgetting forgetting,
            Proofs proofs) {
        this.proofs = proofs;
        this.people = people;
        this.clock = clock;
        this.wiring = wiring;
        this.edits = edits;
        this.boards = boards;
        this.inbox = inbox;
        this.forgetting = forgetting;
    }

    /** What a desk knows of somebody, a few words each. @param about its place */
    record KnownThere(String desk, String about, String name, List<String> says) {}

    /** How somebody is read aloud. @param spelling how the name is said, empty text for as it is written @param voice null for the usual one @param silent whether nothing is said for them */
    record ReadAs(String spelling, @Nullable OwnVoice voice, boolean silent) {}

    /**
     * All that is kept of somebody.
     *
     * @param circles  in which they are named, by ids
     * @param entrance the id of their own cue, empty text for none
     * @param entries  of their points, the newest first
     * @param changes  by staff, the newest first
     * @param accounts that are theirs beside this one
     * @param alike    others of the same name, who may be the same person
     * @param proof    by which a viewer shows that another account is theirs
     */
    record PersonKept(
            PersonSeen person,
            List<String> circles,
            String entrance,
            List<EntryRow> entries,
            List<ChangeRow> changes,
            List<PersonSeen> accounts,
            List<PersonSeen> alike,
            PersonProof proof,
            List<KnownThere> desks,
            ReadAs read) {}

    private Listed one(String id) {
        return Optional.ofNullable(people.find(id))
                .orElseThrow(() ->
                        new Refused("id", id, "Nobody of that identity is known.", "Choose somebody who is listed."));
    }

    @GetMapping
    PersonKept person(@PathVariable String id) {
        return kept(id, LATELY);
    }

    /** Everything that is known of somebody, to be handed to them. */
    @GetMapping("/kept.json")
    PersonKept kept(@PathVariable String id) {
        return kept(id, Integer.MAX_VALUE);
    }

    private PersonKept kept(String id, int most) {
        PersonSeen who = PersonSeen.of(one(id));
        Wiring now = wiring.current().wiring();
        return new PersonKept(
                who,
                now.house().circles().stream()
                        .filter(each -> each.names(who.name()))
                        .map(Circle::id)
                        .toList(),
                entrance(now, new Viewer(id, who.name(), Set.of(), who.months())),
                people.entries(id, Long.MAX_VALUE, most),
                people.changes(id, most),
                people.accounts(id).stream().map(PersonSeen::of).toList(),
                people.alike(id, who.name()).stream().map(PersonSeen::of).toList(),
                proof(id),
                atDesks(now, id),
                readAs(now.house().reading(), who.name()));
    }

    private static String entrance(Wiring now, Viewer viewer) {
        return now.cues().stream()
                .filter(cue -> cue.pulls().stream()
                        .anyMatch(pull -> pull instanceof FirstLinePull first
                                && first.whose() == FirstLinePull.Whose.NAMED
                                && first.concerns(viewer)))
                .map(Cue::id)
                .findFirst()
                .orElse("");
    }

    private List<KnownThere> atDesks(Wiring now, String id) {
        List<KnownThere> all = new ArrayList<>();
        now.deskDocuments()
                .forEach((about, document) -> Desks.find(document.desk())
                        .map(desk -> of(desk, about, document, id))
                        .filter(says -> !says.isEmpty())
                        .ifPresent(says -> all.add(new KnownThere(document.desk(), about, document.name(), says))));
        return all;
    }

    private <D extends DeskDocument, S> List<String> of(
            Desk<D, S> desk, String about, DeskDocument document, String id) {
        D own = desk.documents().cast(document);
        return desk.of(own, boards.now(desk, about, own), id);
    }

    private ReadAs readAs(Reading reading, String name) {
        VoiceState voices = boards.now(new VoiceDesk(), reading.id(), reading);
        return new ReadAs(
                reading.spellings().getOrDefault(name.toLowerCase(Locale.ROOT), ""),
                voices.voiceOf(name),
                voices.isBlocked(name));
    }

    /** What the host notes of somebody, empty text for nothing. */
    record NoteWritten(String note) {}

    @PutMapping("/note")
    PersonKept note(@PathVariable String id, @RequestBody NoteWritten written, Actor by) {
        Listed there = one(id);
        String note = written.note().strip();
        if (note.length() > LONGEST_NOTE) {
            throw new Refused(
                    "note",
                    note,
                    "The note is too long: " + note.length() + " characters.",
                    "Shorten it to " + LONGEST_NOTE + ".");
        }
        if (!note.equals(there.note())) {
            if (note.isEmpty()) {
                people.forgetNote(id);
            } else {
                people.note(id, note);
            }
            changed(id, by, note.isEmpty() ? "took the note away" : "noted: " + note);
        }
        return person(id);
    }

    private void changed(String id, Actor by, String what) {
        people.changed(clock.now(), id, by.inWords(), what);
    }

    /** How a name is said, empty text for as it is written. */
    record SpellingWritten(String spelling) {}

    @PutMapping("/spelling")
    CompletableFuture<PersonKept> spelling(@PathVariable String id, @RequestBody SpellingWritten written, Actor by) {
        String name = one(id).name();
        String spelling = written.spelling().strip();
        if (spelling.length() > LONGEST_SPELLING) {
            throw new Refused(
                    "spelling",
                    spelling,
                    "This is too long to be said as a name.",
                    "Write " + LONGEST_SPELLING + " characters at most.");
        }
        Document kept = wiring.current().find(DocumentKind.HOUSE, "house").orElseThrow();
        House house = (House) kept.value();
        House next = Records.with(house, Map.of("reading", house.reading().saying(name, spelling)));
        return edits.save(DocumentKind.HOUSE, "house", next, kept.version(), by).thenApply(saved -> {
            changed(id, by, spelling.isEmpty() ? "is said as it is written" : "is said " + spelling);
            return person(id);
        });
    }

    /** An account that is somebody's too. */
    record AccountTheirs(String account) {}

    /** From now on whatever the account does the person does. */
    /** What was asked of somebody to prove an account. @param word that is to be written by each of both accounts, empty text for none @param theirs whether they wrote it @param others who wrote it too */
    record PersonProof(String word, boolean theirs, List<PersonSeen> others) {}

    private PersonProof proof(String id) {
        Proofs.Proof asked = proofs.of(id);
        return new PersonProof(
                asked.word(),
                asked.wrote().contains(id),
                asked.wrote().stream()
                        .filter(each -> !each.equals(id))
                        .map(people::find)
                        .filter(Objects::nonNull)
                        .map(PersonSeen::of)
                        .toList());
    }

    /** Makes a word that both accounts are to write. */
    @PostMapping("/proof")
    PersonProof prove(@PathVariable String id) {
        proofs.ask(one(id).id());
        return proof(id);
    }

    @PostMapping("/accounts")
    CompletableFuture<PersonKept> join(@PathVariable String id, @RequestBody AccountTheirs theirs, Actor by) {
        Listed person = one(id);
        Listed account = one(theirs.account());
        return done(
                inbox.happen(Facts.JOINED.by(
                                by,
                                account.id(),
                                account.name(),
                                account.standings(),
                                (long) account.months(),
                                person.id(),
                                person.name(),
                                person.standings(),
                                (long) person.months()))
                        .thenApply(decision -> decision.note()),
                () -> changed(
                        id,
                        by,
                        "is " + account.name() + " (" + PersonSeen.of(account).link() + ") too"),
                id,
                theirs.account());
    }

    /** From now on the account stands by itself; what was spent stays spent for both. */
    @DeleteMapping("/accounts/{account}")
    CompletableFuture<PersonKept> part(@PathVariable String id, @PathVariable String account, Actor by) {
        Listed there = one(account);
        return done(
                inbox.happen(Facts.PARTED.by(by, account, there.name())).thenApply(decision -> decision.note()),
                () -> changed(id, by, "is not " + there.name() + " any more"),
                id,
                account);
    }

    private CompletableFuture<PersonKept> done(
            CompletableFuture<String> refused, Runnable note, String id, String account) {
        return refused.thenApply(why -> {
            if (!why.isEmpty()) {
                throw new Refused("account", account, why + ".", "Part the accounts first, or choose another.");
            }
            note.run();
            return person(id);
        });
    }

    /** Who is to be forgotten, by name, so that nobody is by mistake. */
    record ForgetWanted(String name) {}

    /** Somebody is forgotten. @param underWay how many are not out of older evenings yet */
    record PersonForgotten(int underWay) {}

    /** Forgets somebody wholly; it cannot be taken back. */
    @PostMapping("/forget")
    CompletableFuture<PersonForgotten> forget(@PathVariable String id, @RequestBody ForgetWanted wanted, Actor by) {
        Listed there = one(id);
        if (!there.name().equals(wanted.name().strip())) {
            throw new Refused(
                    "name",
                    wanted.name(),
                    "This is not their name.",
                    "Write " + there.name() + ", just as it stands there.");
        }
        List<Listed> theirs = new ArrayList<>(people.accounts(id));
        theirs.add(there);
        Supplier<CompletableFuture<Void>> all = () -> CompletableFuture.completedFuture(null);
        for (Listed each : theirs) {
            Supplier<CompletableFuture<Void>> before = all;
            all = () -> before.get().thenCompose(done -> forgetting.forget(each.id(), each.name()));
        }
        return all.get()
                .thenCompose(done -> unname(there.name(), by))
                .thenApply(done -> new PersonForgotten(forgetting.underWay()));
    }

    /** Circles do not name them any more. */
    private CompletableFuture<Void> unname(String name, Actor by) {
        Document kept = wiring.current().find(DocumentKind.HOUSE, "house").orElseThrow();
        House house = (House) kept.value();
        List<Circle> without =
                house.circles().stream().map(each -> each.with(name, false)).toList();
        return without.equals(house.circles())
                ? CompletableFuture.completedFuture(null)
                : edits.save(
                                DocumentKind.HOUSE,
                                "house",
                                Records.with(house, Map.of("circles", without)),
                                kept.version(),
                                by)
                        .thenAccept(saved -> {});
    }
}

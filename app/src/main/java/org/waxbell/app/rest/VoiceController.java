package org.waxbell.app.rest;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.actor.Actor;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Refused;
import org.waxbell.app.live.Notices;
import org.waxbell.app.live.Notices.DecisionNotice;
import org.waxbell.app.speech.HeldTexts;
import org.waxbell.app.speech.HeldTexts.HeldText;
import org.waxbell.app.speech.Speeches;
import org.waxbell.app.speech.Spokens;
import org.waxbell.app.store.Journal;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.draft.ReadingSentence;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Tried;
import org.waxbell.journal.Decision;
import org.waxbell.sentence.Piece;
import org.waxbell.speech.OwnVoice;
import org.waxbell.speech.VoiceState;
import org.waxbell.voice.Looked;
import org.waxbell.voice.ReadAloud;
import org.waxbell.voice.Reading;
import org.waxbell.voice.Utterance;
import org.waxbell.voice.Voice;

/** The voice: what there is to choose from, what waits for the host, what was kept out, and texts to try it on. */
@RestController
@RequestMapping("/api/voice")
class VoiceController {
    private static final int LINES = 50;
    private static final String CHAT = Facts.chat().kind();
    private static final long LONGEST_TRY = 30_000;
    private static final int LONGEST_TEXT = 1_000;
    private final Speeches speeches;
    private final Spokens spokens;
    private final WiringStore wiring;
    private final HeldTexts texts;
    private final Journal journal;
    private final Documents json;
    private final Inbox inbox;
    private final Notices notices;

    VoiceController(
            Speeches speeches,
            Spokens spokens,
            WiringStore wiring,
            HeldTexts texts,
            Journal journal,
            Documents json,
            Inbox inbox,
            Notices notices) {
        this.speeches = speeches;
        this.spokens = spokens;
        this.wiring = wiring;
        this.texts = texts;
        this.journal = journal;
        this.json = json;
        this.inbox = inbox;
        this.notices = notices;
    }

    /** How the voice stands. @param sentence how text is read; chips name fields @param waits what the host is asked about, oldest first @param keptOut newest first */
    record VoiceView(
            List<Piece> sentence,
            List<Voice> voices,
            boolean paused,
            List<String> blocked,
            List<OwnVoice> own,
            List<HeldText> waits,
            List<HeldText> keptOut) {}

    /** @param voice its id, empty text for the usual one @param speed in percent, 0 for the usual @param pitch likewise */
    record ToHear(String text, String voice, int speed, int pitch) {}

    record ToLook(String text) {}

    /** What comes of looking at a text. @param said what of it is said @param read the same as it is read @param held whether it is kept out @param asks whether the host is asked @param verdict what comes of it, in words */
    record LookedView(
            String text,
            String said,
            String read,
            boolean held,
            boolean asks,
            String verdict,
            List<Looked.Finding> findings) {}

    @GetMapping
    VoiceView voice() {
        VoiceState now = texts.voice();
        return new VoiceView(
                ReadingSentence.of(reading(), usual().map(Voice::name).orElse("that is missing")),
                speeches.voices(),
                now.halted(),
                List.copyOf(now.blocked().values()),
                List.copyOf(now.own().values()),
                texts.waiting(),
                texts.keptOut());
    }

    /** Makes speech to be heard by who asks alone. */
    @PostMapping("/hear")
    CompletableFuture<Spokens.Heard> hear(@RequestBody ToHear asked) {
        Reading reading = reading();
        checkText(asked.text());
        return spokens.hear(
                        new Utterance(
                                asked.text(),
                                asked.voice().isEmpty() ? reading.voice() : asked.voice(),
                                percent(asked.speed(), reading.speed()),
                                percent(asked.pitch(), reading.pitch())),
                        LONGEST_TRY)
                .thenApply(heard -> {
                    if (!heard.fault().isEmpty()) {
                        throw new Refused(
                                "text",
                                asked.text(),
                                "It cannot be heard: " + heard.fault() + ".",
                                "Write something else, or choose another voice.");
                    }
                    return heard;
                });
    }

    private static int percent(int own, int usual) {
        return own == 0 ? usual : Math.max(Reading.SLOWEST, Math.min(Reading.FASTEST, own));
    }

    private static void checkText(String text) {
        if (text.isBlank() || text.length() > LONGEST_TEXT) {
            throw new Refused(
                    "text",
                    text,
                    "There is nothing to say, or too much.",
                    "Write 1 to " + LONGEST_TEXT + " characters.");
        }
    }

    /** Looks at a text as at one that a viewer wrote. */
    @PostMapping("/look")
    LookedView look(@RequestBody ToLook asked) {
        checkText(asked.text());
        return looked(asked.text());
    }

    /** The last lines of chat as they would be said. */
    @GetMapping("/lines")
    List<LookedView> lines() {
        return journal.ofKind(CHAT, LINES).stream()
                .map(Decision::event)
                .filter(ChatLine.class::isInstance)
                .map(line -> looked(((ChatLine) line).text()))
                .toList();
    }

    private LookedView looked(String text) {
        Reading reading = reading();
        Looked looked = Looked.at(text, reading);
        String language = usual().map(Voice::language).orElse("en");
        return new LookedView(
                text,
                looked.text(),
                ReadAloud.of(looked.text(), language, reading.spellings()),
                looked.held(),
                looked.asks(),
                looked.verdict(),
                looked.findings());
    }

    private Optional<Voice> usual() {
        List<Voice> all = speeches.voices();
        return all.stream()
                .filter(each -> each.id().equals(reading().voice()))
                .findFirst()
                .or(() -> all.stream().findFirst());
    }

    private Reading reading() {
        return wiring.current().wiring().house().reading();
    }

    /** Lets a text be said that waited for the host; what its cue does beside is done too. */
    @PostMapping("/waits/{decision}/let")
    CompletableFuture<DecisionNotice> let(@PathVariable long decision, Actor by) {
        HeldText held = waiting(decision);
        ShowEvent event = journal.before(decision + 1, 1).stream()
                .map(Decision::event)
                .findFirst()
                .orElseThrow();
        return settle(decision, by)
                .thenCompose(settled -> inbox.happen(new Tried(held.cueId(), held.cueName(), true, event, by)))
                .thenApply(notices::of);
    }

    /** Puts a text away that waited for the host. */
    @PostMapping("/waits/{decision}/drop")
    CompletableFuture<DecisionNotice> drop(@PathVariable long decision, Actor by) {
        waiting(decision);
        return settle(decision, by).thenApply(notices::of);
    }

    private HeldText waiting(long decision) {
        return texts.waiting().stream()
                .filter(each -> each.decision() == decision)
                .findFirst()
                .orElseThrow(() -> new Refused(
                        "decision",
                        Long.toString(decision),
                        "Nothing of that number waits any more.",
                        "Look again at what waits."));
    }

    private CompletableFuture<Decision> settle(long decision, Actor by) {
        return inbox.happen(Facts.ASKED.by(
                by,
                Reading.DESK,
                Reading.DESK,
                Reading.SETTLE,
                new TreeMap<>(Map.of("decision", Long.toString(decision))),
                "settled what waited"));
    }
}

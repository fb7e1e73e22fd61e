package org.waxbell.tune;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import org.waxbell.actor.Actor;
import org.waxbell.catalogue.Tune;
import org.waxbell.cue.Cue;
import org.waxbell.desk.Answer;
import org.waxbell.desk.Ask;
import org.waxbell.desk.KeptByEntries;
import org.waxbell.directive.SayInChat;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.fixture.Face;
import org.waxbell.gate.Surroundings;
import org.waxbell.state.Book;
import org.waxbell.state.Change;
import org.waxbell.state.Memory;
import org.waxbell.state.Ranked;

/** Plays what viewers ask for, and the fallback list while nobody does. What is heard is a matter of pages: they are told moments. */
public final class TunesDesk implements KeptByEntries<Tunes, TunesState, TunesHead> {
    private static final Book<TunesHead> HEAD = new Book<>(Tunes.DESK, TunesHead.class);
    private static final Book<Request> ASKED = new Book<>("tuneAsked", Request.class);
    private static final Book<KeptTune> KEPT = new Book<>("tuneKept", KeptTune.class);
    private static final Book<PastTune> PAST = new Book<>("tunePast", PastTune.class);
    private static final Book<Present> PRESENT = new Book<>("tunePresent", Present.class);
    /** Who writes one line after another is not noted for each. */
    private static final long SEEN_AGAIN = 60_000;
    /** At who comes so many others are looked at, so that nobody who left is kept for long and no line looks at everybody. */
    private static final int LOOKED_AT = 3;
    /** A moment that was missed by less is taken as it was meant, so that tunes follow without a gap. */
    private static final long MISSED = 2_000;

    private static final int NEXT = 6;
    private static final int MOST_AT_DESK = 300;
    private static final Set<String> VIEWERS = Set.of("ask", "unask", "when", "vote");

    @Override
    public String title() {
        return "Tunes";
    }

    @Override
    public Class<Tunes> documents() {
        return Tunes.class;
    }

    @Override
    public Book<TunesHead> book() {
        return HEAD;
    }

    @Override
    public List<Book<?>> books() {
        return List.of(HEAD, ASKED, KEPT, PAST, PRESENT);
    }

    @Override
    public TunesState none() {
        return TunesState.NEW;
    }

    @Override
    public TunesHead head(TunesState now) {
        return now.head();
    }

    @Override
    public TunesState restored(String about, Memory memory) {
        TunesState state = TunesState.NEW.with(memory.get(HEAD, about).orElse(TunesHead.NEW));
        for (Request each : memory.below(ASKED, about)) {
            state = state.with(each);
        }
        for (KeptTune each : memory.below(KEPT, about)) {
            state = state.with(each);
        }
        for (PastTune each : memory.below(PAST, about)) {
            state = state.with(each);
        }
        for (Present each : memory.below(PRESENT, about)) {
            state = state.with(each);
        }
        return state;
    }

    private static String key(String about, long number) {
        return String.format(Locale.ROOT, "%s/%09d", about, number);
    }

    @Override
    public void entries(String about, TunesState before, TunesState after, List<Change> into) {
        ASKED.changes(before.asked(), after.asked(), each -> key(about, each.number()), into);
        KEPT.changes(before.kept(), after.kept(), each -> key(about, each.number()), into);
        PAST.changes(before.past(), after.past(), each -> key(about, each.number()), into);
        PRESENT.changes(before.present(), after.present(), each -> about + "/" + each.person(), into);
    }

    @Override
    public Answer<TunesState> ask(Tunes tunes, TunesState now, Ask ask, Surroundings evening) {
        if (!VIEWERS.contains(ask.act().name())) {
            return new Conducting(tunes, now, ask, evening).answer();
        }
        Requesting asking = new Requesting(tunes, now, ask.at(), ask.by(), ask.viewer(), evening);
        return switch (ask.act().name()) {
            case "ask" -> asking.ask(ask.text("words"));
            case "unask" -> asking.unask();
            case "when" -> asking.when();
            default -> asking.vote();
        };
    }

    @Override
    public boolean hears(ShowEvent event) {
        return event instanceof ChatLine || event instanceof Fact fact && fact.is(Facts.HUSH);
    }

    @Override
    public Answer<TunesState> hear(Tunes tunes, TunesState now, long at, ShowEvent event, Surroundings evening) {
        if (!(event instanceof ChatLine line)) {
            // Hush ends what is heard; where it stood is kept.
            return now.head()
                    .playing()
                    .filter(each -> each.paused() == 0)
                    .map(each -> Answer.becomes(now.with(now.head().still(each.pausedAt(at)))))
                    .orElseGet(() -> Answer.nothing(now));
        }
        String person = line.viewer().id();
        TunesState seen = now.present()
                        .get(person)
                        .filter(each -> at - each.seen() < SEEN_AGAIN)
                        .isPresent()
                ? now
                : seen(tunes, now, new Present(person, at));
        Requesting asking = new Requesting(tunes, seen, at, Actor.PROGRAM, Optional.of(line.viewer()), evening);
        String text = line.text().strip();
        if (asking.chosen(text).isEmpty()) {
            return Answer.becomes(seen);
        }
        Answer<TunesState> answer = asking.ask(text);
        return line.link()
                .map(link -> answer.directing(List.of(new SayInChat("", at, link, "", answer.says()))))
                .orElse(answer);
    }

    /** Somebody is here; of a few others, drawn alike wherever this is replayed, who left long ago is forgotten. */
    private static TunesState seen(Tunes tunes, TunesState now, Present viewer) {
        TunesState next = now.with(viewer);
        Ranked<String, Present> all = next.present();
        SplittableRandom draw =
                new SplittableRandom(viewer.seen() + viewer.person().hashCode());
        for (int i = 0; i < LOOKED_AT; i++) {
            Present each = all.at(draw.nextInt(all.size()));
            next = viewer.seen() - each.seen() > 2 * tunes.presentMs() ? next.without(each) : next;
        }
        return next;
    }

    /** When the next begins, where something does. */
    private static long handsOver(Tunes tunes, TunesState now) {
        long ends = now.head().playing().map(Playing::ends).orElse(Long.MAX_VALUE);
        boolean more = !now.asked().isEmpty()
                || tunes.fallback() == Fallback.ALL
                || tunes.fallback() == Fallback.KEPT && !now.kept().isEmpty();
        boolean fades = more
                && ends != Long.MAX_VALUE
                && now.head().playing().orElseThrow().tune().lengthMs() > 3 * tunes.crossMs();
        return fades ? ends - tunes.crossMs() : ends;
    }

    @Override
    public long nextWake(Tunes tunes, TunesState now) {
        return handsOver(tunes, now);
    }

    @Override
    public Answer<TunesState> wake(Tunes tunes, TunesState now, long at, Surroundings evening) {
        long meant = handsOver(tunes, now);
        Player player = new Player(tunes, now, at, evening.catalogue(), Actor.PROGRAM);
        player.end(PastTune.How.PLAYED);
        player.next(at - meant < MISSED ? meant : at);
        return TunesStep.played(player, "", "", List.of(), List.of());
    }

    @Override
    public Map<String, Object> values(Tunes tunes, TunesState now, long at, String person) {
        Optional<Playing> playing = now.head().playing();
        return Map.of(
                tunes.value("Now"),
                playing.map(each -> each.tune().named()).orElse("nothing"),
                tunes.value("Asker"),
                playing.map(Playing::name).filter(name -> !name.isEmpty()).orElse("nobody"),
                tunes.value("Next"),
                now.asked().isEmpty() ? "nothing" : now.asked().at(0).tune().named(),
                tunes.value("Waiting"),
                (long) now.asked().size());
    }

    private static TunesFace.Sounding sounding(Playing playing) {
        return TunesFace.Sounding.of(playing.tune(), playing.name(), playing.began(), playing.paused());
    }

    /** What follows, as far as it is known before it begins. */
    private static Optional<TunesFace.Sounding> after(Tunes tunes, TunesState now) {
        long begins = handsOver(tunes, now);
        if (begins == Long.MAX_VALUE) {
            return Optional.empty();
        }
        if (!now.asked().isEmpty()) {
            Request next = now.asked().at(0);
            return Optional.of(TunesFace.Sounding.of(next.tune(), next.name(), begins, 0));
        }
        if (tunes.fallback() != Fallback.KEPT || now.head().bag().isEmpty()) {
            return Optional.empty();
        }
        String next = now.head().bag().get(0);
        for (KeptTune each : now.kept()) {
            if (each.tune().id().equals(next)) {
                return Optional.of(TunesFace.Sounding.of(each.tune(), "", begins, 0));
            }
        }
        return Optional.empty();
    }

    @Override
    public Optional<Face> face(Tunes tunes, TunesState now, long at) {
        return Optional.of(new TunesFace(
                now.head().playing().map(TunesDesk::sounding),
                after(tunes, now),
                now.asked().first(NEXT).stream()
                        .map(each -> new TunesFace.Waits(each.tune().title(), each.name()))
                        .toList(),
                now.asked().size(),
                now.head().volume(),
                tunes.crossMs()));
    }

    @Override
    public TunesBoard board(Tunes tunes, TunesState now, long at) {
        List<PastTune> past = new ArrayList<>();
        for (int rank = now.past().size() - 1; rank >= 0 && past.size() < MOST_AT_DESK; rank--) {
            past.add(now.past().at(rank));
        }
        List<Tune> list = now.kept().first(Tunes.MOST_KEPT).stream()
                .map(KeptTune::tune)
                .filter(tunes::mayPlay)
                .toList();
        return new TunesBoard(
                at,
                now.head().on(),
                now.head().playing(),
                now.asked().first(MOST_AT_DESK).stream()
                        .map(each -> new TunesBoard.AskedTune(each, now.until(each, at, tunes.givesWay())))
                        .toList(),
                now.kept().first(Tunes.MOST_KEPT),
                now.kept().first(Tunes.MOST_KEPT).stream()
                        .mapToLong(each -> each.tune().lengthMs())
                        .sum(),
                list.size(),
                now.head().bag().size(),
                past,
                now.head().volume(),
                TunesStep.votes(tunes, now, at),
                TunesStep.needed(tunes, now, at),
                now.head().banned().values().stream().sorted().toList(),
                now.head().back().isPresent());
    }

    @Override
    public String brief(Tunes tunes, TunesState now, long at) {
        int count = now.asked().size();
        String plays = now.head()
                .playing()
                .map(each -> (each.paused() > 0 ? "paused: " : "") + each.tune().title())
                .orElse("silent");
        return plays + (count == 0 ? "" : " · " + count + (count == 1 ? " waits" : " wait"));
    }

    @Override
    public List<String> of(Tunes tunes, TunesState now, String person) {
        List<String> all = new ArrayList<>();
        long played = 0;
        for (PastTune each : now.past()) {
            played += each.person().equals(person) ? 1 : 0;
        }
        int waits = now.of(person).size();
        if (played > 0) {
            all.add(played + " played of theirs");
        }
        if (waits > 0) {
            all.add(waits + (waits == 1 ? " waits" : " wait"));
        }
        if (now.head().banned().containsKey(person)) {
            all.add("may not ask");
        }
        return all;
    }

    @Override
    public List<Cue> starters(Tunes tunes, String about, String rack) {
        return new TunesStarters(tunes, about, rack).all();
    }
}

package org.waxbell.tune;

import java.lang.reflect.Proxy;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.waxbell.actor.Actor;
import org.waxbell.catalogue.Catalogue;
import org.waxbell.catalogue.PracticeTunes;
import org.waxbell.catalogue.Tune;
import org.waxbell.desk.Answer;
import org.waxbell.desk.Ask;
import org.waxbell.desk.OnDesk;
import org.waxbell.event.Viewer;
import org.waxbell.gate.Surroundings;
import org.waxbell.kind.Fresh;
import org.waxbell.kind.Records;

/** An engine with a desk of tunes and its chat words. */
final class OnTunes extends OnDesk<Tunes, TunesState> {
    static final Catalogue CATALOGUE = new Catalogue(List.of(PracticeTunes.ALL));
    static final Tunes TUNES =
            Records.with((Tunes) Tunes.KIND.fresh().apply(Fresh.NOTHING), Map.of("id", "tune", "name", "Tunes"));

    OnTunes(Map<String, ?> rules) {
        super(new TunesDesk(), Records.with(TUNES, rules));
    }

    static Tune tune(String title) {
        return CATALOGUE.all().stream()
                .filter(each -> each.title().equals(title))
                .findFirst()
                .orElseThrow();
    }

    /** What plays, empty text for nothing. */
    String plays() {
        return state().head().playing().map(each -> each.tune().title()).orElse("");
    }

    List<String> waiting() {
        return state().asked().first(1_000).stream()
                .map(each -> each.tune().title())
                .toList();
    }

    TunesBoard board() {
        return new TunesDesk().board(document, state(), at);
    }

    TunesFace face() {
        return (TunesFace) new TunesDesk().face(document, state(), at).orElseThrow();
    }

    /** Brings the first cleared tunes of the practice catalogue as the host's own list. */
    List<String> list(int count) {
        List<String> ids = CATALOGUE.all().stream()
                .filter(document::mayPlay)
                .limit(count)
                .map(Tune::id)
                .toList();
        ask("bring", "list", String.join("\n", ids));
        return ids;
    }

    private Surroundings evening() {
        return (Surroundings) Proxy.newProxyInstance(
                OnTunes.class.getClassLoader(),
                new Class<?>[] {Surroundings.class},
                (proxy, method, with) -> switch (method.getName()) {
                    case "catalogue" -> CATALOGUE;
                    case "points" -> with[0] + " points";
                    default -> throw new AssertionError(method);
                });
    }

    /** What comes of an act of the host's where it stands so. */
    Answer<TunesState> conduct(TunesState state, String act) {
        Map<String, String> with = Map.of("number", "7", "name", "brine_otter");
        Ask ask = new Ask(
                at,
                Actor.HOST,
                Optional.empty(),
                Optional.empty(),
                document.act(act).orElseThrow(),
                with,
                (purpose, bound) -> 0);
        return new TunesDesk().ask(document, state, ask, evening());
    }

    /** What comes of a viewer's taking back the last. */
    Answer<TunesState> unask(TunesState state, Viewer viewer) {
        return new Requesting(document, state, at, Actor.HOST, Optional.of(viewer), evening()).unask();
    }

    /** Lets a tune play to its end. */
    void toTheEnd() {
        at = state().head().playing().orElseThrow().ends();
        engine.wake(at);
    }
}

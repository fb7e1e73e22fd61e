package org.waxbell.app.link;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Faults;
import org.waxbell.app.json.Refused;
import org.waxbell.app.link.LinkBook.Kept;
import org.waxbell.check.Problems;
import org.waxbell.draft.Ids;
import org.waxbell.kind.Fresh;
import org.waxbell.kind.Kind;
import org.waxbell.link.LinkSettings;
import org.waxbell.link.LinkState;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** All links: makes them of what is kept, lets them be set, paused, tried and removed, and tells how they stand. */
@Component
public class Links {
    private static final List<String> ORDER =
            List.of("channel", "irc", "mixer", "stage", "room", "computer", "osc", "notice", "web");
    private static final int LONGEST_NAME = 40;
    private final Map<String, LinkMaker<?>> makers = new LinkedHashMap<>();
    private final Map<String, Live> live = new LinkedHashMap<>();
    private final List<FixedLink.Source> fixed;
    private final LinkBook book;
    private final LinkUse use;
    private final ProofDesk proofs;
    private final Documents json;
    private final SystemClock clock;
    private final LinkPulse pulse;

    Links(
            List<LinkMaker<?>> makers,
            List<FixedLink.Source> fixed,
            LinkBook book,
            LinkUse use,
            ProofDesk proofs,
            Documents json,
            SystemClock clock,
            LinkPulse pulse,
            ApplicationEventPublisher news) {
        makers.forEach(maker -> this.makers.put(maker.kind().name(), maker));
        this.fixed = fixed;
        this.book = book;
        this.use = use;
        this.proofs = proofs;
        this.json = json;
        this.clock = clock;
        this.pulse = pulse;
        pulse.watch(() -> {
            news.publishEvent(new LinksMoved(all()));
        });
    }

    private record Live(Kept kept, LinkLife life, @Nullable Link link) {}

    /** Everything is connected once the pages can be asked for, for the practice mixer is one of them; before all else, for what somebody does meanwhile finds no link. */
    @EventListener(ApplicationReadyEvent.class)
    @Order(Ordered.HIGHEST_PRECEDENCE)
    synchronized void openAll() {
        makers.values().stream()
                .filter(maker -> !maker.several())
                .map(LinkMaker::kind)
                .filter(kind ->
                        book.all().stream().noneMatch(kept -> kept.kind().equals(kind.name())))
                .forEach(kind -> book.put(new Kept(
                        kind.name(),
                        kind.name(),
                        "The " + kind.label().toLowerCase(Locale.ROOT),
                        json.write(fresh(kind)),
                        Map.of(),
                        false)));
        book.all().forEach(this::begin);
    }

    @EventListener(ContextClosedEvent.class)
    synchronized void closeAll() {
        live.values().forEach(Links::end);
        live.clear();
    }

    private void begin(Kept kept) {
        LinkMaker<?> maker = Objects.requireNonNull(makers.get(kept.kind()), kept.kind());
        Live was = live.get(kept.id());
        LinkState before = was == null ? LinkState.NEW : was.life().state();
        if (was != null) {
            end(was);
        }
        LinkLife life = new LinkLife(kept.name(), before.unset(clock.now()), clock, pulse.timer(), pulse::moved);
        live.put(kept.id(), begun(maker, kept, life));
        pulse.moved();
    }

    private <S extends LinkSettings> Live begun(LinkMaker<S> maker, Kept kept, LinkLife life) {
        S settings =
                maker.kind().type().cast(json.read(kept.settings(), maker.kind().type()));
        if (!settings.complete()) {
            return new Live(kept, life, null);
        }
        Link link = maker.make(kept.id(), settings, book.secrets(kept), life);
        if (kept.paused()) {
            life.paused();
        } else {
            link.open();
        }
        return new Live(kept, life, link);
    }

    private static void end(Live each) {
        each.life().over();
        if (each.link() != null) {
            each.link().close();
        }
    }

    /** How all of them stand, in the order in which a newcomer sets them up. */
    public synchronized List<LinkView> all() {
        List<LinkView> views = new ArrayList<>();
        for (FixedLink.Source source : fixed) {
            source.links()
                    .forEach(each -> views.add(new LinkView(
                            each.id(),
                            each.kind(),
                            each.name(),
                            each.state(),
                            each.state().inWords(),
                            each.state().phase().ordinal(),
                            each.state().refusal(each.name()),
                            each.facts(),
                            use.of(each.id(), each.kind()),
                            true,
                            proofs.view(each.id()))));
        }
        for (Live each : live.values()) {
            LinkState state = each.life().state();
            views.add(new LinkView(
                    each.kept().id(),
                    each.kept().kind(),
                    each.kept().name(),
                    state,
                    state.inWords(),
                    state.phase().ordinal(),
                    state.refusal(each.kept().name()),
                    each.link() == null ? List.of() : each.link().facts(),
                    use.of(each.kept().id(), each.kept().kind()),
                    false,
                    proofs.view(each.kept().id())));
        }
        views.sort(Comparator.comparingInt(view -> ORDER.indexOf(view.kind())));
        return views;
    }

    /** A link with its settings; secrets only by whether there are some. */
    public record SetLink(
            String id, String kind, String name, JsonNode settings, Map<String, Boolean> secrets, boolean paused) {}

    /** What a link is to be. @param secrets those that change, empty text to take one away; others stay as they are */
    public record LinkWanted(String name, JsonNode settings, Map<String, String> secrets) {}

    /** The settings of a link; throws {@link Refused} where there is none. */
    public SetLink settings(String id) {
        Kept kept = known(id);
        Map<String, Boolean> secrets = new LinkedHashMap<>();
        kept.secrets().keySet().forEach(name -> secrets.put(name, true));
        return new SetLink(id, kept.kind(), kept.name(), json.tree(kept.settings()), secrets, kept.paused());
    }

    /** Settings with which a new link of a kind begins. */
    public JsonNode fresh(String kind) {
        return json.tree(json.write(fresh(maker(kind).kind())));
    }

    private static Object fresh(Kind<?> kind) {
        return kind.fresh().apply(Fresh.NOTHING);
    }

    /** Adds a link of that kind under an id made of its name, and connects it; throws {@link Refused}, and nothing is changed then. */
    public synchronized SetLink add(String kind, LinkWanted wanted) {
        Set<String> taken = new HashSet<>(makers.keySet());
        all().forEach(each -> taken.add(each.id()));
        return set(Ids.of(wanted.name(), kind, LONGEST_NAME, taken), kind, wanted);
    }

    /** Adds a link, or changes the one of that id, and connects it anew; throws {@link Refused}, and nothing is changed then. */
    public synchronized SetLink set(String id, String kind, LinkWanted wanted) {
        Kept before = book.find(id);
        LinkMaker<?> maker = maker(before == null ? kind : before.kind());
        Problems problems = new Problems();
        problems.at("id").id(id, "tower");
        problems.at("name").text(wanted.name(), LONGEST_NAME, "The name");
        if (before == null
                && (!maker.several()
                        || fixed.stream()
                                .flatMap(each -> each.links().stream())
                                .anyMatch(each -> each.id().equals(id)))) {
            problems.at("id").add(id, "There is a link of that name already.", "Choose another.");
        }
        String settings = checked(maker, wanted.settings(), problems.at("settings"));
        if (!problems.found().isEmpty()) {
            throw new Refused(problems.found());
        }
        Kept next = book.with(
                new Kept(
                        id,
                        maker.kind().name(),
                        wanted.name(),
                        settings,
                        before == null ? Map.of() : before.secrets(),
                        before != null && before.paused()),
                wanted.secrets());
        book.put(next);
        begin(next);
        return settings(id);
    }

    private String checked(LinkMaker<?> maker, JsonNode settings, Problems problems) {
        try {
            LinkSettings fitted = json.fit(settings, maker.kind().type());
            fitted.check(problems);
            return json.write(fitted);
        } catch (JacksonException wrong) {
            throw new Refused(List.of(Faults.of(wrong)));
        }
    }

    /** Forgets a link with all its secrets. */
    public synchronized void remove(String id) {
        Kept kept = known(id);
        if (!maker(kept.kind()).several()) {
            throw new Refused("id", id, "This link is always there.", "Pause it, or change where it connects to.");
        }
        Live gone = live.remove(id);
        if (gone != null) {
            end(gone);
        }
        book.remove(id);
        pulse.moved();
    }

    /** Lets a link rest without forgetting it, or connects it again. */
    public synchronized void pause(String id, boolean paused) {
        Kept next = known(id).paused(paused);
        book.put(next);
        begin(next);
    }

    /** Tries a link for real; what came of it as a sentence, or a failure that says why not. */
    public CompletableFuture<String> test(String id) {
        for (FixedLink.Source source : fixed) {
            for (FixedLink each : source.links()) {
                if (each.id().equals(id)) {
                    return each.test();
                }
            }
        }
        Live each;
        synchronized (this) {
            known(id);
            each = live.get(id);
        }
        Link link = each == null ? null : each.link();
        return link == null
                ? CompletableFuture.failedFuture(
                        new IllegalStateException("There is nothing to connect to yet; fill in its settings."))
                : link.test();
    }

    private Kept known(String id) {
        Kept kept = book.find(id);
        if (kept == null) {
            throw new Refused("id", id, "There is no such link.", "Choose one that is in the list.");
        }
        return kept;
    }

    private LinkMaker<?> maker(String kind) {
        LinkMaker<?> maker = makers.get(kind);
        if (maker == null) {
            throw new Refused("kind", kind, "There is no such kind of link.", "Choose one of " + makers.keySet() + ".");
        }
        return maker;
    }
}

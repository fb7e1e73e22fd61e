package org.waxbell.app.stage;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.link.FixedLink;
import org.waxbell.app.link.LinkPulse;
import org.waxbell.app.link.LinkView.LinkFact;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.booking.Outlet;
import org.waxbell.link.LinkNeeds;
import org.waxbell.link.LinkState;
import org.waxbell.link.Trouble;
import org.waxbell.stage.Stage;

/** The pages of each stage as a link: one that no page shows has failed. */
@Component
class StageLinks implements FixedLink.Source, StageWatcher {
    private final StageFeed feed;
    private final WiringStore wiring;
    private final SystemClock clock;
    private final LinkPulse pulse;
    private final Map<String, LinkState> states = new ConcurrentHashMap<>();

    StageLinks(StageFeed feed, WiringStore wiring, SystemClock clock, LinkPulse pulse) {
        this.feed = feed;
        this.wiring = wiring;
        this.clock = clock;
        this.pulse = pulse;
    }

    @Override
    public List<FixedLink> links() {
        return wiring.current().wiring().stages().stream()
                .map(stage -> (FixedLink) new Pages(stage, state(stage.id())))
                .toList();
    }

    private LinkState state(String stage) {
        List<StagePage> pages = feed.pages(stage);
        Trouble unheard = wiring.current().wiring().stage(stage).stream()
                .flatMap(known -> known.outlets().stream())
                .filter(Outlet::apart)
                .flatMap(outlet -> unheard(outlet, feed.pages(stage, outlet.id())).stream())
                .findFirst()
                .orElse(null);
        return states.compute(
                stage,
                (id, before) -> next(before == null ? LinkState.NEW.unset(clock.now()) : before, pages, unheard));
    }

    /** What is wrong with an outlet that has a page of its own; empty where it is heard. */
    private static Optional<Trouble> unheard(Outlet outlet, List<StagePage> pages) {
        if (pages.isEmpty()) {
            return Optional.of(Trouble.lasting(
                    "No page sounds the outlet " + outlet.name() + ": what is played there is not heard.",
                    "Place its own browser source, or let the stage’s pages sound it."));
        }
        return pages.stream().anyMatch(StagePage::sounds)
                ? Optional.empty()
                : Optional.of(Trouble.lasting(
                        "The outlet " + outlet.name() + " has its page, and it may not sound.",
                        "Click once into the page that sounds it."));
    }

    /** @param unheard what is wrong with an outlet that has a page of its own, null for nothing */
    private LinkState next(LinkState before, List<StagePage> pages, @Nullable Trouble unheard) {
        if (pages.isEmpty()) {
            return broken(
                    before,
                    Trouble.lasting(
                            "No page shows this stage: viewers see nothing of it.",
                            "Place it in the mixer, or open its address there."));
        }
        double worst = pages.stream().mapToDouble(StagePage::roundTrip).max().orElse(-1);
        if (unheard != null) {
            return broken(before, unheard).measured(worst);
        }
        if (pages.stream().noneMatch(StagePage::sounds)) {
            return broken(
                            before,
                            Trouble.lasting(
                                    "It is shown, and no page of it may sound.",
                                    "Click once into the page that shows it."))
                    .measured(worst);
        }
        return before.up(clock.now()).measured(worst);
    }

    private LinkState broken(LinkState before, Trouble why) {
        return why.equals(before.trouble()) ? before : before.broken(clock.now(), why, 0);
    }

    @Override
    public void pagesChanged(String stage) {
        state(stage);
        pulse.moved();
    }

    @Override
    public void started(String partRun, double at) {
        String stage = feed.stageOf(partRun);
        if (!stage.isEmpty()) {
            states.computeIfPresent(stage, (id, before) -> before.hears((long) at, "a page painted " + partRun));
            pulse.moved();
        }
    }

    private final class Pages implements FixedLink {
        private final Stage stage;
        private final LinkState state;

        Pages(Stage stage, LinkState state) {
            this.stage = stage;
            this.state = state;
        }

        @Override
        public String id() {
            return LinkNeeds.stage(stage.id());
        }

        @Override
        public String kind() {
            return "stage";
        }

        @Override
        public String name() {
            return "Stage " + stage.name();
        }

        @Override
        public LinkState state() {
            return state;
        }

        @Override
        public List<LinkFact> facts() {
            int pages = feed.pages(stage.id()).size();
            return List.of(
                    LinkFact.of("Browser source", stage.width() + " × " + stage.height() + " pixels"),
                    new LinkFact(
                            "Shown by",
                            pages == 0 ? "no page" : pages == 1 ? "one page" : pages + " pages",
                            pages > 0));
        }

        @Override
        public CompletableFuture<String> test() {
            return feed.roundTrip(stage.id())
                    .thenApply(answered -> answered.size() == 1
                            ? "One page answered in " + millis(answered.get(0)) + " ms."
                            : answered.size() + " pages answered, the slowest in "
                                    + millis(answered.stream()
                                            .mapToDouble(Double::doubleValue)
                                            .max()
                                            .orElse(0)) + " ms.");
        }

        private static double millis(double exact) {
            return Math.round(exact * 10) / 10.0;
        }
    }
}

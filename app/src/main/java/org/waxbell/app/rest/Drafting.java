package org.waxbell.app.rest;

import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import org.springframework.stereotype.Component;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.computer.ComputerDesk;
import org.waxbell.app.json.Families;
import org.waxbell.app.link.LinkView;
import org.waxbell.app.link.Links;
import org.waxbell.app.mixer.MixerDesk;
import org.waxbell.cue.Cue;
import org.waxbell.draft.CueLook;
import org.waxbell.draft.FreshOn;
import org.waxbell.draft.NewCue;
import org.waxbell.kind.From;
import org.waxbell.mixer.MixerPicture;
import org.waxbell.port.Calendars;
import org.waxbell.wiring.Kinds;
import org.waxbell.wiring.Wiring;

/** Looks at cues that are being written, with what only the program around knows: the mixer's scenes and sources, and the links. */
@Component
class Drafting {
    private final Calendars calendars;
    private final Kinds kinds;
    private final Links links;
    private final MixerDesk mixer;
    private final ComputerDesk computer;
    private final SystemClock clock;

    Drafting(
            Calendars calendars,
            Families families,
            Links links,
            MixerDesk mixer,
            ComputerDesk computer,
            SystemClock clock) {
        this.calendars = calendars;
        this.kinds = families.kinds();
        this.links = links;
        this.mixer = mixer;
        this.computer = computer;
        this.clock = clock;
    }

    /** How {@code cue} looks among others. */
    CueLook look(Cue cue, Wiring among) {
        return CueLook.at(cue, on(among).within(cue, List.of(), ""), calendars, kinds);
    }

    private List<String> linked(Predicate<LinkView> which) {
        return links.all().stream().filter(which).map(LinkView::id).toList();
    }

    /** What fresh things are made on, for nothing in particular. */
    FreshOn on(Wiring among) {
        MixerPicture picture = mixer.picture().orElse(MixerPicture.NONE);
        Map<From, List<String>> known = Map.of(
                From.SCENES,
                picture.scenes().stream().map(MixerPicture.Scene::id).toList(),
                From.SOURCES,
                picture.sources().stream().map(MixerPicture.Source::id).toList(),
                From.LINKS,
                linked(each -> each.kind().equals("irc") || each.id().equals("practice")),
                From.PROGRAMS,
                computer.programs(),
                From.WEB_LINKS,
                linked(each -> each.kind().equals("web")),
                From.OSC_LINKS,
                linked(each -> each.kind().equals("osc")));
        return new FreshOn(
                among, NewCue.BLANK, List.of(), Optional.empty(), "", known, clock.now(), ZoneId.systemDefault());
    }
}

package org.waxbell.app.live;

import org.springframework.stereotype.Component;
import org.waxbell.app.stage.StageWatcher;

/** Tells consoles which pages show a stage, and what they painted. */
@Component
class PagesTopic implements StageWatcher {
    private final LiveSocket live;
    private final LiveStandings standings;

    PagesTopic(LiveSocket live, LiveStandings standings) {
        this.live = live;
        this.standings = standings;
    }

    /** A part was painted. @param at when, milliseconds since 1970 UTC with fractions */
    record StartedNotice(String partRun, double at) {}

    @Override
    public void pagesChanged(String stage) {
        live.tell("pages", standings.pages());
    }

    @Override
    public void started(String partRun, double at) {
        live.tell("started", new StartedNotice(partRun, at));
    }
}

package org.waxbell.app.run;

import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.waxbell.app.inbox.OutcomeWatcher;
import org.waxbell.directive.Directive;
import org.waxbell.engine.Outcome;

/** Lets directives out to their adapters; one that breaks off is logged and told as the failure of its part, and never stops the others. */
@Component
class Release {
    private static final Logger LOG = LoggerFactory.getLogger(Release.class);
    private final Registry adapters;
    private final List<OutcomeWatcher> watchers;

    Release(Registry adapters, List<OutcomeWatcher> watchers) {
        this.adapters = adapters;
        this.watchers = watchers;
    }

    /**
     * Lets all of it out, even where nothing can be kept: stages first, for they have a moment to meet; then the news of what
     * was decided; then chat, so that an answer never stands above the line that it answers.
     */
    void release(Outcome outcome, Failures failures) {
        wave(Directive.Wave.SEEN, outcome, failures);
        watchers.forEach(watcher -> guarded(() -> watcher.left(outcome)));
        wave(Directive.Wave.SAID, outcome, failures);
        wave(Directive.Wave.DONE, outcome, failures);
    }

    /** Is told of parts that no adapter can do. */
    @FunctionalInterface
    interface Failures {
        /** The part failed, and no adapter will tell of it. */
        void failed(String partRun, String why);
    }

    private void wave(Directive.Wave wave, Outcome outcome, Failures failures) {
        for (Directive directive : outcome.directives()) {
            if (directive.wave() == wave) {
                if (!guarded(() -> carry(directive, failures))
                        && !directive.untaken().isEmpty()) {
                    failures.failed(directive.partRun(), "a fault of the program ended it; the log says more");
                }
            }
        }
    }

    private void carry(Directive directive, Failures failures) {
        if (!adapters.carry(directive) && !directive.untaken().isEmpty()) {
            failures.failed(directive.partRun(), directive.untaken());
        }
    }

    /** Whether it went through. */
    private static boolean guarded(Runnable work) {
        try {
            work.run();
            return true;
        } catch (RuntimeException | StackOverflowError | AssertionError failed) {
            LOG.error("An adapter failed", failed);
            return false;
        }
    }
}

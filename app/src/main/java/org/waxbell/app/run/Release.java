package org.waxbell.app.run;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.waxbell.directive.Directive;
import org.waxbell.directive.EndPart;
import org.waxbell.directive.HushAll;
import org.waxbell.directive.MakeClip;
import org.waxbell.directive.SayInChat;
import org.waxbell.directive.SetFace;
import org.waxbell.directive.SetTarget;
import org.waxbell.directive.StageDirective;
import org.waxbell.engine.Outcome;
import org.waxbell.port.ChatOut;
import org.waxbell.port.ClipOut;
import org.waxbell.port.StageOut;
import org.waxbell.port.TargetOut;

/** Lets directives out to their adapters; one that fails is logged and never stops the others. */
@Component
class Release {
    private static final Logger LOG = LoggerFactory.getLogger(Release.class);
    private final StageOut stages;
    private final List<ChatOut> chats;
    private final Map<String, ClipOut> clips;
    private final List<TargetOut> targets;
    private final List<OutcomeWatcher> watchers;

    Release(
            StageOut stages,
            List<ChatOut> chats,
            List<ClipOut> clips,
            List<TargetOut> targets,
            List<OutcomeWatcher> watchers) {
        this.stages = stages;
        this.clips = clips.stream().collect(Collectors.toMap(ClipOut::link, Function.identity()));
        this.targets = targets;
        this.chats = chats;
        this.watchers = watchers;
    }

    /**
     * Lets all of it out, even where nothing can be kept: stages first, for they have a moment to meet; then the news of what
     * was decided; then chat, so that an answer never stands above the line that it answers.
     */
    void release(Outcome outcome, Failures failures) {
        outcome.directives().forEach(directive -> guarded(() -> perform(directive)));
        watchers.forEach(watcher -> guarded(() -> watcher.left(outcome)));
        outcome.directives().forEach(directive -> guarded(() -> say(directive, failures)));
        outcome.directives().forEach(directive -> guarded(() -> outside(directive, failures)));
    }

    /** Is told of parts that no adapter can do. */
    @FunctionalInterface
    interface Failures {
        /** The part failed before anything was tried. */
        void failed(String partRun, String why);
    }

    private void outside(Directive directive, Failures failures) {
        if (directive instanceof MakeClip clip) {
            if (clips.containsKey(clip.link())) {
                clips.get(clip.link()).make(clip);
            } else {
                failures.failed(
                        clip.partRun(),
                        "no link is set up that makes clips" + (clip.link().isEmpty() ? "" : " on " + clip.link()));
            }
        } else if (directive instanceof SetTarget set) {
            targets.stream()
                    .filter(each -> each.knows(set.target().kind()))
                    .findFirst()
                    .ifPresentOrElse(
                            each -> each.set(set),
                            () -> failures.failed(
                                    set.partRun(),
                                    "no link is set up for " + set.target().inWords()));
        }
    }

    private void perform(Directive directive) {
        if (directive instanceof StageDirective part) {
            stages.perform(part);
        } else if (directive instanceof SetFace face) {
            stages.face(face);
        } else if (directive instanceof EndPart end) {
            stages.end(end);
        } else if (directive instanceof HushAll hush) {
            stages.hush(hush);
        }
    }

    private void say(Directive directive, Failures failures) {
        if (directive instanceof SayInChat say) {
            chats.stream()
                    .filter(each -> each.reaches(say.link()))
                    .findFirst()
                    .ifPresentOrElse(
                            each -> each.say(say),
                            () -> failures.failed(say.partRun(), "there is no chat link called " + say.link()));
        }
    }

    private static void guarded(Runnable work) {
        try {
            work.run();
        } catch (RuntimeException failed) {
            LOG.error("An adapter failed", failed);
        }
    }
}

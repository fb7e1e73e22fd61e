package org.waxbell.app.practice;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.waxbell.app.address.StageKeys;
import org.waxbell.app.inbox.OutcomeWatcher;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.directive.Directive;
import org.waxbell.directive.EndPart;
import org.waxbell.directive.HushAll;
import org.waxbell.directive.PlaySound;
import org.waxbell.directive.Quieten;
import org.waxbell.directive.SayInChat;
import org.waxbell.directive.Speak;
import org.waxbell.directive.StageDirective;
import org.waxbell.engine.Outcome;
import org.waxbell.event.ChatLine;
import org.waxbell.mixer.MixerPicture;
import org.waxbell.stage.Stage;

/** Sees what stages are told and what is written, as far as the practice mixer keeps it for clips. */
@Component
class ProgrammeWatch implements OutcomeWatcher {
    private static final int LINES = 5;
    private static final String KEY = "#k=";
    private static final int MOST_KNOWN = 50;
    private final StageKeys keys;
    private final WiringStore wiring;
    private final Map<String, StageDirective> parts = new LinkedHashMap<>();
    private final Map<String, Long> ended = new LinkedHashMap<>();
    private final Map<String, String> known = new HashMap<>();
    private final Deque<String> lines = new ArrayDeque<>();

    ProgrammeWatch(StageKeys keys, WiringStore wiring) {
        this.keys = keys;
        this.wiring = wiring;
    }

    @Override
    public synchronized void left(Outcome outcome) {
        outcome.decisions().forEach(decision -> {
            if (decision.event() instanceof ChatLine line) {
                write(line.viewer().name() + ": " + line.text());
            }
        });
        outcome.directives().forEach(this::see);
    }

    private void see(Directive directive) {
        if (directive instanceof StageDirective part && !(directive instanceof Quieten)) {
            parts.put(part.partRun(), part);
        } else if (directive instanceof EndPart end) {
            ended.merge(end.partRun(), end.meantFor(), Math::min);
        } else if (directive instanceof HushAll hush) {
            parts.keySet().forEach(each -> ended.merge(each, hush.meantFor(), Math::min));
        } else if (directive instanceof SayInChat answer && answer.to().isEmpty()) {
            write(answer.text());
        }
    }

    private void write(String line) {
        lines.addLast(line);
        while (lines.size() > LINES) {
            lines.removeFirst();
        }
    }

    /** Lets go what was over before that moment, milliseconds since 1970 UTC. */
    synchronized void forget(long before) {
        parts.values().removeIf(each -> over(each) < before);
        ended.keySet().retainAll(parts.keySet());
    }

    private long over(StageDirective part) {
        return Math.min(part.over(), ended.getOrDefault(part.partRun(), Long.MAX_VALUE));
    }

    /** What is on programme at a moment. */
    synchronized Programme at(long now, MixerPicture mixer) {
        List<Programme.OnStage> stages = new ArrayList<>();
        mixer.scene(mixer.current())
                .ifPresent(scene -> scene.items().stream()
                        .filter(MixerPicture.Item::shown)
                        .forEach(item -> mixer.source(item.source())
                                .flatMap(this::stage)
                                .ifPresent(stage ->
                                        stages.add(new Programme.OnStage(stage, item.place(), seen(stage, now))))));
        return new Programme(now, mixer, stages, List.copyOf(lines));
    }

    private Optional<Stage> stage(MixerPicture.Source source) {
        if (known.size() > MOST_KNOWN) {
            known.clear();
        }
        String id = known.computeIfAbsent(source.address(), this::stageAt);
        return wiring.current().wiring().stage(id);
    }

    /** The id of the stage at an address, empty text where it is none of ours; that takes a while to find out. */
    private String stageAt(String address) {
        int key = address.indexOf(KEY);
        return key < 0
                ? ""
                : keys.admit(address.substring(key + KEY.length()))
                        .map(StageKeys.Admitted::stage)
                        .orElse("");
    }

    private List<StageDirective> seen(Stage stage, long now) {
        return parts.values().stream()
                .filter(each -> each.stage().equals(stage.id()) && each.meantFor() <= now && now < over(each))
                .filter(each -> !(each instanceof PlaySound))
                .toList();
    }

    /** A sound or speech, and when it was silent again. */
    record Sounded(StageDirective part, long over) {}

    /** What sounded in a stretch of time. */
    synchronized List<Sounded> sounded(long from, long to) {
        return parts.values().stream()
                .filter(each -> each instanceof PlaySound || each instanceof Speak)
                .filter(each -> each.meantFor() < to && over(each) > from)
                .map(each -> new Sounded(each, over(each)))
                .toList();
    }
}

package org.waxbell.app.computer;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.waxbell.app.inbox.Carriers;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.link.Causes;
import org.waxbell.directive.SetTarget;
import org.waxbell.directive.UseComputer;
import org.waxbell.engine.Completion;
import org.waxbell.event.Target;
import org.waxbell.keys.KeyName;
import org.waxbell.port.Carrier;
import org.waxbell.port.TargetOut;

/** Does what cues and crowds ask of this computer. A key that was to come up while the link is down is up: whoever lets a computer go lifts them all. */
@Component
public class ComputerDesk implements TargetOut, Carriers {
    private final Inbox loop;
    private volatile @Nullable ComputerLink link;

    ComputerDesk(Inbox loop) {
        this.loop = loop;
    }

    ComputerLink become(ComputerLink next) {
        link = next;
        return next;
    }

    /** Programs that may be started, by name. */
    public List<String> programs() {
        ComputerLink now = link;
        return now == null ? List.of() : now.hub().programs();
    }

    /** Keys that may be pressed, as they are written; nothing where any may. */
    public List<String> keys() {
        ComputerLink now = link;
        return now == null ? List.of() : now.hub().keys();
    }

    @Override
    public boolean knows(Target.Kind kind) {
        return kind == Target.Kind.KEY;
    }

    @Override
    public void set(SetTarget set) {
        ComputerLink now = link;
        Optional<KeyName> key = KeyName.of(set.target().name());
        boolean down = set.value().equals("down");
        String refusal = refusal(now);
        if (refusal.isEmpty()) {
            refusal = key.map(each -> down && now != null ? now.hub().refusal(each) : "")
                    .orElseGet(() -> "there is no key called " + set.target().name());
        }
        if (now == null || !refusal.isEmpty()) {
            if (!set.back()) {
                loop.completed(set.partRun(), Completion.failed(refusal));
            }
            return;
        }
        now.key(key.orElseThrow(), down).whenComplete((done, failed) -> {
            if (failed != null) {
                loop.completed(set.partRun(), Completion.failed(Causes.words(failed)));
            }
        });
    }

    private static String refusal(@Nullable ComputerLink link) {
        return link == null ? "this computer is not linked" : link.works() ? "" : link.refusal();
    }

    @Override
    public List<Carrier<?>> carriers() {
        return List.of(Carrier.of(UseComputer.class, this::use));
    }

    private void use(UseComputer use) {
        ComputerLink now = link;
        String refusal = refusal(now);
        if (now == null || !refusal.isEmpty()) {
            loop.completed(use.partRun(), Completion.failed(refusal));
            return;
        }
        now.act(use)
                .whenComplete((done, failed) -> loop.completed(
                        use.partRun(), failed == null ? Completion.ended() : Completion.failed(Causes.words(failed))));
    }
}

package org.waxbell.app.keys;

import java.util.Optional;
import org.springframework.stereotype.Component;
import org.waxbell.app.hub.KeysOut;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.link.Causes;
import org.waxbell.directive.SetTarget;
import org.waxbell.engine.Completion;
import org.waxbell.event.Target;
import org.waxbell.keys.KeyName;
import org.waxbell.port.TargetOut;

/** Presses the keys that cues and crowds ask for. */
@Component
final class KeysDesk implements TargetOut {
    private final Inbox loop;
    private final KeysOut keys;

    KeysDesk(Inbox loop, KeysOut keys) {
        this.loop = loop;
        this.keys = keys;
    }

    @Override
    public boolean knows(Target.Kind kind) {
        return kind == Target.Kind.KEY;
    }

    @Override
    public void set(SetTarget set) {
        Optional<KeyName> key = KeyName.of(set.target().name());
        String refusal = key.map(keys::refusal)
                .orElseGet(() -> "there is no key called " + set.target().name());
        if (key.isEmpty() || !refusal.isEmpty()) {
            loop.completed(set.partRun(), Completion.failed(refusal));
            return;
        }
        keys.key(key.get(), set.value().equals("down")).whenComplete((done, failed) -> {
            if (failed != null) {
                loop.completed(set.partRun(), Completion.failed(Causes.words(failed)));
            }
        });
    }
}

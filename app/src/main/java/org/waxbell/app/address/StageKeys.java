package org.waxbell.app.address;

import java.util.Optional;
import org.springframework.stereotype.Component;
import org.waxbell.app.security.KeyRing;
import org.waxbell.app.wiring.WiringStore;

/** The secret of each stage's address, and one for previews. */
@Component
public class StageKeys {
    private final KeyRing ring;
    private final WiringStore wiring;
    /** One for previews in the console, new with every start: pages that come with it are silent and report nothing. */
    private final String preview;

    StageKeys(KeyRing ring, WiringStore wiring) {
        this.ring = ring;
        this.wiring = wiring;
        this.preview = ring.fresh();
    }

    /** A page that showed its key: for which stage, and whether it only previews. */
    public record Admitted(String stage, boolean preview) {}

    /** The key of a stage; made where it has none yet. */
    public String key(String stage) {
        return ring.key(name(stage));
    }

    /** Gives the stage another key; the old one opens nothing from now on. */
    public String renew(String stage) {
        return ring.renew(name(stage));
    }

    /** The key with which the console previews a stage. */
    public String previewKey(String stage) {
        return preview + "." + stage;
    }

    /** What {@code key} opens. */
    public Optional<Admitted> admit(String key) {
        for (var stage : wiring.current().wiring().stages()) {
            if (KeyRing.same(key, key(stage.id()))) {
                return Optional.of(new Admitted(stage.id(), false));
            }
            if (KeyRing.same(key, previewKey(stage.id()))) {
                return Optional.of(new Admitted(stage.id(), true));
            }
        }
        return Optional.empty();
    }

    private static String name(String stage) {
        return "stage." + stage + ".key";
    }
}

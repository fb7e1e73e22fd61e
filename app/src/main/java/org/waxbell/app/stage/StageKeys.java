package org.waxbell.app.stage;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;
import org.waxbell.app.security.Hashes;
import org.waxbell.app.security.SecretBox;
import org.waxbell.app.store.SettingMapper;
import org.waxbell.app.wiring.WiringStore;

/** The secret of each stage's address: 192 random bits, stored locked, compared as hashes, renewed on wish. */
@Component
public class StageKeys {
    private static final int BYTES = 24;
    private final SettingMapper settings;
    private final SecretBox box;
    private final WiringStore wiring;
    private final SecureRandom random = new SecureRandom();
    private final Map<String, String> keys = new ConcurrentHashMap<>();
    /** One for previews in the console, new with every start: pages that come with it are silent and report nothing. */
    private final String preview = fresh();

    StageKeys(SettingMapper settings, SecretBox box, WiringStore wiring) {
        this.settings = settings;
        this.box = box;
        this.wiring = wiring;
    }

    /** A page that showed its key: for which stage, and whether it only previews. */
    public record Admitted(String stage, boolean preview) {
    }

    /** The key of a stage; made where it has none yet. */
    public synchronized String key(String stage) {
        String known = keys.get(stage);
        if (known != null) {
            return known;
        }
        String locked = settings.get(name(stage));
        if (locked == null) {
            return renew(stage);
        }
        String key = box.open(locked);
        keys.put(stage, key);
        return key;
    }

    /** Gives the stage another key; the old one opens nothing from now on. */
    public synchronized String renew(String stage) {
        String key = fresh();
        settings.put(name(stage), box.lock(key));
        keys.put(stage, key);
        return key;
    }

    /** The key with which the console previews a stage. */
    public String previewKey(String stage) {
        return preview + "." + stage;
    }

    /** What {@code key} opens. */
    public Optional<Admitted> admit(String key) {
        for (var stage : wiring.current().wiring().stages()) {
            if (same(key, key(stage.id()))) {
                return Optional.of(new Admitted(stage.id(), false));
            }
            if (same(key, previewKey(stage.id()))) {
                return Optional.of(new Admitted(stage.id(), true));
            }
        }
        return Optional.empty();
    }

    private static boolean same(String one, String other) {
        return MessageDigest.isEqual(Hashes.sha256(one.getBytes(StandardCharsets.UTF_8)),
                Hashes.sha256(other.getBytes(StandardCharsets.UTF_8)));
    }

    private String fresh() {
        byte[] bytes = new byte[BYTES];
        random.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    private static String name(String stage) {
        return "stage." + stage + ".key";
    }
}

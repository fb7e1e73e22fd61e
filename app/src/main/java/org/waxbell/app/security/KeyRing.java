package org.waxbell.app.security;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;
import org.waxbell.app.store.SettingMapper;

/** Secrets of addresses by their names: 192 random bits each, stored locked, compared as hashes, renewed on wish. */
@Component
public class KeyRing {
    private static final int BYTES = 24;
    private final SettingMapper settings;
    private final SecretBox box;
    private final SecureRandom random = new SecureRandom();
    private final Map<String, String> keys = new ConcurrentHashMap<>();

    KeyRing(SettingMapper settings, SecretBox box) {
        this.settings = settings;
        this.box = box;
    }

    /** The key of that name; made where there is none yet. */
    public synchronized String key(String name) {
        String known = keys.get(name);
        if (known != null) {
            return known;
        }
        String locked = settings.get(name);
        if (locked == null) {
            return renew(name);
        }
        String key = box.open(locked);
        keys.put(name, key);
        return key;
    }

    /** Another key for that name; the old one opens nothing from now on. */
    public synchronized String renew(String name) {
        String key = fresh();
        settings.put(name, box.lock(key));
        keys.put(name, key);
        return key;
    }

    /** A key that is kept nowhere. */
    public String fresh() {
        byte[] bytes = new byte[BYTES];
        random.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    /** Whether two keys are the same; it takes as long for a wrong one. */
    public static boolean same(String one, String other) {
        return MessageDigest.isEqual(
                Hashes.sha256(one.getBytes(StandardCharsets.UTF_8)),
                Hashes.sha256(other.getBytes(StandardCharsets.UTF_8)));
    }
}

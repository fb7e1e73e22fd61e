package org.waxbell.app.media;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.HexFormat;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.stereotype.Component;
import org.waxbell.app.clock.SystemClock;

/** Short-lived rights to fetch a file: good for the hour in which they are given and the next, and for this run only. */
@Component
public class MediaTokens {
    private static final long HOUR = 3_600_000;
    private static final int LENGTH = 32;
    private final SecretKeySpec key;
    private final SystemClock clock;

    MediaTokens(SystemClock clock) {
        this.clock = clock;
        byte[] secret = new byte[LENGTH];
        new SecureRandom().nextBytes(secret);
        this.key = new SecretKeySpec(secret, "HmacSHA256");
    }

    /** The address at which the file of that hash can be fetched for a while; empty text for no hash. */
    public String address(String hash) {
        return hash.isEmpty() ? "" : "/media/" + hash + "?t=" + token(hash, clock.now() / HOUR);
    }

    /** Whether {@code token} gives the right to the file of that hash now. */
    public boolean opens(String hash, String token) {
        long hour = clock.now() / HOUR;
        return same(token, token(hash, hour)) || same(token, token(hash, hour - 1));
    }

    private static boolean same(String one, String other) {
        return MessageDigest.isEqual(one.getBytes(StandardCharsets.UTF_8), other.getBytes(StandardCharsets.UTF_8));
    }

    private String token(String hash, long hour) {
        try {
            Mac mac = Mac.getInstance("HmacSHA256");
            mac.init(key);
            return HexFormat.of()
                    .formatHex(mac.doFinal((hash + ":" + hour).getBytes(StandardCharsets.UTF_8)))
                    .substring(0, LENGTH);
        } catch (GeneralSecurityException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}

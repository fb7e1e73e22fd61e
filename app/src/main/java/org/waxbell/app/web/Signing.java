package org.waxbell.app.web;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.util.Base64;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

/** Signs calls and looks at signatures as Standard Webhooks describe: HMAC-SHA256 of {@code id.timestamp.body}, of version {@code v1}. */
public final class Signing {
    /** The header that tells the id of a call, which stays the same when it is tried again. */
    public static final String ID = "webhook-id";
    /** The header that tells when it was made, seconds since 1970 UTC. */
    public static final String TIME = "webhook-timestamp";
    /** The header with one signature or several, a space between. */
    public static final String SIGNATURE = "webhook-signature";

    private static final String PREFIX = "whsec_";
    private static final String VERSION = "v1,";

    private Signing() {}

    /** The signature of a call. Throws {@link IllegalArgumentException} where the secret cannot be read. @param seconds since 1970 UTC */
    public static String of(String secret, String id, long seconds, String body) {
        try {
            Mac mac = Mac.getInstance("HmacSHA256");
            mac.init(new SecretKeySpec(key(secret), "HmacSHA256"));
            byte[] made = mac.doFinal((id + "." + seconds + "." + body).getBytes(StandardCharsets.UTF_8));
            return VERSION + Base64.getEncoder().encodeToString(made);
        } catch (GeneralSecurityException missing) {
            throw new IllegalStateException(missing);
        }
    }

    /** Whether one of the signatures of a call is right. @param signatures as its header has them */
    public static boolean holds(String secret, String id, long seconds, String body, String signatures) {
        byte[] right = of(secret, id, seconds, body).getBytes(StandardCharsets.UTF_8);
        boolean held = false;
        for (String each : signatures.split(" ")) {
            held |= MessageDigest.isEqual(right, each.getBytes(StandardCharsets.UTF_8));
        }
        return held;
    }

    /** What stands in Base64 behind {@code whsec_}; another secret counts as it is written. */
    private static byte[] key(String secret) {
        if (!secret.startsWith(PREFIX)) {
            return secret.getBytes(StandardCharsets.UTF_8);
        }
        return Base64.getDecoder().decode(secret.substring(PREFIX.length()));
    }
}

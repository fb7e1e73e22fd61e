package org.waxbell.app.security;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.SecureRandom;
import java.util.Arrays;
import java.util.HexFormat;
import javax.crypto.Cipher;
import javax.crypto.spec.GCMParameterSpec;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;
import org.waxbell.app.config.DataFolder;

/** Encrypts secrets for the store (AES-256-GCM), so that the owner can see them again but a copy of the database gives none away. */
@Component
public class SecretBox {
    private static final int NONCE_BYTES = 12;
    private static final int TAG_BITS = 128;
    private final SecretKeySpec key;
    private final SecureRandom random = new SecureRandom();

    @Autowired
    SecretBox(DataFolder folder) {
        this(KeyGuard.key(folder));
    }

    SecretBox(byte[] key) {
        this.key = new SecretKeySpec(key, "AES");
    }

    /** The secret, locked, as text for the store: a fresh nonce and what was sealed with it, in hex. */
    public String lock(String secret) {
        byte[] nonce = new byte[NONCE_BYTES];
        random.nextBytes(nonce);
        byte[] sealed = apply(Cipher.ENCRYPT_MODE, nonce, secret.getBytes(StandardCharsets.UTF_8));
        return HexFormat.of().formatHex(nonce) + HexFormat.of().formatHex(sealed);
    }

    /** The secret that was locked. */
    public String open(String locked) {
        byte[] all = HexFormat.of().parseHex(locked);
        byte[] nonce = Arrays.copyOf(all, NONCE_BYTES);
        return new String(
                apply(Cipher.DECRYPT_MODE, nonce, Arrays.copyOfRange(all, NONCE_BYTES, all.length)),
                StandardCharsets.UTF_8);
    }

    private byte[] apply(int mode, byte[] nonce, byte[] content) {
        try {
            Cipher cipher = Cipher.getInstance("AES/GCM/NoPadding");
            cipher.init(mode, key, new GCMParameterSpec(TAG_BITS, nonce));
            return cipher.doFinal(content);
        } catch (GeneralSecurityException wrong) {
            throw new IllegalStateException(
                    "The key file does not fit the database; restore both from the same backup.", wrong);
        }
    }
}

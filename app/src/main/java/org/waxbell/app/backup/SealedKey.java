package org.waxbell.app.backup;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.SecureRandom;
import java.util.HexFormat;
import java.util.Optional;
import javax.crypto.AEADBadTagException;
import javax.crypto.Cipher;
import javax.crypto.spec.GCMParameterSpec;
import javax.crypto.spec.SecretKeySpec;
import org.bouncycastle.crypto.generators.Argon2BytesGenerator;
import org.bouncycastle.crypto.params.Argon2Parameters;

/**
 * The key to all passwords and addresses, sealed with a passphrase: Argon2id (RFC 9106) makes a key of it, AES-256-GCM seals.
 *
 * @param salt     in hex
 * @param memoryKb what Argon2 uses of memory, in kilobytes
 * @param passes   how often it goes over that
 * @param nonce    in hex
 * @param sealed   in hex
 */
public record SealedKey(String salt, int memoryKb, int passes, String nonce, String sealed) {
    /** The shortest passphrase. */
    public static final int SHORTEST = 8;

    private static final HexFormat HEX = HexFormat.of();
    private static final int SALT_BYTES = 16;
    private static final int KEY_BYTES = 32;
    private static final int NONCE_BYTES = 12;
    private static final int TAG_BITS = 128;
    private static final int MEMORY_KB = 65_536;
    private static final int PASSES = 3;
    /** More than that a file does not make us work. */
    private static final int MOST_MEMORY_KB = 262_144;

    private static final int MOST_PASSES = 16;

    /** Seals a key. */
    public static SealedKey seal(byte[] key, String passphrase) {
        SecureRandom random = new SecureRandom();
        byte[] salt = new byte[SALT_BYTES];
        byte[] nonce = new byte[NONCE_BYTES];
        random.nextBytes(salt);
        random.nextBytes(nonce);
        try {
            byte[] made = derived(passphrase, salt, MEMORY_KB, PASSES);
            byte[] sealed = cipher(Cipher.ENCRYPT_MODE, made, nonce).doFinal(key);
            return new SealedKey(HEX.formatHex(salt), MEMORY_KB, PASSES, HEX.formatHex(nonce), HEX.formatHex(sealed));
        } catch (GeneralSecurityException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** The key; empty where the passphrase is another, or it was changed. */
    public Optional<byte[]> open(String passphrase) {
        if (memoryKb < 8 || memoryKb > MOST_MEMORY_KB || passes < 1 || passes > MOST_PASSES) {
            return Optional.empty();
        }
        try {
            byte[] made = derived(passphrase, HEX.parseHex(salt), memoryKb, passes);
            return Optional.of(
                    cipher(Cipher.DECRYPT_MODE, made, HEX.parseHex(nonce)).doFinal(HEX.parseHex(sealed)));
        } catch (AEADBadTagException | IllegalArgumentException other) {
            return Optional.empty();
        } catch (GeneralSecurityException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private static byte[] derived(String passphrase, byte[] salt, int memoryKb, int passes) {
        Argon2BytesGenerator argon = new Argon2BytesGenerator();
        argon.init(new Argon2Parameters.Builder(Argon2Parameters.ARGON2_id)
                .withVersion(Argon2Parameters.ARGON2_VERSION_13)
                .withSalt(salt)
                .withMemoryAsKB(memoryKb)
                .withIterations(passes)
                .withParallelism(1)
                .build());
        byte[] key = new byte[KEY_BYTES];
        argon.generateBytes(passphrase.getBytes(StandardCharsets.UTF_8), key);
        return key;
    }

    private static Cipher cipher(int mode, byte[] key, byte[] nonce) throws GeneralSecurityException {
        Cipher cipher = Cipher.getInstance("AES/GCM/NoPadding");
        cipher.init(mode, new SecretKeySpec(key, "AES"), new GCMParameterSpec(TAG_BITS, nonce));
        return cipher;
    }
}

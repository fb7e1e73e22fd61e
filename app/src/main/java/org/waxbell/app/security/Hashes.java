package org.waxbell.app.security;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** SHA-256. */
public final class Hashes {
    private Hashes() {}

    /** The SHA-256 of {@code content} in hex. */
    public static String hex(byte[] content) {
        return HexFormat.of().formatHex(sha256(content));
    }

    /** The SHA-256 of {@code content}. */
    public static byte[] sha256(byte[] content) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(content);
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}

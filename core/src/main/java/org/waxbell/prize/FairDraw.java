package org.waxbell.prize;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import org.waxbell.desk.Lots;

/**
 * A draw that anybody can do again. Its seed is chosen when entries open, and the SHA-256 of the seed is published at once, so that it
 * cannot be chosen by who entered; the seed itself is published with the draw. The <i>n</i>th draw takes the first 15 hexadecimal digits of the
 * SHA-256 of {@code SEED/n} as a number, its rest by the count of lots still in, and goes that far through the entrants in the order of their numbers.
 */
public final class FairDraw {
    private static final int WORDS = 8;
    private static final int WORD = 1 << 16;
    private static final int DIGITS = 15;
    private static final int HEX = 16;

    private FairDraw() {}

    /** A fresh seed of 128 bits. */
    public static String seed(Lots lots) {
        StringBuilder seed = new StringBuilder();
        for (int i = 0; i < WORDS; i++) {
            seed.append(HexFormat.of().toHexDigits((short) lots.below("seed" + i, WORD)));
        }
        return seed.toString();
    }

    /** What is published of a seed before the draw. */
    public static String sealed(String seed) {
        return sha256(seed);
    }

    /** Whom the {@code round}th draw falls on, from 1 on; empty where nobody is in. @param in those still in, in the order of their numbers */
    public static Optional<Entrant> draw(String seed, int round, List<Entrant> in) {
        long all = in.stream().mapToLong(Entrant::lots).sum();
        if (all == 0) {
            return Optional.empty();
        }
        long at = Long.parseLong(sha256(seed + "/" + round).substring(0, DIGITS), HEX) % all;
        for (Entrant each : in) {
            at -= each.lots();
            if (at < 0) {
                return Optional.of(each);
            }
        }
        throw new IllegalStateException("lots do not add up");
    }

    private static String sha256(String text) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException missing) {
            throw new IllegalStateException(missing);
        }
    }
}

package org.waxbell.event;

/** A short form of an identity for memories of very many people: 64 bits of it, FNV-1a with the finishing steps of SplitMix64. */
public final class Identity {
    private static final long FNV_OFFSET = 0xcbf29ce484222325L;
    private static final long FNV_PRIME = 0x100000001b3L;

    private Identity() {}

    /** The key of {@code id}, never 0; two of a million identities share one less than once in ten million shows. */
    public static long key(String id) {
        long hash = mix(fold(0, id));
        return hash == 0 ? 1 : hash;
    }

    /** The text folded into 64 bits, from a seed on. */
    public static long fold(long seed, String text) {
        long hash = FNV_OFFSET ^ seed;
        for (int i = 0; i < text.length(); i++) {
            hash = then(hash, text.charAt(i));
        }
        return hash;
    }

    /** One more number folded in. */
    public static long then(long hash, long number) {
        return (hash ^ number) * FNV_PRIME;
    }

    /** Spreads every bit over all others. */
    public static long mix(long start) {
        long hash = start;
        hash = (hash ^ (hash >>> 30)) * 0xbf58476d1ce4e5b9L;
        hash = (hash ^ (hash >>> 27)) * 0x94d049bb133111ebL;
        return hash ^ (hash >>> 31);
    }
}

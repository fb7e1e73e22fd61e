package org.waxbell.event;

/** A short form of an identity for memories of very many people: 64 bits of it, FNV-1a with the finishing steps of SplitMix64. */
public final class Identity {
    private static final long FNV_OFFSET = 0xcbf29ce484222325L;
    private static final long FNV_PRIME = 0x100000001b3L;

    private Identity() {
    }

    /** The key of {@code id}, never 0; two of a million identities share one less than once in ten million shows. */
    public static long key(String id) {
        long hash = FNV_OFFSET;
        for (int i = 0; i < id.length(); i++) {
            hash = (hash ^ id.charAt(i)) * FNV_PRIME;
        }
        return mix(hash);
    }

    /** The key of a pair. */
    public static long pair(long one, long other) {
        return mix(one * FNV_PRIME ^ other);
    }

    private static long mix(long start) {
        long hash = start;
        hash = (hash ^ (hash >>> 30)) * 0xbf58476d1ce4e5b9L;
        hash = (hash ^ (hash >>> 27)) * 0x94d049bb133111ebL;
        hash ^= hash >>> 31;
        return hash == 0 ? 1 : hash;
    }
}

package org.waxbell.app.health;

/** Sizes in words. */
final class Sizes {
    private Sizes() {}

    /** Such as {@code 12.3 MB}. */
    static String of(long bytes) {
        return bytes < 1_000_000
                ? (bytes + 999) / 1_000 + " kB"
                : bytes < 1_000_000_000 ? "%.1f MB".formatted(bytes / 1e6) : "%.1f GB".formatted(bytes / 1e9);
    }
}

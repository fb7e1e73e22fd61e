package org.waxbell.bench;

import java.util.Arrays;

/** How much a measurement does: enough for its figures, more with {@code --long}, or with {@code --small} so little that it only shows that it still works. */
enum Scale {
    /** Seconds, and no figures to be believed. */
    SMALL,
    /** Under five minutes. */
    USUAL,
    /** As long as it takes. */
    LONG;

    static Scale of(String[] args) {
        return Arrays.asList(args).contains("--long")
                ? LONG
                : Arrays.asList(args).contains("--small") ? SMALL : USUAL;
    }

    boolean small() {
        return this == SMALL;
    }

    int of(int small, int usual, int thorough) {
        return switch (this) {
            case SMALL -> small;
            case USUAL -> usual;
            case LONG -> thorough;
        };
    }

    int of(int small, int usual) {
        return of(small, usual, usual);
    }
}

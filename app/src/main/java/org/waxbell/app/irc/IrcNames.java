package org.waxbell.app.irc;

import java.util.Locale;

/** Names on IRC, in which {@code []\~} are the large letters of {@code {}|^} (RFC 1459, section 2.2). */
final class IrcNames {
    private IrcNames() {}

    /** The name by which two spellings are known to be one. */
    static String fold(String name) {
        return name.toLowerCase(Locale.ROOT)
                .replace('[', '{')
                .replace(']', '}')
                .replace('\\', '|')
                .replace('~', '^');
    }
}

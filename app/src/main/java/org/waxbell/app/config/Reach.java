package org.waxbell.app.config;

import java.util.List;

/**
 * From where the pages can be reached.
 *
 * @param listen   the address on which the server listens; {@code 127.0.0.1} for this computer only
 * @param names    names and addresses under which others may ask for it, beside this computer's own
 * @param password the host's password as a salted hash, empty text for none; beyond this computer there must be one
 * @param secure   whether what other computers get is encrypted
 */
public record Reach(String listen, List<String> names, String password, boolean secure) {
    /** This computer only. */
    public static final String HERE = "127.0.0.1";

    private static final List<String> EVERYWHERE = List.of("0.0.0.0", "::");
    /** As every installation begins. */
    public static final Reach LOCAL = new Reach(HERE, List.of(), "", false);

    public Reach {
        names = List.copyOf(names);
    }

    /** Whether others than this computer can reach it. */
    public boolean beyond() {
        return !listen.equals(HERE) && !listen.equals("::1") && !listen.equals("localhost");
    }

    /** Whether other computers come in by an encrypted door of their own. */
    public boolean encrypted() {
        return secure && beyond();
    }

    /** The address at which the server listens without encryption. */
    public String plain() {
        return encrypted() ? HERE : listen;
    }

    /** The address at which programs of this same computer reach it. */
    public String own() {
        return beyond() && !secure && !EVERYWHERE.contains(listen) ? listen : HERE;
    }

    /** The name by which other programs reach it. */
    public String name() {
        return beyond() && !names.isEmpty() ? names.get(0) : own();
    }
}

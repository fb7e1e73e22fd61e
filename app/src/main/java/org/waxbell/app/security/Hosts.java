package org.waxbell.app.security;

import java.net.InetAddress;
import java.net.UnknownHostException;
import java.time.Duration;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.security.crypto.password.Pbkdf2PasswordEncoder;
import org.springframework.stereotype.Component;
import org.waxbell.app.config.Reach;
import org.waxbell.app.run.SystemClock;

/** Who may ask from another computer: whoever signed in with the host's password. */
@Component
public class Hosts {
    /** How long a sign-in lasts. */
    private static final Duration LASTS = Duration.ofHours(16);
    /** How many wrong passwords may be tried in a minute, by all together. */
    private static final int TRIES_A_MINUTE = 6;

    private static final Set<String> OWN = Set.of("localhost", "127.0.0.1", "[::1]", "::1");
    private final Pbkdf2PasswordEncoder encoder = Pbkdf2PasswordEncoder.defaultsForSpringSecurity_v5_8();
    private final Map<String, Long> signedIn = new ConcurrentHashMap<>();
    private final Reach reach;
    private final KeyRing ring;
    private final SystemClock clock;
    private final Set<String> names;
    private long minute;
    private int tries;

    Hosts(Reach reach, KeyRing ring, SystemClock clock) {
        this.reach = reach;
        this.ring = ring;
        this.clock = clock;
        Set<String> all = new TreeSet<>(OWN);
        if (reach.beyond()) {
            all.addAll(reach.names());
        }
        this.names = Set.copyOf(all);
    }

    /** The names under which this program may be asked for. */
    Set<String> names() {
        return names;
    }

    /** The password as it is kept. */
    public String hash(String password) {
        return encoder.encode(password);
    }

    /** Whether a request comes from this computer itself; one that was passed on by another program does not. */
    static boolean here(String remoteAddress, boolean passedOn) {
        try {
            return !passedOn && InetAddress.getByName(remoteAddress).isLoopbackAddress();
        } catch (UnknownHostException odd) {
            return false;
        }
    }

    /** How a sign-in went. */
    public enum Entry {
        /** The password was right. */
        IN,
        /** It was wrong. */
        WRONG,
        /** Too many were tried; wait a minute. */
        TOO_MANY
    }

    /** Tries the password, at most a few times a minute. */
    public synchronized Entry tryPassword(String password) {
        long now = clock.now() / 60_000;
        if (now != minute) {
            minute = now;
            tries = 0;
        }
        if (++tries > TRIES_A_MINUTE) {
            return Entry.TOO_MANY;
        }
        return !reach.password().isEmpty() && encoder.matches(password, reach.password()) ? Entry.IN : Entry.WRONG;
    }

    /** A fresh ticket for one who gave the right password. */
    public String ticket() {
        String ticket = ring.fresh();
        signedIn.values().removeIf(until -> until < clock.now());
        signedIn.put(ticket, clock.now() + LASTS.toMillis());
        return ticket;
    }

    /** Whether a ticket still counts. */
    boolean counts(String ticket) {
        Long until = signedIn.get(ticket);
        return until != null && until >= clock.now();
    }
}

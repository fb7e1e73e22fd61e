package org.waxbell.app.security;

import io.github.bucket4j.Bucket;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.time.Duration;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.BooleanSupplier;
import org.springframework.security.crypto.password.Pbkdf2PasswordEncoder;
import org.springframework.stereotype.Component;
import org.waxbell.actor.Actor;
import org.waxbell.app.config.Reach;

/** Who may ask from another computer: whoever signed in with the host's password, for one session. */
@Component
public class Hosts {
    /** How many passwords may be tried in a minute, by all together. */
    private static final int TRIES_A_MINUTE = 6;

    private static final Set<String> OWN = Set.of("localhost", "127.0.0.1", "[::1]", "::1");
    private final Pbkdf2PasswordEncoder encoder = Pbkdf2PasswordEncoder.defaultsForSpringSecurity_v5_8();
    private final Bucket tries = Bucket.builder()
            .addLimit(limit -> limit.capacity(TRIES_A_MINUTE).refillIntervally(TRIES_A_MINUTE, Duration.ofMinutes(1)))
            .build();
    private final Reach reach;
    private final Set<String> names;

    Hosts(Reach reach) {
        this.reach = reach;
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

    /** One more try, where the wrong ones of the last minute were not too many. */
    private Entry tried(BooleanSupplier fits) {
        if (!tries.tryConsume(1)) {
            return Entry.TOO_MANY;
        }
        if (!fits.getAsBoolean()) {
            return Entry.WRONG;
        }
        // Who is right has guessed nothing.
        tries.addTokens(1);
        return Entry.IN;
    }

    /** Somebody tries to come in as a helper: by name, or by an invitation where no name is given; at most a few times a minute. */
    public Entry helper(
            Helpers helpers,
            String name,
            String word,
            String passphrase,
            HttpServletRequest request,
            HttpServletResponse response) {
        return tried(() -> name.isEmpty()
                ? helpers.accept(word, passphrase, request, response)
                : helpers.signIn(name, passphrase, request, response));
    }

    /** Tries the password, at most a few times a minute; where it is right, a session of the host begins. */
    public Entry signIn(String password, HttpServletRequest request, HttpServletResponse response) {
        Entry entry = tried(() -> !reach.password().isEmpty() && encoder.matches(password, reach.password()));
        if (entry != Entry.IN) {
            return entry;
        }
        Sessions.begin(new SignedIn(Actor.HOST), request, response);
        return Entry.IN;
    }
}

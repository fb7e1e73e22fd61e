package org.waxbell.app.security;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.UnaryOperator;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.stereotype.Component;
import org.waxbell.actor.Actor;
import org.waxbell.actor.Origin;
import org.waxbell.actor.Right;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Refused;
import org.waxbell.app.store.SettingMapper;
import org.waxbell.check.Problems;

/** Those who help the host: their accounts, invitations and sessions. What they may holds at once, also for who is in already. */
@Component
public class Helpers {
    private static final String SETTING = "helpers";
    private static final int MOST = 30;
    private static final long INVITED_MS = 48 * 3_600_000L;
    private static final int WORD_BYTES = 24;
    private static final int SHORTEST = 10;
    private static final int LONGEST = 200;
    private final SettingMapper settings;
    private final Documents json;
    private final SystemClock clock;
    private final Argon2PasswordEncoder encoder = Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8();
    private final SecureRandom random = new SecureRandom();
    private final Map<String, Open> open = new ConcurrentHashMap<>();
    private final List<Runnable> watchers = new CopyOnWriteArrayList<>();
    private volatile List<Helper> all;

    Helpers(SettingMapper settings, Documents json, SystemClock clock) {
        this.settings = settings;
        this.json = json;
        this.clock = clock;
        String kept = settings.get(SETTING);
        this.all = kept == null ? List.of() : List.of(json.read(kept, Helper[].class));
    }

    private record Open(HttpSession session, String helper, long since, String from) {}

    /** Somebody who is in. @param id by which it can be ended @param helper whose it is, by id @param since milliseconds since 1970 UTC @param from the address that they come from */
    public record HelperSession(String id, String helper, long since, String from) {}

    /** Hears that the rights of somebody changed, or that somebody is no helper any more. */
    public void watch(Runnable changed) {
        watchers.add(changed);
    }

    /** All of them. */
    public List<Helper> all() {
        return all;
    }

    /** The one of that id; empty where there is none any more. */
    public Optional<Helper> find(String id) {
        return all.stream().filter(each -> each.id().equals(id)).findFirst();
    }

    private Helper there(String id) {
        return find(id).orElseThrow(
                        () -> new Refused("id", id, "There is no such helper.", "Choose one that is listed."));
    }

    /** Who is in now. */
    public List<HelperSession> sessions() {
        List<HelperSession> now = new ArrayList<>();
        open.forEach((id, each) -> {
            try {
                each.session().getCreationTime();
                now.add(new HelperSession(id, each.helper(), each.since(), each.from()));
            } catch (IllegalStateException over) {
                open.remove(id);
            }
        });
        return now;
    }

    /** Somebody new, who is invited; the word of the invitation, which is told once. */
    public synchronized String add(String name, Set<Right> rights, List<String> desks, List<String> cues) {
        String id = "h" + Long.toString(clock.now(), Character.MAX_RADIX);
        Helper fresh = new Helper(id, name.strip(), rights, desks, cues, "", "", 0);
        check(fresh);
        if (all.size() >= MOST) {
            throw new Refused("name", name, "There are " + MOST + " helpers already.", "Take one away first.");
        }
        List<Helper> next = new ArrayList<>(all);
        next.add(fresh);
        keep(next);
        return invite(id);
    }

    private void check(Helper helper) {
        Problems problems = new Problems();
        helper.check(problems, all);
        if (!problems.found().isEmpty()) {
            throw new Refused(problems.found());
        }
    }

    /** Lets somebody do this and no more, from now on. */
    public synchronized void allow(String id, String name, Set<Right> rights, List<String> desks, List<String> cues) {
        check(there(id).allowed(name.strip(), rights, desks, cues));
        change(id, each -> each.allowed(name.strip(), rights, desks, cues));
        watchers.forEach(Runnable::run);
    }

    /** They are no helper any more; whoever is in by that name is out. */
    public synchronized void remove(String id) {
        there(id);
        keep(all.stream().filter(each -> !each.id().equals(id)).toList());
        sessions().stream().filter(each -> each.helper().equals(id)).forEach(each -> end(each.id()));
        watchers.forEach(Runnable::run);
    }

    /** Invites somebody anew; an invitation that was made before counts no longer. */
    public synchronized String invite(String id) {
        there(id);
        byte[] word = new byte[WORD_BYTES];
        random.nextBytes(word);
        String told = Base64.getUrlEncoder().withoutPadding().encodeToString(word);
        change(id, each -> each.invited(hash(told), clock.now() + INVITED_MS));
        return told;
    }

    private static String hash(String word) {
        return Hashes.hex(word.getBytes(StandardCharsets.UTF_8));
    }

    /** Ends a session. */
    public void end(String id) {
        Open ended = open.remove(id);
        if (ended != null) {
            try {
                ended.session().invalidate();
            } catch (IllegalStateException over) {
                // It was over already.
            }
        }
    }

    private void change(String id, UnaryOperator<Helper> how) {
        keep(all.stream()
                .map(each -> each.id().equals(id) ? how.apply(each) : each)
                .toList());
    }

    private void keep(List<Helper> next) {
        settings.put(SETTING, json.write(next));
        all = List.copyOf(next);
    }

    /** Somebody comes by an invitation, chooses a passphrase and is in; false where it was used already, is too old or was never made. */
    synchronized boolean accept(
            String word, String passphrase, HttpServletRequest request, HttpServletResponse response) {
        byte[] wanted = hash(word).getBytes(StandardCharsets.US_ASCII);
        Optional<Helper> invited = all.stream()
                .filter(each -> !each.invitation().isEmpty()
                        && each.invitedUntil() > clock.now()
                        && MessageDigest.isEqual(each.invitation().getBytes(StandardCharsets.US_ASCII), wanted))
                .findFirst();
        if (invited.isEmpty()) {
            return false;
        }
        if (passphrase.length() < SHORTEST || passphrase.length() > LONGEST) {
            throw new Refused(
                    "passphrase",
                    "",
                    "The passphrase is too short or too long.",
                    "Use " + SHORTEST + " characters or more; a few words are good.");
        }
        change(invited.get().id(), each -> each.with(encoder.encode(passphrase)));
        enter(invited.get().id(), request, response);
        return true;
    }

    /** Somebody signs in by name; false where name and passphrase do not fit. */
    boolean signIn(String name, String passphrase, HttpServletRequest request, HttpServletResponse response) {
        Optional<Helper> known = all.stream()
                .filter(each -> each.name().equalsIgnoreCase(name.strip())
                        && !each.passphrase().isEmpty())
                .findFirst();
        if (known.isEmpty() || !encoder.matches(passphrase, known.get().passphrase())) {
            return false;
        }
        enter(known.get().id(), request, response);
        return true;
    }

    private void enter(String id, HttpServletRequest request, HttpServletResponse response) {
        HttpSession session = Sessions.begin(SignedIn.helper(there(id)), request, response);
        byte[] name = new byte[WORD_BYTES / 2];
        random.nextBytes(name);
        open.put(
                Base64.getUrlEncoder().withoutPadding().encodeToString(name),
                new Open(session, id, clock.now(), request.getRemoteAddr()));
    }

    /** What somebody is in as now; empty where they are no helper any more. */
    Optional<SignedIn> again(SignedIn before) {
        return find(before.helperId()).map(SignedIn::helper);
    }

    /** The helper who asks just now, with nothing that is theirs where they are none any more; empty where it is the host. */
    public Optional<Helper> asking(Actor by) {
        return by.origin() == Origin.STAFF
                ? Optional.of(all.stream()
                        .filter(each -> each.name().equals(by.id()))
                        .findFirst()
                        .orElse(Helper.NOBODY))
                : Optional.empty();
    }
}

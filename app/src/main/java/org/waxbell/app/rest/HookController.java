package org.waxbell.app.rest;

import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.actor.Actor;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Pointed;
import org.waxbell.app.json.Refused;
import org.waxbell.app.security.KeyRing;
import org.waxbell.app.web.HookGuard;
import org.waxbell.app.web.Signing;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.cue.WebPull;
import org.waxbell.event.ChatText;
import org.waxbell.event.Facts;

/** Secret addresses that set cues off when they are called: each carries a secret of its own in its path. */
@RestController
class HookController {
    private static final int MOST_BYTES = 64 * 1024;
    private final Inbox loop;
    private final KeyRing keys;
    private final WiringStore wiring;
    private final HookGuard guard;
    private final Documents json;

    HookController(Inbox loop, KeyRing keys, WiringStore wiring, HookGuard guard, Documents json) {
        this.loop = loop;
        this.keys = keys;
        this.wiring = wiring;
        this.guard = guard;
        this.json = json;
    }

    /** The secret address of a hook. @param name of the hook @param address without the host @param secret with which calls have to be signed, empty text where they need not be */
    record HookAddress(String name, String address, String secret) {}

    private List<WebPull> pulls(String name) {
        return all().stream().filter(web -> web.hook().equals(name)).toList();
    }

    private List<WebPull> all() {
        return wiring.current().wiring().cues().stream()
                .flatMap(cue -> cue.pulls().stream())
                .filter(WebPull.class::isInstance)
                .map(WebPull.class::cast)
                .toList();
    }

    private HookAddress of(String name) {
        boolean signed = pulls(name).stream().anyMatch(WebPull::signed);
        return new HookAddress(
                name, "/hook/" + name + "/" + keys.key(setting(name, "key")), signed ? secret(name) : "");
    }

    private String secret(String name) {
        byte[] key = keys.key(setting(name, "signing")).getBytes(StandardCharsets.UTF_8);
        return "whsec_" + Base64.getEncoder().encodeToString(key);
    }

    @GetMapping("/api/hooks")
    List<HookAddress> addresses() {
        return new TreeSet<>(all().stream().map(WebPull::hook).toList())
                .stream().map(this::of).toList();
    }

    @GetMapping("/api/hooks/{name}/address")
    HookAddress address(@PathVariable String name) {
        known(name);
        return of(name);
    }

    /** Another secret for an address; the one before opens nothing any more. */
    @PostMapping("/api/links/hooks/{name}/renew")
    HookAddress renew(@PathVariable String name) {
        known(name);
        keys.renew(setting(name, "key"));
        keys.renew(setting(name, "signing"));
        return of(name);
    }

    private void known(String name) {
        if (pulls(name).isEmpty()) {
            throw new Refused("name", name, "No cue waits for a call of that name.", "Give a cue that pull first.");
        }
    }

    /** Anyone who knows the address may call it; the body is plain text for {@code {hookText}}, or JSON of which pulls say what is read. */
    @PostMapping("/hook/{name}/{key}")
    ResponseEntity<String> call(
            @PathVariable String name,
            @PathVariable String key,
            @RequestHeader(name = Signing.ID, defaultValue = "") String id,
            @RequestHeader(name = Signing.TIME, defaultValue = "") String time,
            @RequestHeader(name = Signing.SIGNATURE, defaultValue = "") String signatures,
            @RequestBody(required = false) byte[] sent) {
        List<WebPull> pulls = pulls(name);
        if (pulls.isEmpty() || !KeyRing.same(key, keys.key(setting(name, "key")))) {
            return ResponseEntity.status(HttpStatus.NOT_FOUND).build();
        }
        if (!guard.hasRoom(name)) {
            return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
                    .header("Retry-After", "1")
                    .body("More calls than this address takes.");
        }
        byte[] bytes = sent == null ? new byte[0] : sent;
        if (bytes.length > MOST_BYTES) {
            return refused(name, HttpStatus.CONTENT_TOO_LARGE, "its body is larger than 64 kB");
        }
        String body = new String(bytes, StandardCharsets.UTF_8);
        if (pulls.stream().anyMatch(WebPull::signed)) {
            String why = guard.refusal(name, secret(name), new HookGuard.Signed(id, time, signatures), body);
            if (!why.isEmpty()) {
                return refused(name, HttpStatus.UNAUTHORIZED, why);
            }
        }
        Map<String, String> wanted = new TreeMap<>();
        pulls.forEach(pull -> wanted.putAll(pull.pointers()));
        loop.happen(Facts.WEB_CALLED.by(Actor.WEB, name, ChatText.bounded(body), Pointed.texts(json, body, wanted)));
        return ResponseEntity.accepted().build();
    }

    private ResponseEntity<String> refused(String name, HttpStatus status, String why) {
        loop.happen(Facts.WEB_REFUSED.by(Actor.WEB, name, why));
        return ResponseEntity.status(status).body("Refused: " + why + ".");
    }

    private static String setting(String name, String what) {
        return "hook." + name + "." + what;
    }
}

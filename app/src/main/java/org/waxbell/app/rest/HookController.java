package org.waxbell.app.rest;

import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.actor.Actor;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.json.Refused;
import org.waxbell.app.security.KeyRing;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.cue.WebPull;
import org.waxbell.event.ChatText;
import org.waxbell.event.Facts;

/** Secret addresses that set cues off when they are called: each carries a secret of its own in its path. */
@RestController
class HookController {
    private final Inbox loop;
    private final KeyRing keys;
    private final WiringStore wiring;

    HookController(Inbox loop, KeyRing keys, WiringStore wiring) {
        this.loop = loop;
        this.keys = keys;
        this.wiring = wiring;
    }

    /** The secret address of a hook, without the host. */
    record HookAddress(String address) {}

    @GetMapping("/api/hooks/{name}/address")
    HookAddress address(@PathVariable String name) {
        if (!isWired(name)) {
            throw new Refused("name", name, "No cue waits for a call of that name.", "Give a cue that pull first.");
        }
        return new HookAddress("/hook/" + name + "/" + keys.key(setting(name)));
    }

    /** Anyone who knows the address may call it; the body is plain text for {@code {hookText}}. */
    @PostMapping("/hook/{name}/{key}")
    ResponseEntity<Void> call(
            @PathVariable String name, @PathVariable String key, @RequestBody(required = false) String body) {
        if (!isWired(name) || !KeyRing.same(key, keys.key(setting(name)))) {
            return ResponseEntity.status(HttpStatus.NOT_FOUND).build();
        }
        String line = ChatText.line(body == null ? "" : body);
        String text = line.length() > ChatText.LONGEST_LINE ? line.substring(0, ChatText.LONGEST_LINE) : line;
        loop.happen(Facts.WEB_CALLED.by(Actor.WEB, name, text));
        return ResponseEntity.accepted().build();
    }

    private boolean isWired(String name) {
        return wiring.current().wiring().cues().stream()
                .flatMap(cue -> cue.pulls().stream())
                .anyMatch(pull -> pull instanceof WebPull web && web.hook().equals(name));
    }

    private static String setting(String name) {
        return "hook." + name + ".key";
    }
}

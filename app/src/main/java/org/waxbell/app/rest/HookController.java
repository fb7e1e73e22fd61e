package org.waxbell.app.rest;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.HexFormat;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.app.run.EngineLoop;
import org.waxbell.app.security.Hashes;
import org.waxbell.app.security.SecretBox;
import org.waxbell.app.store.SettingMapper;
import org.waxbell.app.wiring.Refused;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.cue.WebPull;
import org.waxbell.event.ChatText;
import org.waxbell.event.HouseEvent;

/** Secret addresses that set cues off when they are called: each carries a secret of its own in its path. */
@RestController
class HookController {
    private static final int BYTES = 24;
    private final EngineLoop loop;
    private final SettingMapper settings;
    private final SecretBox box;
    private final WiringStore wiring;
    private final SecureRandom random = new SecureRandom();

    HookController(EngineLoop loop, SettingMapper settings, SecretBox box, WiringStore wiring) {
        this.loop = loop;
        this.settings = settings;
        this.box = box;
        this.wiring = wiring;
    }

    /** The secret address of a hook, without the host. */
    record HookAddress(String address) {
    }

    @GetMapping("/api/hooks/{name}/address")
    HookAddress address(@PathVariable String name) {
        if (!isWired(name)) {
            throw new Refused("name", name, "No cue waits for a call of that name.", "Give a cue that pull first.");
        }
        return new HookAddress("/hook/" + name + "/" + key(name));
    }

    /** Anyone who knows the address may call it; the body is plain text for {@code {hookText}}. */
    @PostMapping("/hook/{name}/{key}")
    ResponseEntity<Void> call(@PathVariable String name, @PathVariable String key, @RequestBody(required = false) String body) {
        if (!isWired(name) || !MessageDigest.isEqual(hash(key), hash(key(name)))) {
            return ResponseEntity.status(HttpStatus.NOT_FOUND).build();
        }
        String line = ChatText.line(body == null ? "" : body);
        String text = line.length() > ChatText.LONGEST_LINE ? line.substring(0, ChatText.LONGEST_LINE) : line;
        loop.submit((engine, at) -> engine.accept(at, new HouseEvent.WebCalled(name, text)));
        return ResponseEntity.accepted().build();
    }

    private boolean isWired(String name) {
        return wiring.current().wiring().cues().stream().flatMap(cue -> cue.pulls().stream())
                .anyMatch(pull -> pull instanceof WebPull web && web.hook().equals(name));
    }

    private static byte[] hash(String key) {
        return Hashes.sha256(key.getBytes(StandardCharsets.UTF_8));
    }

    private synchronized String key(String name) {
        String locked = settings.get("hook." + name + ".key");
        if (locked != null) {
            return box.open(locked);
        }
        byte[] bytes = new byte[BYTES];
        random.nextBytes(bytes);
        String key = HexFormat.of().formatHex(bytes);
        settings.put("hook." + name + ".key", box.lock(key));
        return key;
    }
}

package org.waxbell.app.computer;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import org.jspecify.annotations.Nullable;
import org.waxbell.app.App;
import org.waxbell.app.config.OwnProgram;
import org.waxbell.app.hub.ComputerHub;
import org.waxbell.app.link.LinkView.LinkFact;
import org.waxbell.keys.Allowed;
import org.waxbell.keys.InFront;
import org.waxbell.keys.KeyName;
import org.waxbell.keys.Verb;
import org.waxbell.link.Trouble;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** This computer, as far as its owner's file allows; a helper process does it, for this one has no screen. */
final class OwnComputer implements ComputerHub {
    private static final JsonMapper JSON = new JsonMapper();
    private static final long KEY_MS = 2_000;
    private static final long GRACE_MS = 500;
    private final AllowedFile allowed;
    private final ScheduledExecutorService timer;
    private final Map<String, String> environment;
    private final Map<Long, CompletableFuture<Void>> waiting = new ConcurrentHashMap<>();
    private final AtomicLong ids = new AtomicLong();
    /** Keys that are down; a helper that died could not lift them, so the next one does. */
    private final Map<String, KeyName> down = new LinkedHashMap<>();

    private @Nullable Process helper;
    private @Nullable OutputStream to;

    /** @param environment of the helper beside our own, such as the screen on which it is to press */
    OwnComputer(AllowedFile allowed, ScheduledExecutorService timer, Map<String, String> environment) {
        this.allowed = allowed;
        this.timer = timer;
        this.environment = Map.copyOf(environment);
    }

    @Override
    public synchronized void connect(Ear ear) {
        disconnect();
        Trouble wrong = allowed.trouble().orElse(null);
        if (wrong != null) {
            ear.broken(wrong);
            return;
        }
        try {
            ProcessBuilder builder = new ProcessBuilder(OwnProgram.command(
                            App.class.getName(), List.of("-Xmx64m", "-Djava.awt.headless=false"), App.HELPER))
                    .redirectError(ProcessBuilder.Redirect.DISCARD);
            builder.environment().putAll(environment);
            Process fresh = builder.start();
            helper = fresh;
            to = fresh.getOutputStream();
            Thread reader = new Thread(() -> hear(fresh, ear), "this computer");
            reader.setDaemon(true);
            reader.start();
        } catch (IOException cannot) {
            ear.broken(Trouble.passing(
                    "The helper that presses keys cannot be started: " + cannot.getMessage() + ".", ""));
        }
    }

    private void hear(Process from, Ear ear) {
        try (BufferedReader in =
                new BufferedReader(new InputStreamReader(from.getInputStream(), StandardCharsets.UTF_8))) {
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                Wish.Told told = JSON.readValue(line, Wish.Told.class);
                if (told.id() == 0) {
                    begun(from, told.why(), ear);
                } else {
                    answered(told);
                }
            }
        } catch (IOException | JacksonException broken) {
            // It is as good as gone.
        }
        synchronized (this) {
            if (helper != from) {
                return;
            }
            gone();
        }
        ear.broken(Trouble.passing("The helper that presses keys has ended.", "It is started again by itself."));
    }

    private void begun(Process from, String why, Ear ear) {
        synchronized (this) {
            if (helper != from) {
                return;
            }
            if (!why.isEmpty()) {
                gone();
            }
        }
        if (!why.isEmpty()) {
            ear.broken(
                    Trouble.lasting(
                            "No key can be pressed here: " + why + ".",
                            "Start Wax Bell from the desktop whose keys it is to press, with a Java that has windows (openjdk-17-jre)."));
            return;
        }
        List<KeyName> left;
        synchronized (down) {
            left = List.copyOf(down.values());
            down.clear();
        }
        left.forEach(each -> send(Wish.UP, each.all(), List.of(), KEY_MS));
        ear.up();
    }

    private void answered(Wish.Told told) {
        CompletableFuture<Void> waits = waiting.remove(told.id());
        if (waits == null) {
            return;
        }
        if (told.why().isEmpty()) {
            waits.complete(null);
        } else {
            waits.completeExceptionally(new IllegalStateException(told.why()));
        }
    }

    @Override
    public synchronized void disconnect() {
        if (helper != null) {
            gone();
        }
    }

    /** It is spoken to no more: it lifts every key and ends when its input ends. */
    private void gone() {
        try {
            if (to != null) {
                to.close();
            }
        } catch (IOException alreadyGone) {
            // It has ended before.
        }
        helper = null;
        to = null;
        List.copyOf(waiting.values())
                .forEach(each -> each.completeExceptionally(new IllegalStateException("the helper has ended")));
        waiting.clear();
    }

    private CompletableFuture<Void> send(String verb, List<String> words, List<List<String>> programs, long limitMs) {
        long id = ids.incrementAndGet();
        CompletableFuture<Void> done = new CompletableFuture<>();
        waiting.put(id, done);
        synchronized (this) {
            try {
                if (to == null) {
                    throw new IOException("the helper is not there");
                }
                to.write((JSON.writeValueAsString(new Wish(id, verb, words, programs, limitMs)) + "\n")
                        .getBytes(StandardCharsets.UTF_8));
                to.flush();
            } catch (IOException broken) {
                waiting.remove(id);
                return CompletableFuture.failedFuture(new IllegalStateException("the helper has ended"));
            }
        }
        timer.schedule(
                () -> {
                    if (waiting.remove(id) != null) {
                        done.completeExceptionally(new IllegalStateException("it was not done in time"));
                    }
                },
                limitMs + GRACE_MS,
                TimeUnit.MILLISECONDS);
        return done;
    }

    @Override
    public String refusal(KeyName key) {
        return allowed.now().refusal(key, AllowedFile.NAME);
    }

    @Override
    public CompletableFuture<Void> key(KeyName key, boolean goesDown) {
        if (!goesDown) {
            synchronized (down) {
                down.remove(key.toString());
            }
            return send(Wish.UP, key.all(), List.of(), KEY_MS);
        }
        String refusal = refusal(key);
        if (!refusal.isEmpty()) {
            return CompletableFuture.failedFuture(new IllegalArgumentException(refusal));
        }
        synchronized (down) {
            down.put(key.toString(), key);
        }
        Allowed now = allowed.now();
        return send(Wish.DOWN, key.all(), only(now, now.key(key)), KEY_MS);
    }

    /** In front of what alone it may be done, each as what is run. */
    private static List<List<String>> only(Allowed now, InFront right) {
        return right.anywhere()
                ? List.of()
                : right.programs().stream()
                        .flatMap(each -> now.program(each).stream())
                        .map(Allowed.Program::run)
                        .toList();
    }

    @Override
    public CompletableFuture<Void> act(Verb verb, List<String> words, long limitMs) {
        Allowed now = allowed.now();
        String refusal = now.refusal(verb, words, AllowedFile.NAME);
        if (!refusal.isEmpty()) {
            return CompletableFuture.failedFuture(new IllegalArgumentException(refusal));
        }
        boolean ofProgram = verb == Verb.START || verb == Verb.END;
        List<String> said = ofProgram ? now.program(words.get(0)).orElseThrow().run() : words;
        return send(verb.name().toLowerCase(Locale.ROOT), said, only(now, now.verb(verb, words)), limitMs);
    }

    @Override
    public List<String> keys() {
        return allowed.now().allKeys();
    }

    @Override
    public List<String> programs() {
        return allowed.now().programs().stream().map(Allowed.Program::name).toList();
    }

    @Override
    public List<LinkFact> facts() {
        Allowed now = allowed.now();
        return List.of(
                LinkFact.of("Allowed in", AllowedFile.NAME + " of the data folder, which no page can write"),
                LinkFact.of("Keys", keys(now)),
                LinkFact.of("Typing", where(now.verb(Verb.TYPE, List.of()))),
                LinkFact.of("Mouse", where(now.verb(Verb.CLICK, List.of()))),
                LinkFact.of("Programs", programs().isEmpty() ? "none" : String.join(", ", programs())));
    }

    private static String keys(Allowed now) {
        List<String> all = new ArrayList<>(now.keys());
        now.programs().forEach(each -> each.keys().forEach(key -> all.add(key + " in " + each.name())));
        return all.isEmpty() ? "none" : String.join(", ", all);
    }

    private static String where(InFront right) {
        return right.anywhere()
                ? "wherever it goes"
                : right.given() ? "in " + String.join(", ", right.programs()) : "no";
    }
}

package org.waxbell.app.web;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import org.apache.hc.core5.http.ContentType;
import org.waxbell.app.json.Documents;
import org.waxbell.app.link.Link;
import org.waxbell.app.link.LinkLife;
import org.waxbell.app.link.LinkView.LinkFact;
import org.waxbell.directive.Directive;
import org.waxbell.link.Phase;
import org.waxbell.link.Trouble;

/** The link to one address on the web. It is up until a call has failed, and up again as soon as one is taken or a while has passed. */
final class WebLink implements Link {
    private static final long TEST_MS = 10_000;
    private static final int FAULT = 400;
    private final String address;
    private final boolean signed;
    private final WebCaller caller;
    private final LinkLife life;
    private final ExecutorService workers;
    private final Documents json;
    private final Consumer<WebLink> gone;

    /** @param gone is told when it is closed */
    WebLink(
            String address,
            String secret,
            List<String> allowed,
            LinkLife life,
            ExecutorService workers,
            Documents json,
            Consumer<WebLink> gone) {
        this.gone = gone;
        this.address = address;
        this.signed = !secret.isEmpty();
        this.caller = new WebCaller(address, secret, allowed);
        this.life = life;
        this.workers = workers;
        this.json = json;
    }

    @Override
    public void open() {
        life.connectsBy(life::up);
        life.connect();
    }

    @Override
    public void close() {
        gone.accept(this);
        try {
            caller.close();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** Whether it may be called: not while it rests. */
    boolean works() {
        return life.state().phase() != Phase.PAUSED;
    }

    String refusal() {
        return life.refusal();
    }

    /** By what the far side knows a repeat: the same part of the same ring is the same call, however often it is tried. */
    static String idOf(Directive directive) {
        return "waxbell-" + directive.meantFor() + "-" + directive.partRun();
    }

    /** Calls it with JSON that has the shape which Standard Webhooks recommend: {@code type}, {@code timestamp}, {@code data}. @param id by which a repeat is known */
    CompletableFuture<WebCaller.Said> tell(String id, String type, Object data, long limitMs) {
        String body = json.write(Map.of(
                "type", type, "timestamp", Instant.ofEpochMilli(life.now()).toString(), "data", data));
        return send(id, ContentType.APPLICATION_JSON, body, limitMs);
    }

    /** Calls it with a form. */
    CompletableFuture<WebCaller.Said> fill(String id, Map<String, String> fields, long limitMs) {
        return send(id, ContentType.APPLICATION_FORM_URLENCODED, WebCaller.form(fields), limitMs);
    }

    private CompletableFuture<WebCaller.Said> send(String id, ContentType type, String body, long limitMs) {
        long until = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(limitMs);
        return supply(() -> {
            long sent = System.nanoTime();
            try {
                WebCaller.Said said = caller.call(id, type, body, until, life.now() / 1_000);
                life.measured((System.nanoTime() - sent) / 1e6);
                life.heard("answered " + said.status());
                if (!WebCaller.isGood(said.status())) {
                    throw new WebCaller.Failed(
                            said.status() < FAULT
                                    ? "it leads elsewhere (" + said.status() + "); write the address where it lies now"
                                    : "it answered " + said.status(),
                            true,
                            null);
                }
                life.up();
                return said;
            } catch (WebCaller.Failed failed) {
                String why = failed.getMessage() == null ? "it failed" : failed.getMessage();
                life.heard(why);
                if (!failed.reached()) {
                    life.broken(Trouble.passing(
                            Character.toUpperCase(why.charAt(0)) + why.substring(1) + ".",
                            "Look at the address, and whether that computer is on."));
                }
                throw failed;
            }
        });
    }

    private <T> CompletableFuture<T> supply(Callable<T> work) {
        CompletableFuture<T> coming = new CompletableFuture<>();
        workers.execute(() -> {
            try {
                coming.complete(work.call());
            } catch (Exception failed) {
                coming.completeExceptionally(failed);
            }
        });
        return coming;
    }

    @Override
    public CompletableFuture<String> test() {
        return tell("test-" + UUID.randomUUID(), "waxbell.test", Map.of(), TEST_MS)
                .thenApply(said -> "It took a test call and answered " + said.status() + ".");
    }

    @Override
    public List<LinkFact> facts() {
        URI uri = URI.create(address);
        return List.of(
                // What stands behind the computer's name may be a secret.
                LinkFact.of("Address", uri.getScheme() + "://" + uri.getAuthority() + "/…"),
                LinkFact.of("Calls", signed ? "signed (Standard Webhooks)" : "not signed"));
    }
}

package org.waxbell.app.web;

import java.io.IOException;
import java.io.InputStream;
import java.net.UnknownHostException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ThreadLocalRandom;
import org.apache.hc.client5.http.ClientProtocolException;
import org.apache.hc.client5.http.DnsResolver;
import org.apache.hc.client5.http.SystemDefaultDnsResolver;
import org.apache.hc.client5.http.classic.methods.HttpPost;
import org.apache.hc.client5.http.config.ConnectionConfig;
import org.apache.hc.client5.http.config.RequestConfig;
import org.apache.hc.client5.http.impl.classic.CloseableHttpClient;
import org.apache.hc.client5.http.impl.classic.HttpClients;
import org.apache.hc.client5.http.impl.io.PoolingHttpClientConnectionManagerBuilder;
import org.apache.hc.client5.http.utils.DateUtils;
import org.apache.hc.core5.http.ClassicHttpResponse;
import org.apache.hc.core5.http.ContentType;
import org.apache.hc.core5.http.Header;
import org.apache.hc.core5.http.io.entity.StringEntity;
import org.apache.hc.core5.util.Timeout;
import org.jspecify.annotations.Nullable;

/** Calls one address: signed, tried again with a growing rest or as the far side asks for, and never into the host's own network. It blocks. */
final class WebCaller implements AutoCloseable {
    private static final int MOST_BYTES = 64 * 1024;
    private static final long CONNECT_MS = 5_000;
    private static final long FIRST_REST_MS = 500;
    private static final int MOST_TRIES = 5;
    private static final int TOO_MANY = 429;
    private static final int TIMED_OUT = 408;
    private static final int SERVER = 500;
    private static final int GOOD = 300;
    private final String address;
    private final String secret;
    private final CloseableHttpClient client;

    /** @param secret with which calls are signed, empty text for none */
    WebCaller(String address, String secret, List<String> allowed) {
        this(address, secret, allowed, SystemDefaultDnsResolver.INSTANCE);
    }

    WebCaller(String address, String secret, List<String> allowed, DnsResolver names) {
        this.address = address;
        this.secret = secret;
        this.client = HttpClients.custom()
                .setConnectionManager(PoolingHttpClientConnectionManagerBuilder.create()
                        .setDnsResolver(new AddressGuard(allowed, names))
                        .setDefaultConnectionConfig(ConnectionConfig.custom()
                                .setConnectTimeout(Timeout.ofMilliseconds(CONNECT_MS))
                                .build())
                        .build())
                // It is told apart here what is worth another try.
                .disableAutomaticRetries()
                // Where an address leads elsewhere, its owner is told; nothing is sent on unseen.
                .disableRedirectHandling()
                .disableCookieManagement()
                .setUserAgent("Wax Bell")
                .build();
    }

    /** What an address answered. @param body the first 64 kB of it, as text */
    record Said(int status, String body) {}

    /** That a call came to nothing, as a sentence without its full stop. */
    static final class Failed extends Exception {
        private static final long serialVersionUID = 1L;
        private final boolean reached;

        Failed(String why, boolean reached, @Nullable Throwable cause) {
            super(why, cause);
            this.reached = reached;
        }

        /** Whether the far side answered at all. */
        boolean reached() {
            return reached;
        }
    }

    private record Tried(@Nullable Said said, @Nullable IOException broken, long restMs) {}

    /**
     * Calls it until it takes the call, or time is over.
     *
     * @param id      by which the far side knows a call that is tried again
     * @param until   when it is given up, nanoseconds of {@link System#nanoTime}
     * @param seconds the present moment, seconds since 1970 UTC
     */
    Said call(String id, ContentType type, String body, long until, long seconds) throws Failed {
        Tried last = new Tried(null, null, 0);
        for (int tries = 1; tries <= MOST_TRIES; tries++) {
            last = once(id, type, body, until, seconds);
            if (last.said() != null && last.restMs() < 0) {
                return last.said();
            }
            if (last.restMs() < 0) {
                break;
            }
            long rest = last.restMs() > 0
                    ? last.restMs()
                    : (FIRST_REST_MS << (tries - 1))
                            + ThreadLocalRandom.current().nextLong(FIRST_REST_MS / 2);
            if (System.nanoTime() + rest * 1_000_000 >= until || tries == MOST_TRIES) {
                throw failed(last, tries);
            }
            sleep(rest);
        }
        throw failed(last, 1);
    }

    private static void sleep(long millis) throws Failed {
        try {
            Thread.sleep(millis);
        } catch (InterruptedException over) {
            Thread.currentThread().interrupt();
            throw new Failed("Wax Bell ends", false, over);
        }
    }

    private static Failed failed(Tried last, int tries) {
        String often = tries > 1 ? ", " + tries + " times" : "";
        if (last.said() != null) {
            return new Failed("it answered " + last.said().status() + often, true, null);
        }
        IOException broken = last.broken();
        if (broken instanceof AddressGuard.Refused refused) {
            return new Failed(refused.getMessage() + ", where nothing is called unless you allow it", false, refused);
        }
        if (broken instanceof UnknownHostException unknown) {
            return new Failed("there is no computer called " + unknown.getMessage(), false, unknown);
        }
        return new Failed(
                "it could not be reached" + often
                        + (broken == null || broken.getMessage() == null ? "" : ": " + broken.getMessage()),
                false,
                broken);
    }

    /** @return what came of it; its rest is below 0 where nothing is gained by another try, 0 where the usual rest will do */
    private Tried once(String id, ContentType type, String body, long until, long seconds) {
        HttpPost post = new HttpPost(address);
        post.setConfig(RequestConfig.custom()
                .setResponseTimeout(Timeout.ofMilliseconds(Math.max(1, (until - System.nanoTime()) / 1_000_000)))
                .build());
        post.setEntity(new StringEntity(body, type));
        post.setHeader(Signing.ID, id);
        post.setHeader(Signing.TIME, Long.toString(seconds));
        if (!secret.isEmpty()) {
            post.setHeader(Signing.SIGNATURE, Signing.of(secret, id, seconds, body));
        }
        try {
            return client.execute(post, answer -> {
                Said said = new Said(answer.getCode(), text(answer));
                boolean again =
                        answer.getCode() == TOO_MANY || answer.getCode() == TIMED_OUT || answer.getCode() >= SERVER;
                return new Tried(said, null, again ? restAskedFor(answer) : -1);
            });
        } catch (AddressGuard.Refused | ClientProtocolException refused) {
            // Where it leads will not change by asking again.
            return new Tried(null, refused, -1);
        } catch (IOException broken) {
            return new Tried(null, broken, 0);
        }
    }

    private static String text(ClassicHttpResponse answer) throws IOException {
        if (answer.getEntity() == null) {
            return "";
        }
        try (InputStream content = answer.getEntity().getContent()) {
            return content == null ? "" : new String(content.readNBytes(MOST_BYTES), StandardCharsets.UTF_8);
        }
    }

    /** The rest that an answer asks for by Retry-After, in milliseconds; 0 where it asks for none. */
    private static long restAskedFor(ClassicHttpResponse answer) {
        Header header = answer.getFirstHeader("Retry-After");
        if (header == null) {
            return 0;
        }
        String value = header.getValue().strip();
        if (value.matches("\\d{1,6}")) {
            return Math.max(1, Long.parseLong(value) * 1_000);
        }
        Optional<Instant> until = Optional.ofNullable(DateUtils.parseStandardDate(value));
        Optional<Instant> now = Optional.ofNullable(answer.getFirstHeader("Date"))
                .map(Header::getValue)
                .map(DateUtils::parseStandardDate);
        // Both moments are the far side's, so its clock may be as wrong as it likes.
        return until.isPresent() && now.isPresent()
                ? Math.max(1, until.get().toEpochMilli() - now.get().toEpochMilli())
                : 0;
    }

    /** Whether a status means that the call was taken. */
    static boolean isGood(int status) {
        return status < GOOD;
    }

    @Override
    public void close() throws IOException {
        client.close();
    }

    /** Fields as JSON or as a form are words for words; what a form needs is escaped. */
    static String form(Map<String, String> fields) {
        StringBuilder all = new StringBuilder();
        fields.forEach((name, value) -> all.append(all.isEmpty() ? "" : "&")
                .append(java.net.URLEncoder.encode(name, StandardCharsets.UTF_8))
                .append('=')
                .append(java.net.URLEncoder.encode(value, StandardCharsets.UTF_8)));
        return all.toString();
    }
}

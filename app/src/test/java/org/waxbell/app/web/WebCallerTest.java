package org.waxbell.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.standardwebhooks.Webhook;
import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.UnknownHostException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import org.apache.hc.client5.http.DnsResolver;
import org.apache.hc.core5.http.ContentType;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Calls to a real server of HTTP on this computer, whose answers the test decides. */
class WebCallerTest {
    private static final String SECRET = "whsec_MfKQ9r8GKYqrTwjUPD8ILPZIo2LaLaSw";
    private static final List<String> HERE = List.of("127.0.0.1");

    private record Came(Map<String, List<String>> headers, String body) {}

    /** @param header and its value, a colon between; empty text for none */
    private record Answer(int status, String header, String body) {}

    private final List<Came> came = new CopyOnWriteArrayList<>();
    private final Deque<Answer> answers = new ArrayDeque<>();
    private HttpServer server;

    @BeforeEach
    void start() throws IOException {
        server = HttpServer.create(new InetSocketAddress("127.0.0.1", 0), 0);
        server.createContext("/", this::take);
        server.start();
    }

    @AfterEach
    void stop() {
        server.stop(0);
    }

    private void take(HttpExchange exchange) throws IOException {
        came.add(new Came(
                exchange.getRequestHeaders(),
                new String(exchange.getRequestBody().readAllBytes(), StandardCharsets.UTF_8)));
        Answer answer = answers.isEmpty() ? new Answer(200, "", "{}") : answers.removeFirst();
        if (!answer.header().isEmpty()) {
            String[] header = answer.header().split(": ", 2);
            exchange.getResponseHeaders().add(header[0], header[1]);
        }
        byte[] body = answer.body().getBytes(StandardCharsets.UTF_8);
        exchange.sendResponseHeaders(answer.status(), body.length == 0 ? -1 : body.length);
        exchange.getResponseBody().write(body);
        exchange.close();
    }

    private String address() {
        return "http://127.0.0.1:" + server.getAddress().getPort() + "/kiln";
    }

    private static WebCaller.Said call(WebCaller caller, String body) throws WebCaller.Failed {
        return caller.call(
                "msg_1",
                ContentType.APPLICATION_JSON,
                body,
                System.nanoTime() + TimeUnit.SECONDS.toNanos(6),
                Instant.now().getEpochSecond());
    }

    @Test
    void aCallIsSignedAsAnotherImplementationOfTheStandardExpects() throws Exception {
        String body = "{\"words\":\"Käthe & “wax”\"}";
        assertThat(call(new WebCaller(address(), SECRET, HERE), body).status()).isEqualTo(200);
        Came one = came.get(0);
        assertThat(one.body()).isEqualTo(body);
        Map<String, List<String>> headers = new TreeMap<>();
        one.headers().forEach((name, values) -> headers.put(name.toLowerCase(Locale.ROOT), values));
        assertThatCode(() -> new Webhook(SECRET).verify(one.body(), headers)).doesNotThrowAnyException();
        assertThatThrownBy(() -> new Webhook(SECRET).verify(one.body() + " ", headers))
                .isInstanceOf(Exception.class);
    }

    @Test
    void whatIsBusyIsTriedAgainUnderTheSameIdAfterTheRestItAsksFor() throws Exception {
        answers.add(new Answer(503, "", ""));
        answers.add(new Answer(429, "Retry-After: 1", ""));
        answers.add(new Answer(200, "", "{\"data\":1}"));
        long began = System.nanoTime();
        assertThat(call(new WebCaller(address(), SECRET, HERE), "{}").body()).isEqualTo("{\"data\":1}");
        assertThat(System.nanoTime() - began).isGreaterThan(TimeUnit.MILLISECONDS.toNanos(1_400));
        assertThat(came).hasSize(3);
        assertThat(came).extracting(each -> each.headers().get("Webhook-id")).containsOnly(List.of("msg_1"));
    }

    @Test
    void whatIsRefusedIsNotTriedAgain() throws Exception {
        answers.add(new Answer(404, "", "no such kiln"));
        assertThat(call(new WebCaller(address(), "", HERE), "{}").status()).isEqualTo(404);
        assertThat(came).hasSize(1);
        assertThat(came.get(0).headers()).doesNotContainKey("Webhook-signature");
    }

    @Test
    void aRestThatIsLongerThanThereIsTimeIsNotWaitedFor() {
        answers.add(new Answer(503, "Retry-After: 3600", ""));
        assertThatThrownBy(() -> call(new WebCaller(address(), "", HERE), "{}"))
                .isInstanceOf(WebCaller.Failed.class)
                .hasMessageContaining("it answered 503");
        assertThat(came).hasSize(1);
    }

    @Test
    void ownAddressesAreRefusedByNumberAndByNameAndNothingIsSent() {
        assertThatThrownBy(() -> call(new WebCaller(address(), "", List.of()), "{}"))
                .hasMessageContaining("127.0.0.1 leads into your own network");
        String byName = address().replace("127.0.0.1", "localhost");
        assertThatThrownBy(() -> call(new WebCaller(byName, "", List.of()), "{}"))
                .hasMessageContaining("localhost leads into your own network");
        assertThat(came).isEmpty();
    }

    @Test
    void aRedirectIsNotFollowedWhereverItLeads() throws Exception {
        answers.add(new Answer(
                307, "Location: http://localhost:" + server.getAddress().getPort() + "/inner", ""));
        assertThat(call(new WebCaller(address(), "", HERE), "{}").status()).isEqualTo(307);
        assertThat(came).hasSize(1);
    }

    @Test
    void aNameThatChangesItsNumberIsLookedAtEachTimeItIsConnectedTo() {
        List<String> looks = new CopyOnWriteArrayList<>();
        DnsResolver changes = new DnsResolver() {
            @Override
            public InetAddress[] resolve(String host) throws UnknownHostException {
                looks.add(host);
                // The first look is harmless: nobody listens there, so it is tried once more.
                return new InetAddress[] {InetAddress.getByName(looks.size() == 1 ? "192.0.2.1" : "127.0.0.1")};
            }

            @Override
            public String resolveCanonicalHostname(String host) {
                return host;
            }
        };
        WebCaller caller =
                new WebCaller("http://wax.example:" + server.getAddress().getPort() + "/", "", List.of(), changes);
        assertThatThrownBy(() -> caller.call(
                        "msg_1",
                        ContentType.APPLICATION_JSON,
                        "{}",
                        System.nanoTime() + TimeUnit.SECONDS.toNanos(30),
                        1))
                .isInstanceOf(WebCaller.Failed.class);
        assertThat(came).as("nothing ever reached this computer").isEmpty();
    }

    @Test
    void ofAVeryLongAnswerTheBeginningIsRead() throws Exception {
        answers.add(new Answer(200, "", "x".repeat(500_000)));
        assertThat(call(new WebCaller(address(), "", HERE), "{}").body()).hasSize(64 * 1024);
    }

    @Test
    void aFormIsEscaped() {
        assertThat(WebCaller.form(new TreeMap<>(Map.of("a", "1&2=3", "b", "ä b"))))
                .isEqualTo("a=1%262%3D3&b=%C3%A4+b");
    }
}

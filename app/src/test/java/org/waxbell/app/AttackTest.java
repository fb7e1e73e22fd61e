package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.node.ObjectNode;

/** What somebody sends who means ill, or a program that is broken: refused by place, in our words, and nothing is changed. */
class AttackTest {
    @TempDir
    static Path data;

    private static Running app;

    @BeforeAll
    static void start() {
        app = Running.demo(data.resolve("demo"));
    }

    @AfterAll
    static void stop() throws IOException {
        app.close();
    }

    private static String log() throws IOException {
        return Files.readString(app.data().resolve("log/waxbell.log"));
    }

    @Test
    void whatIsWrittenWithoutTheEngineMeetsALockedDatabaseLikeAllElse() throws Exception {
        try (Connection other =
                        DriverManager.getConnection("jdbc:sqlite:" + app.data().resolve("waxbell.db"));
                Statement lock = other.createStatement()) {
            lock.execute("begin immediate");
            List<Running.Answer> answers = List.of(
                    app.put("/api/practice/rewards", List.of(Map.of("title", "Dye", "price", 5, "asks", ""))),
                    app.put(
                            "/api/practice/viewers",
                            Map.of("name", "reed_walker", "standings", List.of("follower"), "months", 0)),
                    app.post("/api/neighbours/viewers", Map.of("name", "reed_helper")),
                    app.post("/api/stages/main/address", null),
                    app.askBytes(
                            "POST",
                            "/api/shelf?folder=Pictures&name=a.svg",
                            "<svg xmlns=\"http://www.w3.org/2000/svg\"><path/></svg>".getBytes(StandardCharsets.UTF_8),
                            "Content-Type",
                            "application/octet-stream"));
            lock.execute("rollback");
            assertThat(answers).allSatisfy(answer -> {
                assertThat(answer.status()).as(answer.toString()).isEqualTo(503);
                assertThat(answer.body().get("title").asString()).isEqualTo("Not kept");
                assertThat(answer.body().at("/problems/0/remedy").asString()).contains("Make room on the disk");
            });
        }
        assertThat(log()).doesNotContain("Servlet.service()");
    }

    @Test
    void numbersThatAreNoneOfOursAreRefusedByPlace() {
        ObjectNode wiring = (ObjectNode) app.get("/api/wiring/document").body();
        for (String number : List.of("5600.5", "1e20", "1e400")) {
            String broken = wiring.toString().replaceFirst("\"longestWaitMs\":\\d+", "\"longestWaitMs\":" + number);
            Running.Answer answer = app.ask("POST", "/api/wiring/document/preview?whole=true", broken);
            assertThat(answer.status()).as(number + ": " + answer.body()).isBetween(400, 422);
            assertThat(answer.body().at("/problems/0/path").asString()).contains("longestWaitMs");
        }
    }

    @Test
    void aListWithNothingInItsPlacesIsRefused() {
        for (String list : List.of("[null]", "[{\"title\":null,\"price\":1,\"asks\":\"\"}]")) {
            assertThat(app.ask("PUT", "/api/practice/rewards", list).status())
                    .as(list)
                    .isEqualTo(400);
        }
        assertThat(app.ask("POST", "/api/cues/copies", "{\"ids\":[null]}").status())
                .isEqualTo(400);
    }

    @Test
    void formsWithPartsAreRefusedBeforeAnythingReadsThem() throws IOException {
        for (String path :
                List.of("/api/shelf?folder=Pictures&name=a.png", "/api/wiring/document?whole=true&revision=1")) {
            Running.Answer answer =
                    app.ask("POST", path, "--x\r\nno part at all", "Content-Type", "multipart/form-data; boundary=x");
            assertThat(answer.status()).as(path).isEqualTo(415);
        }
        assertThat(log()).doesNotContain("MultipartException", "FileUpload");
    }

    /** What the server answers to bytes that are no request. */
    private static String raw(String request) throws IOException {
        String[] host = app.host().split(":");
        try (Socket socket = new Socket(host[0], Integer.parseInt(host[1]))) {
            socket.setSoTimeout(30_000);
            socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
            socket.getOutputStream().flush();
            InputStream in = socket.getInputStream();
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @Test
    void whatTheServerRefusesByItselfHasOurHeadersAndOurWords() throws IOException {
        for (String request : List.of(
                "GET / HTTP/1.1\r\nHost: a b\r\nConnection: close\r\n\r\n",
                "GET /%zz HTTP/1.1\r\nHost: " + app.host() + "\r\nConnection: close\r\n\r\n",
                "GET /a;b//c HTTP/1.1\r\nHost: " + app.host() + "\r\nConnection: close\r\n\r\n",
                "GET / HTTP/1.1\r\nHost: elsewhere.example\r\nConnection: close\r\n\r\n",
                "GET /%2e%2e/etc HTTP/1.1\r\nHost: " + app.host() + "\r\nConnection: close\r\n\r\n")) {
            String answer = raw(request);
            assertThat(answer).as(request).startsWith("HTTP/1.1 4");
            assertThat(answer.toLowerCase(java.util.Locale.ROOT))
                    .as(request)
                    .contains("content-security-policy: default-src 'none'", "x-content-type-options: nosniff")
                    .doesNotContain("apache", "tomcat", "<html", "exception");
        }
        Running.Answer nowhere = app.ask("POST", "/api/nowhere", "{}");
        assertThat(nowhere.status()).isIn(404, 405);
        assertThat(app.get("/error").header("Content-Security-Policy")).contains("default-src 'none'");
        assertThat(app.get("/error").body().get("detail").asString()).contains("nothing at this address");
    }

    @Test
    void namesOfViewersWhoAreNoNeighboursAreBounded() {
        assertThat(app.post("/api/neighbours/viewers", Map.of("name", "x".repeat(41)))
                        .body()
                        .at("/problems/0/path")
                        .asString())
                .isEqualTo("name");
        assertThat(app.post("/api/neighbours/viewers", Map.of("name", " ")).status())
                .isEqualTo(422);
    }
}

package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assumptions.assumeThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.ConnectException;
import java.net.Inet4Address;
import java.net.NetworkInterface;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import java.util.List;
import java.util.Map;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLHandshakeException;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.security.crypto.password.Pbkdf2PasswordEncoder;
import org.waxbell.app.config.Options;
import tools.jackson.databind.JsonNode;

/** Other computers come in by an encrypted door; programs of this one keep theirs, and nobody else reaches it. */
class SecureDoorTest {
    @TempDir
    static Path data;

    private static Running app;
    private static String address;
    private static int port;

    @BeforeAll
    static void start() throws IOException {
        address = NetworkInterface.networkInterfaces()
                .flatMap(NetworkInterface::inetAddresses)
                .filter(each -> each instanceof Inet4Address && !each.isLoopbackAddress())
                .map(each -> each.getHostAddress())
                .findFirst()
                .orElse("");
        if (System.getenv("CI") != null) {
            assertThat(address)
                    .as("in CI nothing is passed over: this machine has an address of its own")
                    .isNotEmpty();
        }
        assumeThat(address).as("this machine has an address of its own").isNotEmpty();
        Path keys = Files.createDirectories(data.resolve("keys"));
        String password = Pbkdf2PasswordEncoder.defaultsForSpringSecurity_v5_8().encode("three tall tapers");
        Files.writeString(
                keys.resolve("reach.properties"),
                "listen=" + address + "\nnames=" + address + "\nsecure=true\npassword=" + password + "\n");
        port = Running.freePort();
        app = new Running(Options.usual(data, port, true), "127.0.0.1");
    }

    @AfterAll
    static void stop() throws IOException {
        if (app != null) {
            app.close();
        }
    }

    private static HttpClient trusting(String pem) throws Exception {
        KeyStore trusted = KeyStore.getInstance("PKCS12");
        trusted.load(null, null);
        trusted.setCertificateEntry(
                "own",
                CertificateFactory.getInstance("X.509")
                        .generateCertificate(new ByteArrayInputStream(pem.getBytes(StandardCharsets.US_ASCII))));
        TrustManagerFactory managers = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
        managers.init(trusted);
        SSLContext context = SSLContext.getInstance("TLS");
        context.init(null, managers.getTrustManagers(), null);
        return HttpClient.newBuilder().sslContext(context).build();
    }

    private static HttpRequest.Builder secure(String path) {
        return HttpRequest.newBuilder(URI.create("https://" + address + ":" + (port + 1) + path));
    }

    @Test
    void whoTrustsTheCertificateComesInEncryptedAndSignsIn() throws Exception {
        HttpClient client = trusting(app.askText("/api/reach/certificate/waxbell.crt"));
        HttpResponse<String> shut = client.send(secure("/api/wiring").build(), HttpResponse.BodyHandlers.ofString());
        assertThat(shut.statusCode()).isEqualTo(401);
        HttpResponse<String> in = client.send(
                secure("/api/sign-in")
                        .header("Content-Type", "application/json")
                        .header("Origin", "https://" + address + ":" + (port + 1))
                        .POST(HttpRequest.BodyPublishers.ofString("{\"name\":\"\",\"password\":\"three tall tapers\"}"))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        assertThat(in.statusCode()).isEqualTo(204);
        String cookie = in.headers().firstValue("set-cookie").orElse("");
        assertThat(cookie).contains("Secure").contains("HttpOnly").contains("SameSite=Strict");
        HttpResponse<String> opened = client.send(
                secure("/api/wiring")
                        .header("Cookie", cookie.replaceAll(";.*", ""))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        assertThat(opened.statusCode()).isEqualTo(200);
    }

    @Test
    void whoDoesNotTrustItIsNotServedAndNothingIsServedUnencrypted() {
        HttpClient any = HttpClient.newHttpClient();
        assertThatThrownBy(() -> any.send(secure("/sign-in").build(), HttpResponse.BodyHandlers.ofString()))
                .isInstanceOf(SSLHandshakeException.class);
        HttpRequest plain = HttpRequest.newBuilder(URI.create("http://" + address + ":" + port + "/sign-in"))
                .build();
        assertThatThrownBy(() -> any.send(plain, HttpResponse.BodyHandlers.ofString()))
                .isInstanceOf(ConnectException.class);
    }

    @Test
    void aStageHasAnAddressForThisComputerAndOneForOthers() {
        JsonNode told = app.get("/api/stages/main/address").body();
        assertThat(told.get("address").asString()).startsWith("http://127.0.0.1:" + port + "/stage#k=");
        assertThat(told.get("elsewhere").asString()).startsWith("https://" + address + ":" + (port + 1) + "/stage#k=");
    }

    @Test
    void theHostReadsWhatItIsAndIsToldWhatDoesNotFit() {
        JsonNode reach = app.get("/api/reach").body();
        assertThat(List.of(
                        reach.get("secure").asBoolean(), reach.get("secureNow").asBoolean()))
                .containsOnly(true);
        JsonNode told = app.get("/api/reach/certificate").body();
        assertThat(told.get("own").asBoolean()).isFalse();
        assertThat(told.get("address").asString()).isEqualTo("https://" + address + ":" + (port + 1));
        Running.Answer refused = app.put("/api/reach/certificate", Map.of("certificate", "a letter", "key", "another"));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("problems").toString())
                .contains("\"path\":\"certificate\"", "\"path\":\"key\"", "BEGIN PRIVATE KEY");
        assertThat(app.get("/api/reach/certificate").body()).isEqualTo(told);
    }
}

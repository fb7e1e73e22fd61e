package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.ongres.scram.client.ScramClient;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** The practice mixer as docs/formats/mixer-link.md tells it: JSON texts typed by hand, no code shared with the link. */
class MixerProtocolTest {
    @TempDir
    static Path data;

    private static Running app;
    private static int next;

    @BeforeAll
    static void start() {
        app = Running.demo(data.resolve("data"));
    }

    @AfterAll
    static void stop() throws IOException {
        app.close();
    }

    private static JsonNode ask(Listening wire, String method, String params) {
        String id = "ask-" + ++next;
        wire.send(
                "{\"jsonrpc\":\"2.0\",\"id\":\"" + id + "\",\"method\":\"" + method + "\",\"params\":" + params + "}");
        return wire.next(each -> each.path("id").asString("").equals(id));
    }

    /** Asks for a change that needs no more than these fields. */
    private static JsonNode change(Listening wire, String once, String what, String fields) {
        return ask(
                wire,
                "change",
                "{\"once\":\"" + once + "\",\"change\":{\"what\":\"" + what + "\""
                        + (fields.isEmpty() ? "" : "," + fields) + "}}");
    }

    private static Listening proved() throws Exception {
        Listening wire = new Listening(app, "/ws/mixer-link");
        ScramClient scram = ScramClient.builder()
                .advertisedMechanisms(List.of("SCRAM-SHA-256"))
                .username("anyone")
                .password(app.get("/api/practice/mixer/door")
                        .body()
                        .get("password")
                        .asString()
                        .toCharArray())
                .build();
        assertThat(ask(wire, "hello", "{\"versions\":[1],\"program\":\"test\"}")
                        .at("/result/mechanism")
                        .asString())
                .isEqualTo("SCRAM-SHA-256");
        scram.serverFirstMessage(ask(
                        wire,
                        "proof.first",
                        Running.JSON.writeValueAsString(
                                Map.of("message", scram.clientFirstMessage().toString())))
                .at("/result/message")
                .asString());
        scram.serverFinalMessage(ask(
                        wire,
                        "proof.final",
                        Running.JSON.writeValueAsString(
                                Map.of("message", scram.clientFinalMessage().toString())))
                .at("/result/message")
                .asString());
        return wire;
    }

    @Test
    void nothingIsToldToWhoDidNotProveThePassword() {
        try (Listening wire = new Listening(app, "/ws/mixer-link")) {
            assertThat(ask(wire, "picture", "{}").at("/error/code").asInt()).isEqualTo(-32_002);
            assertThat(change(wire, "a", "scene.cut", "\"scene\":\"kettle\"")
                            .at("/error/code")
                            .asInt())
                    .isEqualTo(-32_002);
            assertThat(ask(wire, "hello", "{\"versions\":[7],\"program\":\"test\"}")
                            .at("/error/code")
                            .asInt())
                    .isEqualTo(-32_001);
            assertThat(ask(wire, "proof.final", "{\"message\":\"c=biws,r=x,p=eA==\"}")
                            .at("/error/code")
                            .asInt())
                    .isEqualTo(-32_002);
            assertThat(ask(wire, "no.such", "{}").at("/error/code").asInt()).isEqualTo(-32_601);
        }
    }

    @Test
    void aRequestOfOneNameIsDoneOnceEvenOverAnotherConnection() throws Exception {
        String text = "\"source\":\"Twice\",\"text\":\"http://example.test/\"";
        String first;
        try (Listening wire = proved()) {
            first = change(wire, "test-1", "source.add", text)
                    .at("/result/source")
                    .asString();
        }
        try (Listening again = proved()) {
            assertThat(change(again, "test-1", "source.add", text)
                            .at("/result/source")
                            .asString())
                    .isEqualTo(first);
            assertThat(ask(again, "picture", "{}")
                            .at("/result/sources")
                            .valueStream()
                            .filter(each -> each.get("name").asString().equals("Twice")))
                    .hasSize(1);
            assertThat(change(again, "test-2", "source.add", text)
                            .at("/result/source")
                            .asString())
                    .isEqualTo(first + "-2");
        }
    }

    @Test
    void changesAreToldWithWhoMadeThem() throws Exception {
        try (Listening one = proved();
                Listening other = proved()) {
            change(one, "mine-7", "scene.cut", "\"scene\":\"kettle\"");
            JsonNode told = other.next(each -> each.path("method").asString("").equals("changed"));
            assertThat(told.at("/params/by").asString()).isEqualTo("mine-7");
            assertThat(told.at("/params/picture/current").asString()).isEqualTo("kettle");
            app.cut("bench");
            assertThat(other.next(each -> each.path("method").asString("").equals("changed"))
                            .at("/params/by")
                            .asString())
                    .isEqualTo("hand");
            app.post("/api/practice/mixer/levels", List.of(Map.of("source", "hum", "peak", -12.5)));
            assertThat(one.next(each -> each.path("method").asString("").equals("levels"))
                            .at("/params/levels/0/peak")
                            .asDouble())
                    .isEqualTo(-12.5);
        }
    }

    @Test
    void whatCannotBeDoneIsRefusedInWordsAndNothingChanges() throws Exception {
        try (Listening wire = proved()) {
            long before = ask(wire, "picture", "{}").at("/result/number").asLong();
            assertThat(change(wire, "b", "scene.cut", "\"scene\":\"cellar\"")
                            .at("/error/message")
                            .asString())
                    .contains("there is no scene cellar");
            assertThat(change(wire, "c", "item.show", "\"scene\":\"away\",\"source\":\"crest\",\"on\":true")
                            .at("/error/code")
                            .asInt())
                    .isEqualTo(-32_003);
            assertThat(change(wire, "d", "filter.set", "\"source\":\"crest\",\"filter\":\"warm\",\"on\":true")
                            .at("/error/message")
                            .asString())
                    .contains("there is no filter warm");
            assertThat(ask(wire, "picture", "{}").at("/result/number").asLong()).isEqualTo(before);
        }
    }

    @Test
    void whatIsNoMessageEndsTheConnection() {
        try (Listening wire = new Listening(app, "/ws/mixer-link")) {
            wire.send("this is no JSON");
            assertThat(wire.closedWith()).isEqualTo(1007);
        }
    }
}

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
        wire.send("{\"jsonrpc\":\"2.0\",\"id\":\"" + id + "\",\"method\":\"" + method + "\",\"params\":" + params + "}");
        return wire.next(each -> each.path("id").asString("").equals(id));
    }

    private static Listening proved() throws Exception {
        Listening wire = new Listening(app, "/ws/mixer-link");
        ScramClient scram = ScramClient.builder().advertisedMechanisms(List.of("SCRAM-SHA-256")).username("anyone")
                .password(app.get("/api/practice/mixer/door").body().get("password").asString().toCharArray()).build();
        assertThat(ask(wire, "hello", "{\"versions\":[1],\"program\":\"test\"}").at("/result/mechanism").asString()).isEqualTo("SCRAM-SHA-256");
        scram.serverFirstMessage(ask(wire, "proof.first", Running.JSON.writeValueAsString(Map.of("message", scram.clientFirstMessage().toString()))).at("/result/message").asString());
        scram.serverFinalMessage(ask(wire, "proof.final", Running.JSON.writeValueAsString(Map.of("message", scram.clientFinalMessage().toString()))).at("/result/message").asString());
        return wire;
    }

    @Test
    void nothingIsToldToWhoDidNotProveThePassword() {
        try (Listening wire = new Listening(app, "/ws/mixer-link")) {
            assertThat(ask(wire, "picture", "{}").at("/error/code").asInt()).isEqualTo(-32_002);
            assertThat(ask(wire, "scene.cut", "{\"once\":\"a\",\"scene\":\"kettle\"}").at("/error/code").asInt()).isEqualTo(-32_002);
            assertThat(ask(wire, "hello", "{\"versions\":[7],\"program\":\"test\"}").at("/error/code").asInt()).isEqualTo(-32_001);
            assertThat(ask(wire, "proof.final", "{\"message\":\"c=biws,r=x,p=eA==\"}").at("/error/code").asInt()).isEqualTo(-32_002);
            assertThat(ask(wire, "no.such", "{}").at("/error/code").asInt()).isEqualTo(-32_601);
        }
    }

    @Test
    void aRequestOfOneNameIsDoneOnceEvenOverAnotherConnection() throws Exception {
        String text = "{\"once\":\"test-1\",\"name\":\"Twice\",\"address\":\"http://example.test/\",\"width\":10,\"height\":10}";
        String first;
        try (Listening wire = proved()) {
            first = ask(wire, "source.add", text).at("/result/source").asString();
        }
        try (Listening again = proved()) {
            assertThat(ask(again, "source.add", text).at("/result/source").asString()).isEqualTo(first);
            assertThat(ask(again, "picture", "{}").at("/result/sources").valueStream().filter(each -> each.get("name").asString().equals("Twice"))).hasSize(1);
            assertThat(ask(again, "source.add", text.replace("test-1", "test-2")).at("/result/source").asString()).isEqualTo(first + "-2");
        }
    }

    @Test
    void changesAreToldWithWhoMadeThem() throws Exception {
        try (Listening one = proved(); Listening other = proved()) {
            ask(one, "scene.cut", "{\"once\":\"mine-7\",\"scene\":\"kettle\"}");
            JsonNode told = other.next(each -> each.path("method").asString("").equals("changed"));
            assertThat(told.at("/params/by").asString()).isEqualTo("mine-7");
            assertThat(told.at("/params/picture/current").asString()).isEqualTo("kettle");
            app.put("/api/practice/mixer/scene", Map.of("scene", "bench"));
            assertThat(other.next(each -> each.path("method").asString("").equals("changed")).at("/params/by").asString()).isEqualTo("hand");
            app.post("/api/practice/mixer/levels", List.of(Map.of("source", "hum", "peak", -12.5)));
            assertThat(one.next(each -> each.path("method").asString("").equals("levels")).at("/params/levels/0/peak").asDouble()).isEqualTo(-12.5);
        }
    }

    @Test
    void whatCannotBeDoneIsRefusedInWordsAndNothingChanges() throws Exception {
        try (Listening wire = proved()) {
            long before = ask(wire, "picture", "{}").at("/result/number").asLong();
            assertThat(ask(wire, "scene.cut", "{\"once\":\"b\",\"scene\":\"cellar\"}").at("/error/message").asString()).contains("no such scene");
            assertThat(ask(wire, "item.show", "{\"once\":\"c\",\"scene\":\"away\",\"source\":\"crest\",\"on\":true}").at("/error/code").asInt()).isEqualTo(-32_003);
            assertThat(ask(wire, "filter.set", "{\"once\":\"d\",\"source\":\"crest\",\"filter\":\"warm\",\"on\":true}").at("/error/message").asString()).contains("no such filter");
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

package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import com.hivemq.client.mqtt.mqtt5.Mqtt5BlockingClient;
import java.io.IOException;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.waxbell.app.outside.BrokerLamp;
import org.waxbell.app.outside.CutProxy;
import org.waxbell.app.outside.RealBroker;
import org.waxbell.room.Light;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Lamps at a real broker, through a wire that can be cut. */
class MqttRoomTest extends RoomContract {
    @TempDir
    static Path data;

    private static RealBroker broker;
    private static CutProxy wire;
    private static BrokerLamp lamp;
    private static Running app;

    @BeforeAll
    static void start() {
        broker = new RealBroker(data.resolve("broker"));
        wire = new CutProxy(broker.port());
        lamp = new BrokerLamp(broker, "bench", json(BEFORE));
        app = Running.demo(data.resolve("data"));
    }

    @AfterAll
    static void stop() throws IOException {
        app.close();
        lamp.close();
        wire.close();
        broker.close();
    }

    @BeforeEach
    void linked() {
        wire.mend();
        assertThat(link("mqtt://127.0.0.1:" + wire.port(), RealBroker.PASSWORD, "")
                        .status())
                .isEqualTo(200);
        awaitPhase("up");
    }

    private static Running.Answer link(String address, String password, String certificate) {
        ObjectNode settings = (ObjectNode) app.get("/api/link-kinds/room").body();
        settings.put("practice", false)
                .put("address", address)
                .put("user", RealBroker.USER)
                .put("certificate", certificate);
        ArrayNode devices = settings.putArray("devices");
        ObjectNode bench = (ObjectNode) app.get("/api/room/device").body();
        devices.add(bench.put("name", "Bench").put("topic", "room/bench/set").put("tells", "room/bench/state"));
        ObjectNode plug = (ObjectNode) app.get("/api/room/device").body();
        devices.add(plug.put("name", "Kettle")
                .put("sort", "plug")
                .put("topic", "room/kettle/set")
                .put("payload", "{state}"));
        return app.put(
                "/api/links/room",
                Map.of(
                        "kind",
                        "room",
                        "name",
                        "The room",
                        "settings",
                        settings,
                        "secrets",
                        Map.of("password", password)));
    }

    private static JsonNode view() {
        return app.get("/api/links")
                .body()
                .valueStream()
                .filter(each -> each.get("id").asString().equals("room"))
                .findFirst()
                .orElseThrow();
    }

    private static void awaitPhase(String phase) {
        await("the room is " + phase)
                .atMost(PATIENCE)
                .until(() -> view().at("/state/phase").asString().equals(phase));
    }

    private static String trouble() {
        return view().at("/state/trouble/says").asString("");
    }

    @Override
    Running app() {
        return app;
    }

    @Override
    Light bench() {
        JsonNode stands = Running.JSON.readTree(lamp.stands());
        boolean on = stands.get("state").asString().equals("ON");
        JsonNode colour = stands.get("color");
        return new Light(
                on,
                String.format(
                        "#%02x%02x%02x",
                        colour.get("r").asInt(),
                        colour.get("g").asInt(),
                        colour.get("b").asInt()),
                (int) Math.round(stands.get("brightness").asInt() / 2.55));
    }

    @Override
    void byHand(Light light) {
        lamp.switched(json(light));
        await("it is known")
                .atMost(PATIENCE)
                .until(() -> app.get("/api/room")
                        .body()
                        .get(0)
                        .get("light")
                        .get("colour")
                        .asString()
                        .equals(light.colour()));
    }

    private static String json(Light light) {
        int colour = Integer.parseInt(light.colour().substring(1), 16);
        return String.format(
                "{\"state\":\"%s\",\"brightness\":%d,\"color\":{\"r\":%d,\"g\":%d,\"b\":%d}}",
                light.on() ? "ON" : "OFF",
                Math.round(light.brightness() * 2.55),
                colour >> 16,
                colour >> 8 & 0xff,
                colour & 0xff);
    }

    @Test
    void aPlugThatTellsNothingIsSwitchedInItsOwnWords() {
        List<String> heard = new CopyOnWriteArrayList<>();
        Mqtt5BlockingClient kettle = broker.client();
        kettle.toAsync()
                .subscribeWith()
                .topicFilter("room/kettle/set")
                .callback(each -> heard.add(new String(each.getPayloadAsBytes(), StandardCharsets.UTF_8)))
                .send()
                .join();
        cue(app, "boil", "plug", "Kettle", "on", 700);
        ring(app, "boil");
        await("on, then off again").atMost(PATIENCE).until(() -> heard.equals(List.of("ON", "OFF")));
        kettle.disconnect();
    }

    @Test
    void whatWasToBePutBackWhileTheBrokerWasAwayIsPutBackWhenItIsThereAgain() {
        byHand(BEFORE);
        cue(app, "cut", "lamp", "Bench", "#c8841a", 1_500);
        ring(app, "cut");
        benchIs(AMBER);
        wire.cut();
        awaitPhase("broken");
        assertThat(trouble()).isNotEmpty();
        await("the part is over")
                .atMost(PATIENCE)
                .until(() ->
                        !app.get("/api/live").body().get("rings").toString().contains("\"playing\""));
        assertThat(bench()).isEqualTo(AMBER);
        wire.mend();
        benchIs(BEFORE);
    }

    @Test
    void thatWaxBellIsThereIsToldAndThatItIsGoneByTheLastWill() {
        List<String> heard = new CopyOnWriteArrayList<>();
        Mqtt5BlockingClient other = broker.client();
        other.toAsync()
                .subscribeWith()
                .topicFilter("waxbell/state")
                .callback(each -> heard.add(new String(each.getPayloadAsBytes(), StandardCharsets.UTF_8)))
                .send()
                .join();
        await("it is there").atMost(PATIENCE).until(() -> heard.contains("online"));
        heard.clear();
        wire.cut();
        await("the broker says so").atMost(PATIENCE).until(() -> heard.contains("offline"));
        wire.mend();
        await("it is there again").atMost(PATIENCE).until(() -> heard.contains("online"));
        heard.clear();
        app.put("/api/links/room/pause", Map.of("paused", true));
        await("goodbye is said too").atMost(PATIENCE).until(() -> heard.contains("offline"));
        app.put("/api/links/room/pause", Map.of("paused", false));
        other.disconnect();
    }

    @Test
    void eachTroubleHasItsOwnWordsAndRemedy() throws IOException {
        link("mqtt://127.0.0.1:" + wire.port(), "wrong", "");
        await("a wrong password").atMost(PATIENCE).until(() -> trouble().contains("did not let us in"));
        assertThat(view().at("/state/nextTry").asLong())
                .as("only the host can mend it")
                .isZero();
        link("mqtts://127.0.0.1:" + broker.tlsPort(), RealBroker.PASSWORD, "");
        await("a certificate that nobody known signed")
                .atMost(PATIENCE)
                .until(() -> trouble().contains("No safe connection"));
        link("mqtts://127.0.0.1:" + broker.tlsPort(), RealBroker.PASSWORD, "no certificate");
        await("one that cannot be read").atMost(PATIENCE).until(() -> trouble().contains("cannot be read"));
        link("mqtts://127.0.0.1:" + broker.tlsPort(), RealBroker.PASSWORD, broker.certificate());
        awaitPhase("up");
        link("mqtt://127.0.0.1:" + Running.freePort(), RealBroker.PASSWORD, "");
        await("nobody there").atMost(PATIENCE).until(() -> trouble().contains("Nothing answers at"));
        try (ServerSocket mute = new ServerSocket(0)) {
            link("mqtt://127.0.0.1:" + mute.getLocalPort(), RealBroker.PASSWORD, "");
            await("somebody who takes it and says nothing")
                    .atMost(PATIENCE)
                    .until(() -> trouble().contains("broke"));
        }
    }

    @Test
    void aPayloadThatDoesNotCompileIsRefusedAndTheLinkStays() {
        ObjectNode settings =
                (ObjectNode) app.get("/api/links/room").body().get("settings").deepCopy();
        ((ObjectNode) settings.at("/devices/0")).put("payload", "{\"state\": {state}}");
        Running.Answer refused = app.put(
                "/api/links/room",
                Map.of("kind", "room", "name", "The room", "settings", settings, "secrets", Map.of()));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().toString()).contains("settings.devices[0].payload", "in quotes");
        assertThat(view().at("/state/phase").asString()).isEqualTo("up");
    }
}

package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.net.DatagramPacket;
import java.net.DatagramSocket;
import java.net.InetAddress;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.waxbell.app.outside.RealOsc;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A link to a real receiver and a real sender of Open Sound Control, from Debian's packages. */
class OscTest {
    @TempDir
    static Path data;

    private static Running app;
    private static RealOsc desk;
    private static int hears;

    @BeforeAll
    static void start() throws IOException {
        int port = Running.freePort();
        hears = Running.freePort();
        desk = new RealOsc(Integer.toString(port), data.resolve("dumped.txt"));
        app = Running.demo(data.resolve("data"));
        assertThat(app.put(
                                "/api/links/lights",
                                Map.of(
                                        "kind",
                                        "osc",
                                        "name",
                                        "Lights",
                                        "settings",
                                        Map.of("host", "127.0.0.1", "port", port, "way", "udp", "hears", hears),
                                        "secrets",
                                        Map.of()))
                        .status())
                .isEqualTo(200);
        // What comes before it listens is lost.
        await("the link is up")
                .atMost(RoomContract.PATIENCE)
                .until(() -> app.get("/api/links")
                        .body()
                        .valueStream()
                        .anyMatch(each -> each.get("id").asString().equals("lights")
                                && each.at("/state/phase").asString().equals("up")));
    }

    @AfterAll
    static void stop() throws IOException {
        app.close();
        desk.close();
    }

    private static void send(String... words) throws IOException, InterruptedException {
        assertThat(RealOsc.send(List.of("127.0.0.1", Integer.toString(hears)), words))
                .isTrue();
    }

    private static void cue(String id, String pull, String parts) {
        ObjectNode cue =
                (ObjectNode) app.cue("a-clip-lights-the-bench").get("cue").deepCopy();
        cue.put("id", id).put("name", id);
        cue.set("pulls", json("[" + pull + "]"));
        cue.putArray("gates");
        ((ObjectNode) cue.at("/takes/0/score")).set("parts", json(parts));
        Running.Answer kept = app.put(
                "/api/cues",
                Map.of("what", "a desk", "save", List.of(Map.of("cue", cue, "version", 0)), "delete", List.of()));
        assertThat(kept.status()).as(kept.body().toString()).isEqualTo(200);
    }

    private static JsonNode json(String text) {
        return Running.JSON.readTree(text.replace('\'', '"'));
    }

    private static final String PLAIN = "'manner':{'ifFails':'goOn','atOnce':false,'toEnd':false}";

    private static long rang(String id) {
        return app.get("/api/journal")
                .body()
                .valueStream()
                .filter(each -> each.get("sentence").asString().contains("rang " + id))
                .count();
    }

    @Test
    void anAddressGetsTheGiftsWorthAsANumberWithItsTypes() throws IOException {
        cue(
                "worth",
                "{'kind':'event','event':'gift','atLeast':{},'exactly':{}}",
                "[{'kind':'osc','id':'osc','start':{'kind':'at','ms':0},'link':'lights','address':'/light/3/level','timed':false,"
                        + "'arguments':[{'sort':'int','words':'{giftWorth}'},{'sort':'float','words':'0.5'},{'sort':'text','words':'{viewer}'}],"
                        + PLAIN + "}]");
        app.post(
                "/api/practice/events",
                Map.of("kind", "gift", "name", "wickerby", "numbers", Map.of("giftWorth", 80), "texts", Map.of()));
        await("the desk has it").atMost(RoomContract.PATIENCE).until(() -> desk.heard("/light/3/level"));
        assertThat(desk.heard()).containsPattern("/light/3/level ifs 80 0\\.50* \"wickerby\"");
    }

    @Test
    void aFaderRingsOnceWhenItRisesAboveItsMarkWithItsArguments() throws Exception {
        cue(
                "fader",
                "{'kind':'osc','address':'/fader/1','mark':'0.5'}",
                "[{'kind':'reply','id':'say','start':{'kind':'at','ms':0},'words':'fader at {osc1}, {osc2}'," + PLAIN
                        + "}]");
        for (String each : List.of("0.2", "0.6", "0.8")) {
            send("/fader/1", "fs", each, "left");
        }
        await("it rings").atMost(RoomContract.PATIENCE).until(() -> rang("fader") == 1);
        send("/fader/1", "fs", "0.3", "left");
        send("/fader/1", "fs", "0.9", "left");
        await("and again when it rises again").atMost(RoomContract.PATIENCE).until(() -> rang("fader") == 2);
        assertThat(app.get("/api/journal").body().toString()).contains("/fader/1: 0.6");
    }

    @Test
    void aSurfacePressesOurButtonsAndIsToldWhichAreLit() throws Exception {
        String lit = "/waxbell/lit/with-thanks i ";
        send("/waxbell/surface", "i", "1");
        await("all buttons are told").atMost(RoomContract.PATIENCE).until(() -> desk.heard(lit + 0));
        send("/waxbell/press/with-thanks", "i", "0");
        send("/waxbell/press/nothing", "i", "1");
        send("/waxbell/press/with-thanks", "f", "1");
        await("it is lit").atMost(RoomContract.PATIENCE).until(() -> desk.heard(lit + 1));
        assertThat(app.get("/api/journal").body().toString()).contains("pressed Thanks");
        send("/waxbell/hush", "i", "1");
        await("it hushes, and is lit no more")
                .atMost(RoomContract.PATIENCE)
                .until(() -> desk.heard().lastIndexOf(lit + 0) > desk.heard().indexOf(lit + 1));
        send("/waxbell/surface", "i", "0");
        send("/waxbell/press/with-thanks", "i", "1");
        await("it rings again")
                .atMost(RoomContract.PATIENCE)
                .until(() -> app.get("/api/journal").body().toString().split("pressed Thanks", -1).length == 3);
        assertThat(desk.heard().indexOf(lit + 1))
                .as("it wants to be told no more")
                .isEqualTo(desk.heard().lastIndexOf(lit + 1));
    }

    @Test
    void aPacketThatIsCutShortIsPassedOverAndSaidAndTheNextCounts() throws Exception {
        cue(
                "button",
                "{'kind':'osc','address':'/button','mark':''}",
                "[{'kind':'reply','id':'say','start':{'kind':'at','ms':0},'words':'pressed'," + PLAIN + "}]");
        byte[] whole = "/button\0,f\0\0".getBytes(StandardCharsets.ISO_8859_1);
        try (DatagramSocket socket = new DatagramSocket()) {
            for (int length : List.of(0, 1, 5, 9, whole.length)) {
                socket.send(new DatagramPacket(whole, length, InetAddress.getByName("127.0.0.1"), hears));
            }
            byte[] noise = new byte[400];
            Arrays.fill(noise, (byte) '#');
            socket.send(new DatagramPacket(noise, noise.length, InetAddress.getByName("127.0.0.1"), hears));
        }
        await("it is said")
                .atMost(RoomContract.PATIENCE)
                .until(() -> app.get("/api/links").body().toString().contains("cut short"));
        send("/button");
        await("the next counts").atMost(RoomContract.PATIENCE).until(() -> rang("button") == 1);
    }

    @Test
    void aDeskThatIsNotThereByTcpIsSaidSo() {
        assertThat(app.put(
                                "/api/links/far",
                                Map.of(
                                        "kind",
                                        "osc",
                                        "name",
                                        "Far",
                                        "settings",
                                        Map.of(
                                                "host",
                                                "127.0.0.1",
                                                "port",
                                                Running.freePort(),
                                                "way",
                                                "tcp",
                                                "hears",
                                                0),
                                        "secrets",
                                        Map.of()))
                        .status())
                .isEqualTo(200);
        await("it is said")
                .atMost(RoomContract.PATIENCE)
                .until(() -> app.get("/api/links").body().toString().contains("Nothing answers at 127.0.0.1"));
    }

    /** A desk that speaks TCP: it has a receiver of its own, and connects to our port. */
    @Test
    void byTcpTheDeskIsToldAndHeardToo() throws Exception {
        int far = Running.freePort();
        int near = Running.freePort();
        try (RealOsc console = new RealOsc("osc.tcp://:" + far + "/", data.resolve("tcp.txt"))) {
            app.put(
                    "/api/links/console",
                    Map.of(
                            "kind",
                            "osc",
                            "name",
                            "Console",
                            "settings",
                            Map.of("host", "127.0.0.1", "port", far, "way", "tcp", "hears", near),
                            "secrets",
                            Map.of()));
            cue(
                    "console-fader",
                    "{'kind':'osc','address':'/fader/7','mark':''}",
                    "[{'kind':'osc','id':'osc','start':{'kind':'at','ms':0},'link':'console','address':'/heard','timed':false,"
                            + "'arguments':[{'sort':'int','words':'7'}]," + PLAIN + "}]");
            await("it is linked")
                    .atMost(RoomContract.PATIENCE)
                    .until(() -> app.get("/api/links").body().toString().contains("on port " + near + " by TCP"));
            await("it is up").atMost(RoomContract.PATIENCE).ignoreExceptions().until(() -> {
                RealOsc.send(List.of("osc.tcp://127.0.0.1:" + near + "/"), "/fader/7", "f", "0.5");
                return rang("console-fader") > 0;
            });
            await("the desk is told by TCP").atMost(RoomContract.PATIENCE).until(() -> console.heard("/heard i 7"));
            console.close();
            await("that it is gone is seen without telling it anything")
                    .atMost(RoomContract.PATIENCE)
                    .until(() -> app.get("/api/links")
                            .body()
                            .toString()
                            .contains("The connection to the desk broke: it was closed"));
        } finally {
            app.ask("DELETE", "/api/links/console", null);
        }
    }
}

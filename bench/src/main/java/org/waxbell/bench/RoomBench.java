package org.waxbell.bench;

import com.hivemq.client.mqtt.datatypes.MqttQos;
import com.hivemq.client.mqtt.mqtt5.Mqtt5BlockingClient;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.DatagramPacket;
import java.net.DatagramSocket;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import java.util.function.BooleanSupplier;
import org.waxbell.app.outside.RealBroker;
import org.waxbell.e2e.Packaged;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * What leaves for the room: how long it takes from a line of chat to a lamp at a real broker, a key of the rig, a packet of OSC and a call of the web,
 * each beside a bare client in the same run; whether a lamp is put back after the program was killed; and a crowd that presses without end.
 */
final class RoomBench {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String PLAIN = "'manner':{'ifFails':'goOn','atOnce':true,'toEnd':false}";
    private static final int A_SECOND = 500;
    private final Scale scale;
    private final int rounds;

    RoomBench(Scale scale) {
        this.scale = scale;
        rounds = scale.of(20, 200);
    }

    /** Begins something whose end is told to a queue. */
    interface Begins {
        void begin() throws Exception;
    }

    void run() throws Exception {
        Path data = Files.createTempDirectory("waxbell-bench-room");
        try (RealBroker broker = new RealBroker(data.resolve("broker"));
                DatagramSocket desk = new DatagramSocket(new InetSocketAddress("127.0.0.1", 0))) {
            BlockingQueue<Long> lamp = new LinkedBlockingQueue<>();
            BlockingQueue<Long> packets = new LinkedBlockingQueue<>();
            BlockingQueue<Long> calls = new LinkedBlockingQueue<>();
            Mqtt5BlockingClient client = heardAt(broker, lamp);
            HttpServer server = heardAt(calls);
            listen(desk, packets);
            String web = "http://127.0.0.1:" + server.getAddress().getPort() + "/";
            try (Packaged app = new Packaged(data.resolve("data"))) {
                link(app, broker, desk.getLocalPort(), web);
                cue(
                        app,
                        "lamp",
                        "'kind':'switch','lengthMs':100,'stay':false,'value':'#c8841a','target':{'kind':'lamp','name':'Bench'}");
                cue(
                        app,
                        "desk",
                        "'kind':'osc','link':'lights','address':'/x','arguments':[{'sort':'float','words':'0.5'}],'timed':false");
                cue(
                        app,
                        "web",
                        "'kind':'call','link':'kiln','type':'bench.round','body':'json','fields':[],'reads':[],'limitMs':5000");
                both(
                        "broker",
                        lamp,
                        2,
                        () -> app.say("wickerby", "!blamp"),
                        () -> client.toAsync()
                                .publishWith()
                                .topic("room/bench/set")
                                .qos(MqttQos.AT_LEAST_ONCE)
                                .payload("{}".getBytes())
                                .send());
                both("osc", packets, 1, () -> app.say("wickerby", "!bdesk"), () -> {
                    byte[] bytes = "/x\0\0,f\0\0\0\0\0\0".getBytes();
                    try (DatagramSocket bare = new DatagramSocket()) {
                        bare.send(new DatagramPacket(
                                bytes, bytes.length, InetAddress.getByName("127.0.0.1"), desk.getLocalPort()));
                    }
                });
                HttpClient bare = HttpClient.newHttpClient();
                both(
                        "web",
                        calls,
                        1,
                        () -> app.say("wickerby", "!bweb"),
                        () -> bare.send(
                                HttpRequest.newBuilder(URI.create(web))
                                        .POST(HttpRequest.BodyPublishers.ofString("{}"))
                                        .build(),
                                HttpResponse.BodyHandlers.discarding()));
                crowd(app);
            }
            server.stop(0);
            client.disconnect();
        }
        new KeysBench(this).run(data.resolve("keys"));
        putBack(data.resolve("killed"));
    }

    private static Mqtt5BlockingClient heardAt(RealBroker broker, BlockingQueue<Long> heard) {
        Mqtt5BlockingClient client = broker.client();
        client.toAsync()
                .subscribeWith()
                .topicFilter("room/bench/set")
                .qos(MqttQos.AT_LEAST_ONCE)
                .callback(each -> heard.add(System.nanoTime()))
                .send()
                .join();
        return client;
    }

    private static HttpServer heardAt(BlockingQueue<Long> heard) throws IOException {
        HttpServer server = HttpServer.create(new InetSocketAddress("127.0.0.1", 0), 0);
        server.createContext("/", exchange -> {
            heard.add(System.nanoTime());
            exchange.getRequestBody().readAllBytes();
            exchange.sendResponseHeaders(200, -1);
            exchange.close();
        });
        server.start();
        return server;
    }

    private static void listen(DatagramSocket desk, BlockingQueue<Long> heard) {
        Thread listener = new Thread(() -> {
            byte[] bytes = new byte[2_000];
            while (!desk.isClosed()) {
                try {
                    desk.receive(new DatagramPacket(bytes, bytes.length));
                    heard.add(System.nanoTime());
                } catch (IOException over) {
                    return;
                }
            }
        });
        listener.setDaemon(true);
        listener.start();
    }

    private static void link(Packaged app, RealBroker broker, int port, String web) {
        ObjectNode room = (ObjectNode) app.get("/api/link-kinds/room");
        room.put("practice", false)
                .put("address", "mqtt://127.0.0.1:" + broker.port())
                .put("user", RealBroker.USER);
        ObjectNode device = (ObjectNode) app.get("/api/room/device");
        room.putArray("devices")
                .add(device.put("name", "Bench").put("topic", "room/bench/set").put("tells", ""));
        put(app, "room", room, Map.of("password", RealBroker.PASSWORD));
        put(app, "lights", json("{'host':'127.0.0.1','port':" + port + ",'way':'udp','hears':0}"), Map.of());
        put(app, "kiln", json("{'address':'" + web + "','allowed':['127.0.0.1']}"), Map.of());
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(30);
        while (app.get("/api/room").isEmpty() && System.nanoTime() < until) {
            LockSupport.parkNanos(50_000_000);
        }
    }

    private static void put(Packaged app, String id, JsonNode settings, Map<String, String> secrets) {
        String kind = id.equals("lights") ? "osc" : id.equals("kiln") ? "web" : id;
        app.put("/api/links/" + id, Map.of("kind", kind, "name", id, "settings", settings, "secrets", secrets));
    }

    private static JsonNode json(String text) {
        return JSON.readTree(text.replace('\'', '"'));
    }

    static void cue(Packaged app, String id, String part) {
        JsonNode sample = app.get("/api/wiring")
                .get("cues")
                .valueStream()
                .filter(each -> each.at("/cue/id").asString().equals("what-is-on-the-bench"))
                .findFirst()
                .orElseThrow();
        ObjectNode cue = (ObjectNode) sample.get("cue").deepCopy();
        cue.put("id", "b-" + id).put("name", "b-" + id).put("allTheSame", true).putArray("gates");
        cue.set("pulls", json("[{'kind':'chatWord','words':['!b" + id + "'],'general':false,'argument':''}]"));
        ((ObjectNode) cue.at("/takes/0/score"))
                .set("parts", json("[{'id':'part','start':{'kind':'at','ms':0}," + part + "," + PLAIN + "}]"));
        app.put(
                "/api/cues",
                Map.of("what", "a bench", "save", List.of(Map.of("cue", cue, "version", 0)), "delete", List.of()));
    }

    /** @param each how many are heard of one round of ours; the bare one is heard once */
    void both(String name, BlockingQueue<Long> heard, int each, Begins ours, Begins bare) throws Exception {
        both(name, heard, each, 0, ours, bare);
    }

    /** @param restMs before each round, until what the last one did is put back */
    void both(String name, BlockingQueue<Long> heard, int each, long restMs, Begins ours, Begins bare)
            throws Exception {
        List<Double> us = new ArrayList<>();
        List<Double> them = new ArrayList<>();
        for (int i = 0; i < rounds; i++) {
            LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(restMs));
            us.add(once(heard, each, ours));
            LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(restMs));
            them.add(once(heard, 1, bare));
        }
        Figures.printBoth(name + "_line_to", us);
        Figures.printBoth(name + "_bare", them);
    }

    private static double once(BlockingQueue<Long> heard, int each, Begins begins) throws Exception {
        heard.clear();
        long began = System.nanoTime();
        begins.begin();
        double first = Double.NaN;
        for (int i = 0; i < each; i++) {
            Long at = heard.poll(5, TimeUnit.SECONDS);
            if (at == null) {
                throw new IllegalStateException("nothing came of it within five seconds");
            }
            first = i == 0 ? (at - began) / 1e6 : first;
        }
        return first;
    }

    /** A crowd that presses: how many a second were taken, how many became keys, whether one is held at the end. */
    private void crowd(Packaged app) {
        app.post("/api/practice/rig/anew", Map.of());
        app.post(
                "/api/practice/mixer/hand",
                Map.of(
                        "what",
                        "scene.cut",
                        "scene",
                        "away",
                        "source",
                        "",
                        "text",
                        "",
                        "level",
                        0,
                        "on",
                        true,
                        "filter",
                        "",
                        "place",
                        Map.of("left", 0, "top", 0, "width", 0, "height", 0)));
        int presses = A_SECOND * scale.of(2, 20, 60);
        long before = app.get("/api/practice/rig").get("presses").asLong();
        double processor = processor(app);
        List<String> words = List.of("left", "dip");
        double seconds = Paced.run(A_SECOND, presses, each -> app.say("crowd_" + each % 2_000, words.get(each % 2)));
        LockSupport.parkNanos(1_000_000_000L);
        JsonNode rig = app.get("/api/practice/rig");
        Figures.print("crowd_presses_a_second", presses / seconds, "");
        Figures.print("crowd_keys_of_presses", (rig.get("presses").asLong() - before) / (double) presses, "");
        Figures.print("crowd_held_afterwards", rig.get("held").size(), "");
        Figures.print("crowd_processor_share", (processor(app) - processor) / seconds, "");
    }

    private static double processor(Packaged app) {
        return app.process().info().totalCpuDuration().orElse(Duration.ZERO).toMillis() / 1e3;
    }

    /** Kills the program while a lamp breathes, again and again: how often it was not as before afterwards. */
    private void putBack(Path data) {
        int left = 0;
        int times = scale.of(1, 4, 50);
        String before = "";
        for (int i = 0; i < times; i++) {
            try (Packaged app = new Packaged(data)) {
                before = bench(app, before);
                app.happen("clip", "tallowmoth", Map.of(), Map.of());
                waitFor(() -> light(app).contains("#c8841a"));
                app.killHard();
            }
            try (Packaged app = new Packaged(data)) {
                String wanted = before;
                left += waitFor(() -> light(app).equals(wanted)) ? 0 : 1;
            }
        }
        Figures.print("killed_in_mid_breath", times, "");
        Figures.print("left_on_afterwards", left, "");
    }

    private static String bench(Packaged app, String before) {
        return before.isEmpty() ? light(app) : before;
    }

    private static String light(Packaged app) {
        return app.get("/api/practice/room").get(0).get("light").toString();
    }

    static boolean waitFor(BooleanSupplier wanted) {
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(15);
        while (System.nanoTime() < until) {
            if (wanted.getAsBoolean()) {
                return true;
            }
            LockSupport.parkNanos(30_000_000);
        }
        return false;
    }
}

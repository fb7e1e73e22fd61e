package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.waxbell.app.outside.CutProxy;
import org.waxbell.app.outside.RawIrc;
import org.waxbell.app.outside.RealIrc;
import org.waxbell.app.store.PersonMapper;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The link to a chat by IRC, on a real server with services, through a wire that can be cut. */
class IrcChatTest extends ChatContract {
    private static final String CHANNEL = "#bench";

    @TempDir
    static Path data;

    private static RealIrc server;
    private static CutProxy wire;
    private static Running app;
    private static RawIrc moderator;
    private static final Map<String, RawIrc> VIEWERS = new HashMap<>();

    @BeforeAll
    static void start() {
        server = new RealIrc(data.resolve("irc"));
        List.of("saltmarsh_bell", "tallowmoth", "odalys").forEach(name -> server.account(name, "secret-of-" + name));
        wire = new CutProxy(server.port());
        // Who comes first into a channel is its operator.
        moderator = new RawIrc(server.port(), "captain_sedge").join(CHANNEL);
        app = Running.demo(data.resolve("data"));
        set("tower", settings(wire.port(), "saltmarsh_bell"), Map.of("helper", "secret-of-saltmarsh_bell"));
        awaitPhase("tower", "up");
    }

    @AfterAll
    static void stop() throws IOException {
        app.close();
        VIEWERS.values().forEach(RawIrc::close);
        moderator.close();
        wire.close();
        server.close();
    }

    private static ObjectNode settings(int port, String login) {
        ObjectNode settings = (ObjectNode) app.get("/api/link-kinds/irc").body();
        settings.put("host", "127.0.0.1").put("port", port).put("tls", false);
        settings.putArray("channels").add(CHANNEL);
        settings.putObject("helper").put("nick", "saltmarsh_bell").put("login", login);
        return settings;
    }

    private static Running.Answer set(String id, JsonNode settings, Map<String, String> secrets) {
        return app.put(
                "/api/links/" + id, Map.of("kind", "irc", "name", "Tower", "settings", settings, "secrets", secrets));
    }

    private static JsonNode view(String id) {
        return app.get("/api/links")
                .body()
                .valueStream()
                .filter(each -> each.get("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static void awaitPhase(String id, String phase) {
        await(id + " " + phase)
                .atMost(PATIENCE)
                .untilAsserted(() -> assertThat(view(id).at("/state/phase").asString())
                        .as(view(id).toString())
                        .isEqualTo(phase));
    }

    private static String fact(String id, String name) {
        return view(id).get("facts")
                .valueStream()
                .filter(each -> each.get("name").asString().equals(name))
                .map(each -> each.get("says").asString())
                .findFirst()
                .orElse("");
    }

    private static RawIrc viewer(String name) {
        return VIEWERS.computeIfAbsent(
                name,
                nick -> new RawIrc(
                                server.port(),
                                nick,
                                nick.equals("tallowmoth") || nick.equals("odalys") ? "secret-of-" + nick : "")
                        .join(CHANNEL));
    }

    @Override
    Running app() {
        return app;
    }

    @Override
    String link() {
        return "tower/" + CHANNEL;
    }

    @Override
    void writes(String viewer, String line) {
        viewer(viewer).say(CHANNEL, line);
    }

    @Override
    void moderatorWrites(String line) {
        moderator.say(CHANNEL, line);
    }

    @Override
    void writesPrivately(String viewer, String line) {
        viewer(viewer).say("saltmarsh_bell", line);
    }

    @Override
    String nextAnswer() {
        return moderator
                .await(line -> line.startsWith(":saltmarsh_bell!") && line.contains("PRIVMSG " + CHANNEL))
                .replaceFirst(".*PRIVMSG [^:]*:", "");
    }

    @Test
    void theHelperSignsInAndTellsWhatItMayDo() {
        assertThat(fact("tower", "Signed in")).isEqualTo("saltmarsh_bell, account saltmarsh_bell");
        assertThat(fact("tower", CHANNEL)).startsWith("may read and write");
        await("it was asked how long an answer takes")
                .atMost(PATIENCE)
                .until(() -> view("tower").at("/state/roundTrip").asDouble() > 0);
        assertThat(view("tower").get("users").asInt()).isGreaterThan(5);
    }

    @Test
    void anAccountIsTheSamePersonUnderAnyNicknameAndABareNicknameIsNobodyForSure() {
        writes("tallowmoth", "signed in");
        decided("tallowmoth", "signed in");
        writes("wickerby", "not signed in");
        decided("wickerby", "not signed in");
        List<String> people = app.bean(PersonMapper.class).ofLink("tower").stream()
                .map(each -> each.id())
                .toList();
        assertThat(people).contains("tower:tallowmoth", "tower:~wickerby");
    }

    @Test
    void aLongAnswerIsSplitAtWordsAndNothingOfItIsLost() {
        String words = IntStream.range(0, 70).mapToObj(i -> "öäüß" + i).collect(Collectors.joining(" "));
        answering("long-answer", "!long", words);
        writes("lowtide_lou", "!long");
        List<String> lines = new ArrayList<>();
        int length = 0;
        while (length < words.length()) {
            lines.add(nextAnswer());
            length = String.join(" ", lines).length();
        }
        assertThat(String.join(" ", lines)).isEqualTo(words);
        assertThat(lines)
                .hasSizeGreaterThan(2)
                .allSatisfy(line ->
                        assertThat(line.getBytes(StandardCharsets.UTF_8)).hasSizeLessThanOrEqualTo(400));
        await().atMost(PATIENCE)
                .until(() -> fact("tower", "Answers").matches("(\\d+) said, of which the server had \\1"));
    }

    private static void answering(String id, String word, String words) {
        ObjectNode cue = (ObjectNode) app.cue("what-is-on-the-bench").get("cue").deepCopy();
        cue.put("id", id).put("name", id);
        ((ObjectNode) cue.at("/pulls/0")).putArray("words").add(word);
        cue.putArray("gates");
        cue.putArray("whenHeld");
        ((ObjectNode) cue.at("/takes/0/score/parts/0")).put("words", words);
        Running.Answer saved = app.put("/api/cues/" + id, Map.of("version", 0, "cue", cue));
        assertThat(saved.status()).as(saved.body().toString()).isEqualTo(200);
    }

    @Test
    void theServersLimitsAreKeptAndWhatWaitsIsShown() {
        answering("quick-answer", "!quick", "here you are {viewer}");
        IntStream.range(0, 9).forEach(i -> writes("pip_in_the_reeds", "!quick " + i));
        await().atMost(PATIENCE).until(() -> fact("tower", "Waiting to be said").matches("\\d lines?"));
        for (int i = 0; i < 9; i++) {
            assertThat(nextAnswer()).isEqualTo("here you are pip_in_the_reeds");
        }
        await().atMost(PATIENCE).until(() -> fact("tower", "Waiting to be said").equals("nothing"));
    }

    @Test
    void aCutLinkComesUpAgainByItselfAndSaysMeanwhileWhatIsWrong() {
        wire.cut();
        awaitPhase("tower", "broken");
        JsonNode down = view("tower").get("state");
        assertThat(down.at("/trouble/says").asString()).isNotEmpty();
        assertThat(down.get("nextTry").asLong()).isPositive();
        wire.mend();
        awaitPhase("tower", "up");
        writes("brine_otter", "back again");
        assertThat(decided("brine_otter", "back again")).isNotNull();
        assertThat(app.get("/api/journal")
                        .body()
                        .valueStream()
                        .filter(each -> each.get("event").asString().contains("back again")))
                .hasSize(1);
    }

    @Test
    void aServerThatFallsSilentIsNoticed() {
        wire.swallow();
        awaitPhase("tower", "broken");
        wire.cut();
        wire.mend();
        awaitPhase("tower", "up");
    }

    @Test
    void aServerThatTalksIsNotGivenUpThoughItsAnswerIsLateInAFlood() {
        long since = view("tower").at("/state/since").asLong();
        wire.mute();
        long start = System.nanoTime();
        for (int i = 0; Duration.ofNanos(System.nanoTime() - start).toSeconds() < 17; i++) {
            writes("brine_otter", "line " + i + " of the flood");
            decided("brine_otter", "line " + i + " of the flood");
        }
        assertThat(view("tower").at("/state/phase").asString()).isEqualTo("up");
        assertThat(view("tower").at("/state/since").asLong()).isEqualTo(since);
        awaitPhase("tower", "broken");
        wire.cut();
        wire.mend();
        awaitPhase("tower", "up");
    }

    @Test
    void aWrongPasswordIsToldAndNotTriedAgain() {
        set("cellar", settings(server.port(), "odalys").put("host", "127.0.0.1"), Map.of("helper", "not the password"));
        awaitPhase("cellar", "broken");
        JsonNode state = view("cellar").get("state");
        assertThat(state.at("/trouble/says").asString()).isEqualTo("The server did not let odalys sign in.");
        assertThat(state.get("nextTry").asLong()).isZero();
        app.ask("DELETE", "/api/links/cellar", null);
    }

    @Test
    void anEncryptedServerIsUsedOnlyWhereItsCertificateIsTrusted() {
        ObjectNode settings = settings(server.tlsPort(), "");
        settings.put("tls", true);
        settings.putObject("helper").put("nick", "attic_bell").put("login", "");
        set("attic", settings, Map.of());
        awaitPhase("attic", "broken");
        assertThat(view("attic").at("/state/trouble/says").asString())
                .startsWith("No safe connection to 127.0.0.1:" + server.tlsPort());
        settings.put("certificate", server.certificate());
        set("attic", settings, Map.of());
        awaitPhase("attic", "up");
        assertThat(fact("attic", "Server")).endsWith("by TLS");
        settings.put("certificate", "no certificate");
        set("attic", settings, Map.of());
        awaitPhase("attic", "broken");
        assertThat(view("attic").at("/state/trouble/says").asString()).startsWith("The certificate cannot be read");
        app.ask("DELETE", "/api/links/attic", null);
    }

    @Test
    void answersMayBeTheHostsOwnAndAreNotHeardAsALine() {
        ObjectNode settings = settings(server.port(), "");
        settings.putArray("channels").add("#cellar");
        settings.putObject("helper").put("nick", "cellar_bell").put("login", "");
        settings.put("asOwner", true)
                .putObject("owner")
                .put("nick", "odalys_here")
                .put("login", "odalys");
        set("cellar", settings, Map.of("owner", "secret-of-odalys"));
        awaitPhase("cellar", "up");
        assertThat(fact("cellar", "Signed in")).isEqualTo("odalys_here, account odalys");
        try (RawIrc guest = new RawIrc(server.port(), "juniper_and_ash").join("#cellar")) {
            guest.say("#cellar", "!commands");
            assertThat(guest.await(line -> line.contains("PRIVMSG #cellar"))).startsWith(":odalys_here!");
        }
        assertThat(app.get("/api/journal")
                        .body()
                        .valueStream()
                        .map(each -> each.get("viewer").asString()))
                .doesNotContain("odalys_here", "cellar_bell");
        app.ask("DELETE", "/api/links/cellar", null);
    }

    @Test
    void aChannelIsProvedByACodeThatAnAccountSays() {
        app.post("/api/links/tower/proof", null);
        String code = view("tower").at("/proof/code").asString();
        viewer("wickerby").say(CHANNEL, code);
        await().atMost(PATIENCE)
                .until(() -> view("tower").at("/proof/who").asString().equals("wickerby"));
        assertThat(view("tower").at("/proof/result").asString())
                .as("anyone may take a bare nickname")
                .isEqualTo("waiting");
        viewer("odalys").say(CHANNEL, code);
        await().atMost(PATIENCE)
                .until(() -> view("tower").at("/proof/result").asString().equals("proved"));
        writes("odalys", "!kettle for me");
        assertThat(decided("odalys", "!kettle for me").get("sentence").asString())
                .startsWith("rang Kettle on");
        app.post("/api/hush", null);
    }

    @Test
    void aLinkThatRestsTellsRingsSoAndIsNotForgotten() {
        app.put("/api/links/tower/pause", Map.of("paused", true));
        awaitPhase("tower", "paused");
        assertThat(view("tower").get("refusal").asString()).isEqualTo("Tower is paused");
        assertThat(app.post("/api/links/tower/test", null).body().get("good").asBoolean())
                .isFalse();
        app.put("/api/links/tower/pause", Map.of("paused", false));
        awaitPhase("tower", "up");
    }

    @Test
    void secretsAreKeptLockedAndGivenToNobody() throws IOException {
        assertThat(app.get("/api/links/tower").body().get("secrets").toString()).isEqualTo("{\"helper\":true}");
        assertThat(app.get("/api/links/tower").body().toString()).doesNotContain("secret-of");
        assertThat(Files.readString(app.log())).doesNotContain("secret-of");
        for (Path each : Running.list(app.data())) {
            if (Files.isRegularFile(each)) {
                assertThat(new String(Files.readAllBytes(each), StandardCharsets.ISO_8859_1))
                        .as(each.toString())
                        .doesNotContain("secret-of");
            }
        }
    }

    @Test
    void whatIsWrongWithSettingsIsToldByField() {
        JsonNode wrong = settings(0, "").put("host", "no such host").put("everyMs", -1);
        ((ObjectNode) wrong).putArray("channels").add("bench");
        assertThat(set("other", wrong, Map.of()).body().get("problems"))
                .extracting(each -> each.get("path").asString())
                .containsExactly("settings.host", "settings.port", "settings.channels[0]", "settings.everyMs");
        assertThat(set("practice", settings(6_667, ""), Map.of())
                        .body()
                        .at("/problems/0/path")
                        .asString())
                .isEqualTo("id");
        assertThat(app.get("/api/links/other").status()).isEqualTo(422);
    }
}

package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import io.github.jaredmdobson.concentus.OpusException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.io.TempDir;
import org.waxbell.app.film.Films;
import org.waxbell.app.mixer.MixerDesk;
import org.waxbell.app.store.ClipMapper;
import tools.jackson.databind.JsonNode;

/** Clips over the real links: asked for in chat, made by the practice mixer, fetched, kept, decoded again, cut; marks and chapters. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class ClipsTest {
    private static final Duration PATIENCE = Duration.ofSeconds(60);
    private static final int WIDTH = 768;
    private static final int HEIGHT = 432;

    @TempDir
    static Path data;

    private static Running app;
    private static Listening chat;

    @BeforeAll
    static void start() {
        app = Running.demo(data.resolve("demo"));
        chat = new Listening(app, "/ws/practice/channel");
        await().atMost(PATIENCE).until(() -> app.bean(MixerDesk.class).picture().isPresent());
    }

    @AfterAll
    static void stop() throws IOException {
        chat.close();
        app.close();
    }

    private static String answer(String begins) {
        return chat.next(each -> each.at("/body/helper").asBoolean(false)
                        && each.at("/body/text").asString("").contains(begins))
                .at("/body/text")
                .asString();
    }

    private static JsonNode clip() {
        return app.get("/api/clips").body().at("/clips/0");
    }

    private static byte[] film() throws IOException {
        return Files.readAllBytes(
                app.data().resolve("media").resolve(clip().get("hash").asString()));
    }

    @Test
    @Order(1)
    void whatIsNotOnAirIsNotKept() {
        assertThat(app.say("tallowmoth", "!keep").body().get("sentence").asString())
                .contains("rang Keep that moment (Main)");
        assertThat(answer("nothing was kept")).isEqualTo("Nothing is on air, tallowmoth, so nothing was kept.");
        app.stream(true);
        await().atMost(PATIENCE)
                .until(() -> app.get("/api/clips").body().get("filmed").size() == 1);
    }

    @Test
    @Order(2)
    void aClipShowsWhatStoodThereAndTwoForTheSameSecondsAreOne() throws IOException, OpusException {
        app.say("wickerby", "!pour");
        await().atMost(PATIENCE)
                .until(() -> app.get("/api/live")
                        .body()
                        .get("rings")
                        .valueStream()
                        .anyMatch(ring -> ring.get("cueId").asString().equals("pour-the-taper")
                                && ring.get("state").asString().equals("ended")));
        app.say("marshlight_ines", "!keep");
        app.say("captain_sedge", "!keep");
        String kept = answer("Kept: ");
        assertThat(kept).matches("Kept: marshlight_ines at the bench · http://[^ /]+/clips/[\\w-]{32}");
        assertThat(answer("kept already")).startsWith("marshlight_ines had it kept already: http://");
        assertThat(app.get("/api/clips").body().get("clips").size()).isEqualTo(1);
        assertThat(app.askText(kept.substring(kept.indexOf("/clips/"))))
                .contains("<h1>marshlight_ines at the bench</h1>")
                .contains("<video controls");
        byte[] film = film();
        long length = clip().get("ends").asLong() - clip().get("begins").asLong();
        JsonNode row = app.get("/api/shelf")
                .body()
                .valueStream()
                .filter(each -> each.at("/row/hash")
                        .asString()
                        .equals(clip().get("hash").asString()))
                .findFirst()
                .orElseThrow();
        assertThat(row.at("/row/lengthMs").asLong()).isEqualTo(length);
        assertThat(row.get("tags").toString()).contains("clip");
        List<Long> moments = Films.moments(film);
        assertThat(moments.get(0)).isZero();
        assertThat(length - moments.get(moments.size() - 1)).isBetween(0L, 2_000L);
        // Where the card stands it is much lighter than the bench behind it.
        var corner = app.get("/api/wiring")
                .body()
                .at("/stages/0/stage/spots")
                .valueStream()
                .filter(spot -> spot.get("id").asString().equals("lower-third"))
                .findFirst()
                .orElseThrow()
                .get("frame");
        int x = (corner.get("x").asInt() + corner.get("width").asInt() / 2) * WIDTH / 1_280;
        int y = (corner.get("y").asInt() + 8) * HEIGHT / 720;
        assertThat(new HashSet<>(Films.lightness(film, x, y).values())).hasSizeGreaterThan(2);
        assertThat(Films.loudest(film, 0, length)).isGreaterThan(0.02);
    }

    @Test
    @Order(3)
    void aClipThatIsSharedInChatIsAnEventOfItsOwn() {
        String secret = app.bean(ClipMapper.class).all().get(0).secret();
        app.say("lowtide_lou", "look at http://127.0.0.1:1/clips/" + secret + " everybody");
        app.say("tallowmoth", "or at http://127.0.0.1:1/clips/" + "x".repeat(32));
        await().atMost(PATIENCE)
                .until(() -> app.get("/api/journal")
                        .body()
                        .valueStream()
                        .anyMatch(each -> each.get("event").asString().startsWith("lowtide_lou shares the clip ")));
        assertThat(app.get("/api/journal").body())
                .noneMatch(each -> each.get("event").asString().startsWith("tallowmoth shares"));
    }

    @Test
    @Order(4)
    void aClipIsCutAndGivenAPosterAndLeadsToItsDecision() throws IOException {
        long number = clip().get("number").asLong();
        String path = "/api/clips/" + number;
        long length = clip().get("ends").asLong() - clip().get("begins").asLong();
        assertThat(app.post(path + "/trim", Map.of("fromMs", 0, "toMs", length + 1))
                        .status())
                .isEqualTo(422);
        assertThat(app.post(path + "/trim", Map.of("fromMs", 900, "toMs", 1_000))
                        .body()
                        .toString())
                .contains("Leave at least 0.2 s of it.");
        long begins = clip().get("begins").asLong();
        assertThat(app.post(path + "/trim", Map.of("fromMs", 500, "toMs", 1_500))
                        .status())
                .isEqualTo(200);
        assertThat(clip().get("begins").asLong()).isEqualTo(begins + 500);
        assertThat(clip().get("ends").asLong()).isEqualTo(begins + 1_500);
        assertThat(Films.moments(film()).get(0)).isZero();
        assertThat(app.post(path + "/poster", Map.of("atMs", 9_000)).status()).isEqualTo(422);
        assertThat(app.post(path + "/poster", Map.of("atMs", 700)).status()).isEqualTo(200);
        assertThat(clip().get("poster").asLong()).isEqualTo(700);
        assertThat(app.get(path + "/decision").body().get("event").asString()).contains("!keep");
        assertThat(app.get("/api/clips/old?days=0").body().at("/0/name").asString())
                .startsWith("marshlight_ines at the bench ");
        assertThat(app.get("/api/clips/old?days=1").body()).isEmpty();
        assertThat(app.get("/api/clips/old?days=-1").status()).isEqualTo(422);
        assertThat(app.get("/api/clips/99/decision").status()).isEqualTo(422);
        assertThat(app.askText("/clips/0000000000000000")).contains("There is no clip at this address.");
    }

    @Test
    @Order(5)
    void marksAndClipsAreTheChaptersOfTheStream() throws IOException {
        app.say("captain_sedge", "!mark the tall one --> <b>leans</b>");
        await().atMost(PATIENCE)
                .until(() ->
                        app.get("/api/clips").body().at("/filmed/0/chapters").asInt() == 2);
        app.restart();
        app.stream(false);
        await().atMost(PATIENCE)
                .until(() -> app.get("/api/clips").body().at("/filmed/0/ends").asLong() > 0);
        long number = app.get("/api/clips").body().at("/filmed/0/number").asLong();
        assertThat(app.askText("/api/clips/filmed/" + number + "/chapters.vtt"))
                .startsWith("WEBVTT\n\n00:00:")
                .contains("the tall one --&gt; &lt;b&gt;leans&lt;/b&gt; (captain_sedge)")
                .contains("clip: marshlight_ines at the bench (marshlight_ines)");
        assertThat(app.askText("/api/clips/filmed/" + number + "/chapters.txt"))
                .contains("  the tall one --> <b>leans</b> (captain_sedge)\n");
        assertThat(app.get("/api/clips/filmed/99/chapters.vtt").status()).isEqualTo(422);
    }
}

package org.waxbell.bench;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.StringJoiner;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.openqa.selenium.interactions.Actions;
import org.waxbell.catalogue.Catalogue;
import org.waxbell.catalogue.Found;
import org.waxbell.catalogue.Misspelled;
import org.waxbell.catalogue.PracticeTunes;
import org.waxbell.catalogue.Tune;
import org.waxbell.catalogue.TuneSource;
import org.waxbell.e2e.Browser;
import org.waxbell.e2e.Packaged;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Tunes and task lists: how well requests are understood, how long the silence is between two tunes, and how evenly a long list moves. */
final class ListsBench {
    private static final int REQUESTS = 300;
    private static final int RATE = 22_050;
    /** The shortest that counts as a tune. */
    private static final int SECONDS = 20;

    private final Scale scale;

    ListsBench(Scale scale) {
        this.scale = scale;
    }

    void run() throws Exception {
        matching("practice_catalogue", new Catalogue(List.of(PracticeTunes.ALL)));
        int many = scale.of(2_000, 20_000);
        matching(many + "_titles", many(many));
        pages();
    }

    /** Made-up titles of a few made-up words each, of which no two are the same. */
    private static Catalogue many(int count) {
        Random random = new Random(3);
        List<String> words = new ArrayList<>();
        for (int i = 0; i < 900; i++) {
            StringBuilder word = new StringBuilder();
            for (int k = 0; k < 2 + random.nextInt(2); k++) {
                word.append("bcdfghlmnprstvw".charAt(random.nextInt(15))).append("aeiou".charAt(random.nextInt(5)));
            }
            words.add(random.nextBoolean() ? word + "n" : word.toString());
        }
        Set<String> titles = new HashSet<>();
        List<Tune> tunes = new ArrayList<>();
        while (tunes.size() < count) {
            StringJoiner title = new StringJoiner(" ");
            for (int k = 0; k < 2 + random.nextInt(3); k++) {
                title.add(words.get(random.nextInt(words.size())));
            }
            if (titles.add(title.toString())) {
                String maker = words.get(random.nextInt(900)) + " " + words.get(random.nextInt(900));
                tunes.add(new Tune("many/" + tunes.size(), title.toString(), maker, 90_000, "", "", 0, false));
            }
        }
        return new Catalogue(List.of(new TuneSource() {
            @Override
            public String name() {
                return "many";
            }

            @Override
            public List<Tune> tunes() {
                return tunes;
            }
        }));
    }

    /** Requests with letters wrong, words left out and their order changed. */
    private static void matching(String of, Catalogue catalogue) {
        long begun = System.nanoTime();
        catalogue.find("warm");
        Figures.print("index_of_" + of, (System.nanoTime() - begun) / 1e6, "ms");
        Misspelled people = new Misspelled(7);
        Random random = new Random(1);
        for (int i = 0; i < REQUESTS; i++) {
            catalogue.find(people.request(
                    catalogue.all().get(random.nextInt(catalogue.all().size()))));
        }
        int sure = 0;
        int wrong = 0;
        int asked = 0;
        double[] times = new double[REQUESTS];
        for (int i = 0; i < REQUESTS; i++) {
            Tune tune = catalogue.all().get(random.nextInt(catalogue.all().size()));
            String request = people.request(tune);
            long from = System.nanoTime();
            Found found = catalogue.find(request);
            times[i] = (System.nanoTime() - from) / 1e6;
            boolean first = !found.nearest().isEmpty() && found.nearest().get(0).equals(tune);
            sure += found.sure() && first ? 1 : 0;
            wrong += found.sure() && !first ? 1 : 0;
            asked += !found.sure() && found.nearest().contains(tune) ? 1 : 0;
        }
        Arrays.sort(times);
        Figures.print("sure_and_right_" + of, 100.0 * sure / REQUESTS, "%");
        Figures.print("sure_and_wrong_" + of, 100.0 * wrong / REQUESTS, "% (at most 1)");
        Figures.print("asked_back_with_the_right_one_" + of, 100.0 * asked / REQUESTS, "%");
        Figures.print("request_p50_" + of, times[REQUESTS / 2], "ms");
        Figures.print("request_p99_" + of, times[REQUESTS * 99 / 100], "ms");
    }

    private void pages() throws Exception {
        Path data = Files.createTempDirectory("waxbell-bench");
        try (Packaged app = new Packaged(data);
                Browser browser = new Browser()) {
            gap(app, browser);
            moves(app, browser);
        }
    }

    private static byte[] hum(int hertz) throws IOException {
        ByteBuffer plain = ByteBuffer.allocate(SECONDS * RATE * 2).order(ByteOrder.LITTLE_ENDIAN);
        for (int i = 0; i < SECONDS * RATE; i++) {
            plain.putShort((short) (8_000 * Math.sin(2 * Math.PI * hertz * i / RATE)));
        }
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        AudioFormat format = new AudioFormat(RATE, 16, 1, true, false);
        try (AudioInputStream sound =
                new AudioInputStream(new ByteArrayInputStream(plain.array()), format, (long) SECONDS * RATE)) {
            AudioSystem.write(sound, AudioFileFormat.Type.WAVE, file);
        }
        return file.toByteArray();
    }

    private static void act(Packaged app, String desk, String about, String act, Map<String, String> with) {
        app.post("/api/desks/" + desk + "/" + act, Map.of("about", about, "with", with));
    }

    /** The silence between two tunes: from where the one ends, by its own place, to where the other begins by its own. */
    private static void gap(Packaged app, Browser browser) throws Exception {
        for (String name : List.of("One hum.wav", "Other hum.wav")) {
            HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create(
                                            app.address() + "/api/shelf?sounds=Tunes&name=" + name.replace(" ", "%20")))
                                    .header("Content-Type", "application/octet-stream")
                                    .POST(HttpRequest.BodyPublishers.ofByteArray(hum(name.length() * 40)))
                                    .build(),
                            HttpResponse.BodyHandlers.discarding());
        }
        JsonNode view = app.get("/api/wiring")
                .get("desks")
                .valueStream()
                .filter(each -> each.at("/desk/id").asString().equals("tune"))
                .findFirst()
                .orElseThrow();
        ObjectNode desk = (ObjectNode) view.get("desk").deepCopy();
        app.put("/api/sheets/tune", Map.of("version", view.get("version").asLong(), "desk", desk.put("crossMs", 0)));
        browser.tab("about:blank");
        browser.driver()
                .executeCdpCommand(
                        "Page.addScriptToEvaluateOnNewDocument",
                        Map.of(
                                "source",
                                "window.heard = []; const Real = window.Audio; window.Audio = function (address) {"
                                        + " const made = new Real(address); window.heard.push(made); return made };"));
        browser.driver().get(app.get("/api/stages/break/address").get("address").asString());
        new Actions(browser.driver()).moveToLocation(300, 650).click().perform();
        act(app, "tunes", "tune", "ask", Map.of("words", "One hum"));
        act(app, "tunes", "tune", "ask", Map.of("words", "Other hum"));
        act(app, "tunes", "tune", "start", Map.of());
        Object gap = browser.await(
                "the other plays",
                any -> browser.driver()
                        .executeScript(
                                "const [one, other] = window.heard; if (!one) return null;"
                                        + " const now = performance.now();"
                                        + " if (!one.paused && one.currentTime > 1) window.ends = now + (one.duration - one.currentTime) * 1000;"
                                        + " return other && !other.paused && other.currentTime > 1 ? now - other.currentTime * 1000 - window.ends : null"));
        Figures.print("gap_between_tunes", ((Number) gap).doubleValue(), "ms (under 50; below 0 they overlap)");
        act(app, "tunes", "tune", "stop", Map.of());
    }

    private static final String FRAMES =
            "const done = arguments[0]; let count = 0; let worst = 0; let last = 0; let first = 0;"
                    + " const next = (now) => { if (!first) first = now; else { count++; worst = Math.max(worst, now - last) } last = now;"
                    + " if (now - first < 3000) requestAnimationFrame(next); else done([count * 1000 / (now - first), worst]) };"
                    + " requestAnimationFrame(next)";

    private static void frames(Browser browser, String of) {
        List<?> told = (List<?>) browser.driver().executeAsyncScript(FRAMES);
        Figures.print("frames_" + of, ((Number) told.get(0)).doubleValue(), "a second");
        Figures.print("longest_frame_" + of, ((Number) told.get(1)).doubleValue(), "ms");
    }

    /** How evenly a long list moves by itself, beside a page on which nothing is. */
    private void moves(Packaged app, Browser browser) {
        int tasks = scale.of(200, 2_000);
        StringBuilder list = new StringBuilder();
        for (int i = 0; i < tasks; i++) {
            list.append("pour ").append(i).append(" in sage\n");
        }
        browser.tab("about:blank");
        frames(browser, "of_a_bare_page");
        act(app, "tasks", "task", "bring", Map.of("text", list.toString(), "list", "orders"));
        browser.driver().get(app.get("/api/stages/break/address").get("address").asString());
        browser.await("it moves", any -> (Boolean) browser.driver()
                .executeScript("const roll = document.querySelector('.fixture.tasks .roll');"
                        + "return roll !== null && new DOMMatrix(getComputedStyle(roll).transform).m42 < -4"));
        frames(browser, "of_" + tasks + "_tasks");
    }
}

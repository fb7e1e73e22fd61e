package org.waxbell.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.waxbell.e2e.Browser;
import org.waxbell.e2e.Packaged;
import org.waxbell.voice.Looked;
import org.waxbell.voice.Reading;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The voice that ships: from a line to the moment at which a stage page begins to say it, beside making the same sentence for who
 * asks alone; what a flood of requests does to cards; and which texts count as senseless.
 */
final class VoiceBench {
    private static final String SENTENCE = "The tall taper is poured, and everybody gathers at the warm bench now.";
    /** How long it is said by the plain voice. */
    private static final double SENTENCE_SECONDS = 5.06;

    private static final int AT_ONCE = 8;
    private static final int GENERATED = 1_000;
    private static final String[] ROWS = {"qwertyuiop", "asdfghjkl", "zxcvbnm"};
    private final Scale scale;
    private final int flood;

    VoiceBench(Scale scale) {
        this.scale = scale;
        flood = scale.of(20, 300);
    }

    void run() throws Exception {
        senseless();
        Path data = Files.createTempDirectory("waxbell-bench");
        try (Packaged app = new Packaged(data);
                Browser browser = new Browser();
                LiveEnd live = new LiveEnd(app.address())) {
            wire(app);
            browser.tab(app.get("/api/stages/main/address").get("address").asString());
            browser.await(
                    "the stage has joined",
                    any -> app.get("/api/live").get("pages").size() == 1);
            said(app, live, "plain", "");
            said(app, live, "page:slt", "smooth_");
            flood(app, live);
            new HeardBench(scale).run(app);
        }
    }

    private static void wire(Packaged app) {
        JsonNode house = app.get("/api/wiring").get("house");
        ObjectNode plain = (ObjectNode) house.get("house").deepCopy();
        ((ObjectNode) plain.get("reading")).put("voice", "plain");
        Drafts.saved(
                app.put("/api/house", Map.of("version", house.get("version").asLong(), "house", plain)));
        Drafts.cue(app, "plain", List.of(Drafts.voice("voice", "{line}", "plain")));
        Drafts.cue(app, "smooth", List.of(Drafts.voice("voice", "{line}", "page:slt")));
        Drafts.cue(app, "card", List.of(Drafts.card("card", "corner", 0, 500)));
    }

    private static double alone(Packaged app, String voice) {
        long before = System.nanoTime();
        long length = app.post("/api/voice/hear", Map.of("text", SENTENCE, "voice", voice, "speed", 0, "pitch", 0))
                .get("lengthMs")
                .asLong();
        double took = (System.nanoTime() - before) / 1e6;
        if (length < 1_000) {
            throw new IllegalStateException("nothing was said");
        }
        return took;
    }

    private void said(Packaged app, LiveEnd live, String voice, String prefix) {
        alone(app, voice);
        String word = voice.equals("plain") ? "!plain " : "!smooth ";
        List<Double> first = new ArrayList<>();
        List<Double> alone = new ArrayList<>();
        for (int i = 0; i < scale.of(2, 100, 300); i++) {
            alone.add(alone(app, voice));
            JsonNode decision = app.say("wickerby", word + SENTENCE.substring(word.length()));
            long ring = decision.at("/answers/0/ring").asLong();
            first.add(live.startedAt(ring + ".voice") - decision.get("at").asLong());
            app.post("/api/hush", Map.of());
        }
        Figures.printBoth(prefix + "line_to_speech", first);
        Figures.printBoth(prefix + "made_alone", alone);
        Figures.print(prefix + "speech_to_alone", Figures.percentile(first, 50) / Figures.percentile(alone, 50), "");
        Figures.print(
                prefix + "speech_in_a_second", SENTENCE_SECONDS * 1_000 / Figures.percentile(alone, 50), "s of speech");
    }

    private void flood(Packaged app, LiveEnd live) throws InterruptedException, IOException {
        int cards = scale.of(2, 40);
        List<Double> calm = live.cards(app, cards);
        List<Double> talk = flooded(app, live, cards, "number %d of the evening");
        double before = Figures.memory(app.process());
        List<Double> spoken = flooded(app, live, cards, "!plain number %d of the evening");
        Figures.printBoth("card_when_calm", calm);
        Figures.printBoth("card_in_a_flood_of_talk", talk);
        Figures.printBoth("card_in_a_flood_of_speech", spoken);
        Figures.print("speech_to_talk", Figures.percentile(spoken, 50) / Figures.percentile(talk, 50), "");
        Figures.print("memory_after_flood", Figures.memory(app.process()) - before, "MB");
        long waiting = app.get("/api/live")
                .get("rings")
                .valueStream()
                .filter(ring -> ring.get("state").asString().equals("waiting"))
                .count();
        Figures.print("waiting_after_flood", waiting, "of " + flood);
        app.post("/api/hush", Map.of());
    }

    /** Cards while others write as fast as they are answered. */
    private List<Double> flooded(Packaged app, LiveEnd live, int cards, String line) throws InterruptedException {
        ExecutorService writers = Executors.newFixedThreadPool(AT_ONCE);
        for (int i = 0; i < flood; i++) {
            String text = String.format(line, i);
            writers.execute(() -> app.say("wickerby", text));
        }
        List<Double> all = live.cards(app, cards);
        writers.shutdown();
        if (!writers.awaitTermination(1, TimeUnit.MINUTES)) {
            throw new IllegalStateException("the flood did not end");
        }
        return all;
    }

    /** Mashed keys of three sorts, and lines of ordinary talk and prose. */
    private void senseless() throws IOException {
        Random random = new Random(7);
        Map<String, Integer> caught = new HashMap<>();
        for (int i = 0; i < GENERATED; i++) {
            String row = ROWS[random.nextInt(ROWS.length)];
            caught(caught, "row", mashed(random, row));
            caught(caught, "anywhere", mashed(random, String.join("", ROWS)));
            caught(caught, "syllables", syllables(random));
        }
        caught.forEach((sort, count) ->
                Figures.print("senseless_caught_" + sort, 100.0 * count / GENERATED, "% of " + GENERATED));
        Set<String> ordinary = new HashSet<>();
        try (Stream<String> talk = Files.lines(Path.of("demo/evening.jsonl"));
                Stream<String> prose = Files.lines(Path.of("docs/guide.md"))) {
            talk.filter(line -> line.contains("\"text\":\""))
                    .forEach(line -> ordinary.add(line.replaceAll(".*\"text\":\"([^\"]*)\".*", "$1")));
            prose.forEach(line -> ordinary.addAll(List.of(line.split("[.:;]"))));
        }
        List<String> read = ordinary.stream().filter(line -> line.length() > 8).toList();
        looks(read);
        long wrong = read.stream().filter(VoiceBench::isSenseless).count();
        Figures.print("senseless_wrongly", 100.0 * wrong / read.size(), "% of " + read.size());
    }

    /** How long the engine's thread is kept by looking at one line, beside a thousand unwelcome words. */
    private void looks(List<String> lines) {
        List<String> words = new ArrayList<>();
        for (int i = 0; i < GENERATED; i++) {
            words.add("grockle" + Integer.toString(i, 26).replaceAll("[0-9]", "q"));
        }
        Reading usual = Reading.USUAL;
        Reading many = new Reading(
                usual.voice(),
                usual.speed(),
                usual.pitch(),
                usual.links(),
                usual.linkWords(),
                usual.signs(),
                usual.repeats(),
                usual.senseless(),
                usual.senselessFrom(),
                usual.unwelcome(),
                words,
                usual.tooLong(),
                usual.longest(),
                usual.standIn(),
                usual.spelled());
        int found = 0;
        long before = 0;
        for (int round = 0; round < scale.of(1, 40); round++) {
            before = System.nanoTime();
            for (String line : lines) {
                found += Looked.at(line, many).findings().size();
            }
        }
        double each = (System.nanoTime() - before) / 1e3 / lines.size();
        Figures.print("look_at_a_line", found < 0 ? 0 : each, "µs");
    }

    private static void caught(Map<String, Integer> caught, String sort, String text) {
        caught.merge(sort, isSenseless(text) ? 1 : 0, Integer::sum);
    }

    private static boolean isSenseless(String text) {
        return Looked.at(text, Reading.USUAL).findings().stream()
                .anyMatch(each -> each.rule().equals("senseless"));
    }

    private static String mashed(Random random, String keys) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < 8 + random.nextInt(16); i++) {
            text.append(keys.charAt(random.nextInt(keys.length())));
        }
        return text.toString();
    }

    /** What sounds like words and is none: this should be hard, and is not counted as a goal. */
    private static String syllables(Random random) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < 6; i++) {
            text.append("bdfgklmnprstv".charAt(random.nextInt(13)))
                    .append("aeiou".charAt(random.nextInt(5)))
                    .append(i % 3 == 2 ? " " : "");
        }
        return text.toString();
    }
}

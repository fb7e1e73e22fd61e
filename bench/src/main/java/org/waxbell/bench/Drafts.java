package org.waxbell.bench;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.waxbell.cue.Cue;
import org.waxbell.e2e.Packaged;
import tools.jackson.databind.JsonNode;

/** Cues that measurements wire, as the program takes them today; one that is refused ends the measurement. */
final class Drafts {
    private Drafts() {}

    static Map<String, Object> card(String id, String spot, int at, int length) {
        return Map.ofEntries(
                Map.entry("kind", "card"),
                Map.entry("id", id),
                Map.entry("start", Map.of("kind", "at", "ms", at)),
                Map.entry("lengthMs", length),
                Map.entry("stage", "main"),
                Map.entry("spot", spot),
                Map.entry("look", "beeswax"),
                Map.entry("title", "{viewer}"),
                Map.entry("words", "pours"),
                Map.entry("picture", "taper.svg"),
                Map.entry("portrait", ""),
                Map.entry("entry", "pour"),
                Map.entry("exit", "kindle"),
                Map.entry("entryMs", length / 2 - 50),
                Map.entry("exitMs", length / 2 - 50),
                Map.entry("manner", Map.of("ifFails", "goOn", "atOnce", false, "toEnd", false)));
    }

    /** Something said at once, however many speak, that can be read where cards stand. */
    static Map<String, Object> voice(String id, String words, String voice) {
        return Map.ofEntries(
                Map.entry("kind", "voice"),
                Map.entry("id", id),
                Map.entry("start", Map.of("kind", "at", "ms", 0)),
                Map.entry("words", words),
                Map.entry("voice", voice),
                Map.entry("speed", 0),
                Map.entry("pitch", 0),
                Map.entry("volume", 100),
                Map.entry("stage", "main"),
                Map.entry("outlet", "voice"),
                Map.entry("longestMs", 12_000),
                Map.entry("earFirst", false),
                Map.entry("caption", "words"),
                Map.entry("spot", "read-along"),
                Map.entry("look", "beeswax"),
                Map.entry("manner", Map.of("ifFails", "goOn", "atOnce", false, "toEnd", false)));
    }

    /** The last half minute as a clip. */
    static Map<String, Object> clip(String id) {
        return Map.of(
                "kind",
                "clip",
                "id",
                id,
                "start",
                Map.of("kind", "at", "ms", 0),
                "seconds",
                30,
                "title",
                "Bench",
                "longestMs",
                120_000,
                "manner",
                Map.of("ifFails", "goOn", "atOnce", false, "toEnd", false));
    }

    /** A whole sound of the shelf on the outlet of the bench. */
    static Map<String, Object> sound(String id, String folder, String file) {
        return Map.ofEntries(
                Map.entry("kind", "sound"),
                Map.entry("id", id),
                Map.entry("start", Map.of("kind", "at", "ms", 0)),
                Map.entry("stage", "main"),
                Map.entry("outlet", "bench"),
                Map.entry("folder", folder),
                Map.entry("file", file),
                Map.entry("volume", 100),
                Map.entry("fromMs", 0),
                Map.entry("toMs", 0),
                Map.entry("fadeInMs", 0),
                Map.entry("fadeOutMs", 0),
                Map.entry("manner", Map.of("ifFails", "goOn", "atOnce", false, "toEnd", false)));
    }

    static void cue(Packaged app, String id, List<Object> parts) {
        cue(
                app,
                id,
                parts,
                List.of(Map.of("kind", "chatWord", "words", List.of("!" + id), "general", false, "argument", "")));
    }

    /** One that is pulled by a button, which brings nobody. */
    static void button(Packaged app, String id, List<Object> parts) {
        cue(app, id, parts, List.of(Map.of("kind", "hand", "button", id, "key", "")));
    }

    private static void cue(Packaged app, String id, List<Object> parts, List<Object> pulls) {
        Map<String, Object> cue = new HashMap<>(Map.of(
                "formatVersion",
                Cue.FORMAT,
                "id",
                "bench-" + id,
                "name",
                "Bench " + id,
                "rack",
                "at-the-bench",
                "on",
                true,
                "takeRule",
                "first",
                "pulls",
                pulls,
                "gates",
                List.of(),
                "urgency",
                "usual",
                "longestWaitMs",
                60_000));
        cue.putAll(Map.of(
                "whenHeld",
                List.of(),
                "description",
                "",
                "listed",
                false,
                "allTheSame",
                true,
                "takes",
                List.of(Map.of(
                        "id",
                        "main",
                        "name",
                        "Main",
                        "when",
                        "",
                        "weight",
                        1,
                        "spare",
                        "",
                        "score",
                        Map.of("parts", parts)))));
        saved(app.put("/api/cues/bench-" + id, Map.of("version", 0, "cue", cue)));
    }

    static void saved(JsonNode answer) {
        if (!answer.has("version")) {
            throw new IllegalStateException("not saved: " + answer);
        }
    }
}

package org.waxbell.e2e;

import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A lighting desk by Open Sound Control, as tests have one. */
final class Lights {
    private Lights() {}

    /** Saves a cue that sends a number to it. @param pulls as JSON with single quotes, empty for those of a clip @param level words of the number */
    static void cue(Packaged app, String id, String pulls, String level) {
        ObjectNode cue = (ObjectNode) app.cue("a-clip-lights-the-bench");
        cue.put("id", id).put("name", id);
        if (!pulls.isEmpty()) {
            cue.set("pulls", json("[" + pulls + "]"));
        }
        cue.putArray("gates");
        ((ObjectNode) cue.at("/takes/0/score"))
                .set(
                        "parts",
                        json(
                                "[{'kind':'osc','id':'osc','start':{'kind':'at','ms':0},'link':'lights','address':'/light/3/level',"
                                        + "'timed':false,'arguments':[{'sort':'int','words':'" + level + "'}],"
                                        + "'manner':{'ifFails':'goOn','atOnce':false,'toEnd':false}}]"));
        app.put(
                "/api/cues",
                Map.of("what", "a desk", "save", List.of(Map.of("cue", cue, "version", 0)), "delete", List.of()));
    }

    private static JsonNode json(String text) {
        return JsonMapper.builder().build().readTree(text.replace('\'', '"'));
    }
}

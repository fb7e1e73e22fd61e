package org.waxbell.app.json;

import java.util.List;
import tools.jackson.databind.node.ObjectNode;

/** Facts as programs before wrote them, where one kind held what are several now. */
final class OldFacts {
    /** Kinds that are no more. */
    static final List<String> NAMES = List.of("show", "air", "deskEnded", "wheelFilled");

    private OldFacts() {}

    static ObjectNode bringUp(ObjectNode fact) {
        switch (fact.path("kind").asString("")) {
            case "show" ->
                fact.put("kind", fact.path("open").asBoolean(false) ? "showOpened" : "showClosed")
                        .remove("open");
            case "air" ->
                fact.put("kind", fact.path("onAir").asBoolean(false) ? "airOn" : "airOff")
                        .remove("onAir");
            case "deskEnded" -> fact.put("kind", "wheelStopped").remove("desk");
            case "wheelFilled" -> filled(fact);
            case "webCall" -> {
                if (!fact.has("with")) {
                    fact.putObject("with");
                }
            }
            case "marked" -> {
                if (!fact.has("back")) {
                    fact.put("back", 0);
                }
            }
            case "switched" -> switched(fact);
            default -> {
                // As it is now.
            }
        }
        return fact;
    }

    private static void filled(ObjectNode fact) {
        String wheel = fact.path("wheel").asString("");
        fact.put("kind", "asked")
                .put("desk", "wheel")
                .put("about", fact.path("stage").asString("") + "/" + wheel)
                .put("act", "fill");
        fact.put("says", "everything is in the wheel " + wheel + " again").putObject("with");
        fact.remove("stage");
        fact.remove("wheel");
    }

    /** Whether a person did it stood there instead of who did it. */
    private static void switched(ObjectNode fact) {
        if (fact.has("byHand")) {
            if (!fact.path("byHand").asBoolean(false)) {
                fact.putObject("by").put("origin", "link").put("id", "mixer");
            }
            fact.remove("byHand");
            if (fact.path("target").path("kind").asString("").equals("scene")) {
                fact.put("kind", "scene");
            }
        }
    }
}

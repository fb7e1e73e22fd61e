package org.waxbell.e2e;

import tools.jackson.databind.JsonNode;

/** What the chat words of a desk answer. @param cue how the ids of their cues begin */
record Answers(Packaged app, Browser browser, String cue) {
    /** Says it, again until the word has rested, and waits until it is answered; what was said to them. */
    String to(String name, String line) {
        JsonNode decision = browser.await("the word has rested", any -> {
            JsonNode made = app.say(name, line);
            return made.get("sentence").asString().startsWith("rang") ? made : null;
        });
        long ring = decision.get("answers")
                .valueStream()
                .filter(each -> each.get("cueId").asString().startsWith(cue))
                .mapToLong(each -> each.get("ring").asLong())
                .findFirst()
                .orElseThrow(() -> new AssertionError(decision.toPrettyString()));
        return browser.await(
                name + " is answered",
                any -> app.get("/api/live")
                        .get("rings")
                        .valueStream()
                        .filter(each -> each.get("number").asLong() == ring)
                        .flatMap(each -> each.get("parts").valueStream())
                        .map(each -> each.get("label").asString())
                        .filter(label -> label.startsWith(name + ","))
                        .findFirst()
                        .orElse(null));
    }
}

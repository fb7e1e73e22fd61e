package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What every link to a chat owes: held to it are the practice channel and a chat on a real IRC server. */
abstract class ChatContract {
    static final Duration PATIENCE = Duration.ofSeconds(20);

    /** The program. */
    abstract Running app();

    /** The name of the link, as lines carry it. */
    abstract String link();

    /** Lets somebody who is signed in, and no more than a viewer, write a line where everybody reads it. */
    abstract void writes(String viewer, String line);

    /** Lets a moderator write. */
    abstract void moderatorWrites(String line);

    /** Lets a viewer write to the helper alone. */
    abstract void writesPrivately(String viewer, String line);

    /** The next line of ours that everybody there can read. */
    abstract String nextAnswer();

    /** Waits until the decision about a line has been kept, and gives it. */
    JsonNode decided(String viewer, String line) {
        String event = viewer + ": " + line;
        await("decided: " + event)
                .atMost(PATIENCE)
                .until(() -> app().get("/api/journal")
                        .body()
                        .valueStream()
                        .anyMatch(each -> each.get("event").asString().contains(line)));
        return app().get("/api/journal")
                .body()
                .valueStream()
                .filter(each -> each.get("event").asString().contains(line))
                .reduce((one, other) -> other)
                .orElseThrow();
    }

    /** A sentence that may come in several lines. */
    private String wholeAnswer() {
        StringBuilder all = new StringBuilder(nextAnswer());
        while (all.charAt(all.length() - 1) != '.') {
            all.append(' ').append(nextAnswer());
        }
        return all.toString();
    }

    @Test
    void aLineRingsAndIsAnsweredWhereItWasWritten() {
        writes("tallowmoth", "!commands");
        assertThat(decided("tallowmoth", "!commands").get("sentence").asString())
                .startsWith("rang");
        assertThat(wholeAnswer()).contains("!pour");
    }

    @Test
    void moderatorsAreKnownAndViewersAreNot() {
        writes("tallowmoth", "!kettle now");
        assertThat(decided("tallowmoth", "!kettle now").get("sentence").asString())
                .startsWith("held Kettle on");
        moderatorWrites("!kettle please");
        assertThat(decided("the moderator", "!kettle please").get("sentence").asString())
                .startsWith("rang Kettle on");
        app().post("/api/hush", null);
    }

    @Test
    void aPrivateMessageIsNoLineOfChat() {
        writesPrivately("brine_otter", "just between us");
        assertThat(decided("brine_otter", "just between us").get("event").asString())
                .contains("privately");
    }

    @Test
    void whatIsWrittenStaysText() {
        writes("brine_otter", "<b>bold</b> & \u0003\u200Fplain");
        assertThat(decided("brine_otter", "bold").get("event").asString()).endsWith("<b>bold</b> & plain");
    }

    @Test
    void theLinkTellsWhatItHeardAndCanBeTried() {
        writes("brine_otter", "anybody there");
        decided("brine_otter", "anybody there");
        String id = link().replaceAll("/.*", "");
        JsonNode tried = app().post("/api/links/" + id + "/test", null).body();
        assertThat(tried.get("good").asBoolean()).as(tried.toString()).isTrue();
        assertThat(tried.get("says").asString()).contains(" ms");
    }

    @Test
    void whatIsAnsweredByHandGoesWhereItWasWrittenAndAllElseToTheChatOfTheHouse() {
        ObjectNode house =
                (ObjectNode) app().get("/api/wiring").body().get("house").deepCopy();
        ((ObjectNode) house.get("house")).put("home", link().replaceAll("/.*", ""));
        assertThat(app().put("/api/house", house).status()).isEqualTo(200);
        writes("brine_otter", "which wax is this");
        String chat =
                decided("brine_otter", "which wax is this").at("/written/chat").asString();
        assertThat(chat).isEqualTo(link());
        byHand(chat, "it is sage");
        byHand("", "and heather next");
    }

    private void byHand(String chat, String text) {
        assertThat(app().post("/api/chat", Map.of("chat", chat, "to", "", "text", text))
                        .status())
                .isEqualTo(200);
        String heard = nextAnswer();
        while (!heard.equals(text)) {
            heard = nextAnswer();
        }
    }

    @Test
    void ourOwnAnswersAreNeverAnswered() {
        writes("lowtide_lou", "!commands again");
        wholeAnswer();
        List<String> events = app().get("/api/journal")
                .body()
                .valueStream()
                .map(each -> each.get("viewer").asString())
                .toList();
        assertThat(events).doesNotContain("saltmarsh_bell");
    }
}

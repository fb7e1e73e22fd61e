package org.waxbell.app;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.io.TempDir;

/** The stand-in for a chat owes what a real one does. */
class PracticeChatTest extends ChatContract {
    @TempDir
    static Path data;

    private static Running app;
    private static Listening page;

    @BeforeAll
    static void start() {
        app = Running.demo(data.resolve("data"));
        page = new Listening(app, "/ws/practice/channel");
        page.next("standing");
    }

    @AfterAll
    static void stop() throws IOException {
        page.close();
        app.close();
    }

    @Override
    Running app() {
        return app;
    }

    @Override
    String link() {
        return "practice";
    }

    @Override
    void writes(String viewer, String line) {
        app.say(viewer, line);
    }

    @Override
    void moderatorWrites(String line) {
        app.put(
                "/api/practice/viewers",
                Map.of("name", "marshlight_ines", "standings", new String[] {"moderator"}, "months", 0));
        app.say("marshlight_ines", line);
    }

    @Override
    void writesPrivately(String viewer, String line) {
        app.post("/api/practice/lines", Map.of("name", viewer, "text", line, "privately", true));
    }

    @Override
    String nextAnswer() {
        return page.next(each -> each.at("/body/helper").asBoolean(false))
                .at("/body/text")
                .asString();
    }
}

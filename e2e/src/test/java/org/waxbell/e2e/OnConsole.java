package org.waxbell.e2e;

import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.extension.ExtendWith;

/** What a person does in one tab of the console, which is opened before the first test of a class and closed behind its last. */
@ExtendWith(Together.class)
abstract class OnConsole {
    static Browser browser;
    static Packaged app;
    private static String console;

    @BeforeAll
    static void open() {
        browser = Together.browser();
        app = Together.app();
        console = browser.tab(app.address() + "/cues");
    }

    @AfterAll
    static void close() {
        app.post("/api/hush", Map.of());
        browser.leave(console);
    }

    /** Shows a place of the console, such as {@code /cues}. */
    static void show(String path) {
        browser.to(console);
        browser.driver().get(app.address() + path);
    }
}

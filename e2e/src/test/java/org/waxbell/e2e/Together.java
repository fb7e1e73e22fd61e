package org.waxbell.e2e;

import java.io.IOException;
import java.nio.file.Files;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ExtensionContext.Store.CloseableResource;

/** One application and one browser for all the tests that a person's doings need. */
final class Together implements BeforeAllCallback {
    private static Packaged app;
    private static Browser browser;

    @Override
    public void beforeAll(ExtensionContext context) {
        context.getRoot()
                .getStore(ExtensionContext.Namespace.GLOBAL)
                .getOrComputeIfAbsent(Both.class, key -> new Both(), Both.class);
    }

    static Packaged app() {
        return app;
    }

    static Browser browser() {
        return browser;
    }

    private static final class Both implements CloseableResource {
        Both() {
            try {
                app = new Packaged(Files.createTempDirectory("waxbell-e2e").resolve("data"));
            } catch (IOException broken) {
                throw new IllegalStateException(broken);
            }
            browser = new Browser();
        }

        @Override
        public void close() {
            browser.close();
            app.close();
        }
    }
}

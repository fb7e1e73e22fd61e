package org.waxbell.app.config;

import java.io.IOException;
import java.util.List;
import java.util.Locale;

/** The browser of whoever sits at this computer. */
public final class OwnBrowser {
    private OwnBrowser() {}

    /** Shows a page in it; where that cannot be done, the address that was announced has to do. */
    public static void show(String address) {
        String system = System.getProperty("os.name", "").toLowerCase(Locale.ROOT);
        List<String> command = system.contains("win")
                ? List.of("rundll32", "url.dll,FileProtocolHandler", address)
                : List.of(system.contains("mac") ? "open" : "xdg-open", address);
        try {
            new ProcessBuilder(command)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
        } catch (IOException nobody) {
            System.out.println("Open it in your browser: " + address);
        }
    }
}

package org.waxbell.app.config;

import java.io.IOException;
import java.nio.file.Files;
import java.util.Objects;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Says where the pages are as soon as they can be asked for. */
@Component
class Announcement {
    private static final Logger LOG = LoggerFactory.getLogger(Announcement.class);
    private final Reach reach;
    private final DataFolder folder;
    private final Options options;

    Announcement(Reach reach, DataFolder folder, Options options) {
        this.reach = reach;
        this.folder = folder;
        this.options = options;
    }

    @EventListener
    void ready(ApplicationReadyEvent event) {
        int port = Objects.requireNonNull(((WebServerApplicationContext) event.getApplicationContext()).getWebServer())
                .getPort();
        String here = "http://" + reach.own() + ":" + port;
        System.out.printf(
                "%nWax Bell %s is running. Ctrl+C stops it.%n%n  Console           %s/%n"
                        + "  Practice channel  %s/channel%n  Practice mixer    %s/mixer%n%n",
                Version.current(), here, here, here);
        try {
            Files.writeString(DataFolder.address(folder.root()), here + "/");
        } catch (IOException broken) {
            LOG.warn("Whoever starts Wax Bell once more is not led to its console: {}", broken.getMessage());
        }
        if (options.open()) {
            OwnBrowser.show(here + "/");
        }
    }
}

package org.waxbell.app.config;

import java.util.Objects;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Says where the pages are as soon as they can be asked for. */
@Component
class Announcement {
    private final Reach reach;

    Announcement(Reach reach) {
        this.reach = reach;
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
    }
}

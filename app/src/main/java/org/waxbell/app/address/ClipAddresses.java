package org.waxbell.app.address;

import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;
import org.waxbell.app.config.Reach;

/** Where clips of the practice channel can be looked at. */
@Component
public class ClipAddresses {
    /** The path of a clip without its number. */
    public static final String PATH = "/practice/clips/";

    private final Environment environment;
    private final Reach reach;

    ClipAddresses(Environment environment, Reach reach) {
        this.environment = environment;
        this.reach = reach;
    }

    /** The whole address of the clip that a ring made. */
    public String of(long ring) {
        return "http://" + reach.name() + ":" + environment.getProperty("local.server.port") + PATH + ring;
    }
}

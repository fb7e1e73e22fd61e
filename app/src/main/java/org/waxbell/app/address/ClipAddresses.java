package org.waxbell.app.address;

import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;
import org.waxbell.app.config.Reach;

/** Where viewers can look at clips. */
@Component
public class ClipAddresses {
    /** The path of a clip without its secret. */
    public static final String PATH = "/clips/";

    private final Environment environment;
    private final Reach reach;

    ClipAddresses(Environment environment, Reach reach) {
        this.environment = environment;
        this.reach = reach;
    }

    /** The whole address of a clip. */
    public String of(String secret) {
        return "http://" + reach.name() + ":" + environment.getProperty("local.server.port") + PATH + secret;
    }
}

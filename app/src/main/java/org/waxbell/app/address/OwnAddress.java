package org.waxbell.app.address;

import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;
import org.waxbell.app.config.Reach;

/** The address of this program, by the name under which others reach this computer. */
@Component
public class OwnAddress {
    private final Environment environment;
    private final Reach reach;

    OwnAddress(Environment environment, Reach reach) {
        this.environment = environment;
        this.reach = reach;
    }

    /** That of one of its pages. @param path begins with a stroke */
    public String of(String path) {
        return "http://" + reach.name() + ":" + environment.getProperty("local.server.port") + path;
    }
}

package org.waxbell.app.address;

import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;
import org.waxbell.app.config.Reach;
import org.waxbell.app.security.KeyRing;

/** The secret addresses of stages, as they are given to browser sources. */
@Component
public class StageAddresses {
    private static final String SIGN = "#k=";
    private final StageKeys keys;
    private final Environment environment;
    private final Reach reach;

    StageAddresses(StageKeys keys, Environment environment, Reach reach) {
        this.keys = keys;
        this.environment = environment;
        this.reach = reach;
    }

    /** The whole address, by the name under which other programs reach this computer. */
    public String whole(String stage) {
        return "http://" + reach.name() + ":" + environment.getProperty("local.server.port") + "/stage" + SIGN
                + keys.key(stage);
    }

    /** The whole address of the page that sounds one outlet of a stage alone. */
    public String ofOutlet(String stage, String outlet) {
        return whole(stage).replace("/stage" + SIGN, "/stage?outlet=" + outlet + SIGN);
    }

    /** Whether that address, of whatever computer, shows the stage now. */
    public boolean opens(String address, String stage) {
        int at = address.indexOf(SIGN);
        return at >= 0
                && address.substring(0, at).endsWith("/stage")
                && KeyRing.same(address.substring(at + SIGN.length()), keys.key(stage));
    }
}

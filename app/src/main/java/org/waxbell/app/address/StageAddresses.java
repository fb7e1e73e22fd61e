package org.waxbell.app.address;

import org.springframework.stereotype.Component;
import org.waxbell.app.security.KeyRing;

/** The secret addresses of stages, as they are given to browser sources. */
@Component
public class StageAddresses {
    private static final String SIGN = "#k=";
    private final StageKeys keys;
    private final OwnAddress own;

    StageAddresses(StageKeys keys, OwnAddress own) {
        this.keys = keys;
        this.own = own;
    }

    /** The whole address, by the name under which other programs reach this computer. */
    public String whole(String stage) {
        return whole(stage, "");
    }

    /** The same of the page that sounds one outlet of it alone, or, where {@code outlet} is empty, of the page that shows the stage. */
    public String whole(String stage, String outlet) {
        return own.near(path(outlet) + SIGN + keys.key(stage));
    }

    /** The whole address for a mixer on another computer; the same as the other one where none is encrypted. */
    public String elsewhere(String stage, String outlet) {
        return own.of(path(outlet) + SIGN + keys.key(stage));
    }

    private static String path(String outlet) {
        return outlet.isEmpty() ? "/stage" : "/stage?outlet=" + outlet;
    }

    /** Whether that address, of whatever computer, shows the stage now. */
    public boolean opens(String address, String stage) {
        return opens(address, stage, "");
    }

    /** Whether that address, of whatever computer, sounds that outlet of the stage alone, or, where {@code outlet} is empty, shows the stage. */
    public boolean opens(String address, String stage, String outlet) {
        int at = address.indexOf(SIGN);
        return at >= 0
                && address.substring(0, at).endsWith(path(outlet))
                && KeyRing.same(address.substring(at + SIGN.length()), keys.key(stage));
    }
}

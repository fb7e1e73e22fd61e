package org.waxbell.app.address;

import org.springframework.stereotype.Component;

/** Where viewers can look at clips. */
@Component
public class ClipAddresses {
    /** The path of a clip without its secret. */
    public static final String PATH = "/clips/";

    private final OwnAddress own;

    ClipAddresses(OwnAddress own) {
        this.own = own;
    }

    /** The whole address of a clip. */
    public String of(String secret) {
        return own.of(PATH + secret);
    }
}

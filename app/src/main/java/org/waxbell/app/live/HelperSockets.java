package org.waxbell.app.live;

import org.springframework.stereotype.Component;
import org.waxbell.app.security.Helpers;
import org.waxbell.app.security.SignedIn;

/** Lets nobody listen on whose right to was taken: helpers come again when what they may changed, and are asked anew. */
@Component
class HelperSockets {
    HelperSockets(Helpers helpers, LiveSocket live) {
        helpers.watch(() -> live.drop(who -> who instanceof SignedIn signed && signed.isHelper()));
    }
}

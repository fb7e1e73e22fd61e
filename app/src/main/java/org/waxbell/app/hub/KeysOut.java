package org.waxbell.app.hub;

import java.util.concurrent.CompletableFuture;
import org.waxbell.keys.KeyName;

/** Port: presses keys, on this computer or on what stands in for it. Safe for several threads; keys come in the order of the calls. */
public interface KeysOut {
    /** Why a key may not be pressed, as a sentence without its full stop; empty text where it may. */
    String refusal(KeyName key);

    /** Presses a key or lets it up; it does not block. Done when it is, or fails with a sentence. */
    CompletableFuture<Void> key(KeyName key, boolean down);
}

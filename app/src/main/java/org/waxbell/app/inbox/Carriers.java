package org.waxbell.app.inbox;

import java.util.List;
import org.waxbell.port.Carrier;

/** Who brings several carriers at once. */
@FunctionalInterface
public interface Carriers {
    /** All of them. */
    List<Carrier<?>> carriers();
}

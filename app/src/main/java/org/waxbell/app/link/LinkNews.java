package org.waxbell.app.link;

import java.util.List;

/** Is told how the links stand whenever that moved, a few times a second at most; it must not block. */
@FunctionalInterface
public interface LinkNews {
    /** How all of them stand now. */
    void linksMoved(List<LinkView> links);
}

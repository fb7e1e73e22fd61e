package org.waxbell.app.link;

import java.util.List;

/** Links stand otherwise now; published a few times a second at most. */
public record LinksMoved(List<LinkView> links) {}

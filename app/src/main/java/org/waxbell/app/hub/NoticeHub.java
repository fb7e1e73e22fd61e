package org.waxbell.app.hub;

import java.util.concurrent.CompletableFuture;
import org.waxbell.directive.PostNotice;

/** Port: takes notices for the community. */
public interface NoticeHub {
    /** Puts one up; it does not block. Done when it is up, or fails with a sentence. */
    CompletableFuture<Void> post(PostNotice notice);
}

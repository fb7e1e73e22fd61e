package org.waxbell.app.stage;

import org.jspecify.annotations.Nullable;

/**
 * What a stage page may say; anything else is refused.
 *
 * @param type      {@code hello}, {@code clock}, {@code ready}, {@code started}, {@code ended} or {@code failed}
 * @param key       with hello: the secret of its address
 * @param sent      with clock: the page's own time, which comes back unchanged
 * @param roundTrip with ready: its best measured round trip in milliseconds
 * @param sounds    with ready: whether it may sound
 * @param partRun   with started, ended, failed: which part
 * @param at        with started: when its first frame was due, in the server's time
 * @param why       with failed: why
 */
record StageReport(String type, @Nullable String key, @Nullable Double sent, @Nullable Double roundTrip,
                   @Nullable Boolean sounds, @Nullable String partRun, @Nullable Double at, @Nullable String why) {
}

package org.waxbell.app.stage;

import java.util.Map;

/**
 * What a stage page may say; anything else is refused. What a message does not need is empty, 0 or false.
 *
 * @param type      {@code hello}, {@code clock}, {@code ready}, {@code started}, {@code ended}, {@code failed} or {@code voices}
 * @param key       with hello: the secret of its address
 * @param sent      with clock: the page's own time, which comes back unchanged
 * @param roundTrip with ready: its best measured round trip in milliseconds
 * @param sounds    with ready: whether it may sound
 * @param partRun   with started, ended, failed: which part
 * @param at        with started: when its first frame was due, in the server's time
 * @param why       with failed: why
 * @param voices    with voices: what the page's own browser can speak with, name to tongue
 */
record StageReport(
        String type,
        String key,
        double sent,
        double roundTrip,
        boolean sounds,
        String partRun,
        double at,
        String why,
        Map<String, String> voices) {}

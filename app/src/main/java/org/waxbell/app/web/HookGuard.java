package org.waxbell.app.web;

import io.github.bucket4j.Bucket;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.waxbell.app.clock.SystemClock;

/** Looks at calls of secret addresses before they count: how many come, whether they are signed, and whether they came before. */
@Component
public class HookGuard {
    /** How far a call may be from now, as Standard Webhooks recommend, in seconds. */
    static final long TOLERANCE = 300;

    private static final int MOST_A_SECOND = 20;
    private static final int MOST_AT_ONCE = 60;
    private static final int MOST_HOOKS = 200;
    private static final int MOST_IDS = 10_000;
    private final SystemClock clock;
    private final Map<String, Bucket> buckets = bounded(MOST_HOOKS);
    private final Map<String, Long> seen = bounded(MOST_IDS);

    HookGuard(SystemClock clock) {
        this.clock = clock;
    }

    private static <V> Map<String, V> bounded(int most) {
        return new LinkedHashMap<>() {
            private static final long serialVersionUID = 1L;

            @Override
            protected boolean removeEldestEntry(Map.Entry<String, V> eldest) {
                return size() > most;
            }
        };
    }

    /** Whether one more call of that name may come now. */
    public synchronized boolean hasRoom(String hook) {
        return buckets.computeIfAbsent(
                        hook,
                        name -> Bucket.builder()
                                .addLimit(limit ->
                                        limit.capacity(MOST_AT_ONCE).refillGreedy(MOST_A_SECOND, Duration.ofSeconds(1)))
                                .build())
                .tryConsume(1);
    }

    /** What a signed call says of itself. Each is empty text where it is not said. @param time seconds since 1970 UTC */
    public record Signed(String id, String time, String signatures) {}

    /** Why a call that has to be signed does not count, as a sentence without its full stop; empty text where it does, and then it does not once more. */
    public synchronized String refusal(String hook, String secret, Signed call, String body) {
        if (call.id().isEmpty() || call.signatures().isEmpty() || !call.time().matches("\\d{1,12}")) {
            return "it is not signed; " + Signing.ID + ", " + Signing.TIME + " and " + Signing.SIGNATURE
                    + " have to be sent";
        }
        long seconds = Long.parseLong(call.time());
        if (!Signing.holds(secret, call.id(), seconds, body, call.signatures())) {
            return "its signature does not fit";
        }
        long apart = clock.now() / 1_000 - seconds;
        if (Math.abs(apart) > TOLERANCE) {
            return "it was signed " + Math.abs(apart) / 60 + " min " + (apart > 0 ? "ago" : "ahead of now");
        }
        return seen.putIfAbsent(hook + "/" + call.id(), seconds) == null ? "" : "it came before";
    }
}

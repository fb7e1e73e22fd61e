package org.waxbell.draft;

import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import org.waxbell.cue.Cue;
import org.waxbell.kind.From;
import org.waxbell.wiring.Wiring;

/** What fresh things are made on in tests. */
final class Drafts {
    private Drafts() {}

    static FreshOn on(Wiring wiring, Cue cue, String kind) {
        return new FreshOn(
                wiring,
                cue,
                cue.takes().get(0).score().parts(),
                kind,
                Map.of(From.LINKS, List.of("practice")),
                1_795_000_000_000L,
                ZoneOffset.UTC);
    }
}

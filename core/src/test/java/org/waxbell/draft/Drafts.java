package org.waxbell.draft;

import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
                Optional.empty(),
                kind,
                Map.of(From.LINKS, List.of("practice")),
                1_795_000_000_000L,
                ZoneOffset.UTC);
    }
}

package org.waxbell.cue;

import java.util.Optional;
import java.util.Set;
import org.waxbell.check.Problems;
import org.waxbell.event.CueRang;

/** Sets the cue off by another cue. @param cue id of the other @param ended whether its ring must be over, else it rings with it */
public record CuePull(String cue, boolean ended) implements Pull {
    @Override
    public Set<String> fields() {
        return Set.of();
    }

    @Override
    public boolean mayHaveViewer() {
        return true;
    }

    @Override
    public void enter(PullIndex index) {
        index.byKind("cue", event -> event instanceof CueRang rang && rang.cue().equals(cue) && rang.ended() == ended);
    }

    @Override
    public Optional<String> waitsFor() {
        return Optional.of(cue);
    }

    @Override
    public void check(Problems problems) {
        problems.at("cue").text(cue, 60, "The cue");
    }
}

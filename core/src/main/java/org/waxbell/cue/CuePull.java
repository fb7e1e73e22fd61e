package org.waxbell.cue;

import java.util.Optional;
import java.util.Set;
import org.waxbell.check.Problems;
import org.waxbell.event.CueRang;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;

/** Sets the cue off by another cue. @param cue id of the other @param ended whether its ring must be over, else it rings with it */
public record CuePull(String cue, boolean ended) implements Pull {
    /** What it says of itself. */
    public static final Kind<Pull> KIND = Kind.<Pull>of(CuePull.class, "cue", "another cue rings", "Another cue")
            .also("chain sequence")
            .with(Field.choice("cue", "Cue", From.CUES), Field.flag("ended", "when it is over (else when it begins)"))
            .making(on -> new CuePull("", false));

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Said said(Naming names) {
        return Said.of((cue.isEmpty() ? "another cue" : "the cue " + names.cue(cue)) + (ended ? " is over" : " rings"));
    }

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

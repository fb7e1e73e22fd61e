package org.waxbell.checkup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.waxbell.checkup.Remark.Severity;
import org.waxbell.cue.Cue;
import org.waxbell.score.Part;
import org.waxbell.wiring.Wiring;

/** A rule that looks at one cue after the other; a cue that is off is left alone. */
abstract class CueRule implements Rule {
    private final String name;
    private final Severity severity;

    CueRule(String name, Severity severity) {
        this.name = name;
        this.severity = severity;
    }

    @Override
    public String name() {
        return name;
    }

    /** Adds what is wrong with {@code cue}. */
    abstract void look(Wiring wiring, Cue cue, Found found);

    @Override
    public List<Remark> look(Wiring wiring) {
        return wiring.cues().stream()
                .flatMap(cue -> about(wiring, cue).stream())
                .toList();
    }

    @Override
    public List<Remark> about(Wiring wiring, Cue cue) {
        List<Remark> remarks = new ArrayList<>();
        if (cue.on()) {
            look(
                    wiring,
                    cue,
                    (path, message, remedy, mended) ->
                            remarks.add(new Remark(severity, name, cue.id(), path, message, remedy, mended)));
        }
        return remarks;
    }

    /** Where remarks go. */
    interface Found {
        void add(String path, String message, String remedy, Optional<Cue> mended);

        default void add(String path, String message, String remedy) {
            add(path, message, remedy, Optional.empty());
        }
    }

    /** A part and its place in the document. */
    record Placed(Part part, String path) {}

    static List<Placed> parts(Cue cue) {
        List<Placed> all = new ArrayList<>();
        for (int i = 0; i < cue.takes().size(); i++) {
            List<Part> parts = cue.takes().get(i).score().parts();
            for (int j = 0; j < parts.size(); j++) {
                all.add(new Placed(parts.get(j), "takes[" + i + "].score.parts[" + j + "]"));
            }
        }
        return all;
    }
}

package org.waxbell.gate;

import java.util.Map;
import org.waxbell.check.Problems;
import org.waxbell.condition.Scope;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;

/**
 * Holds once the cue was let through so often in this show.
 *
 * @param perShow   rings for all, 0 for no limit
 * @param perViewer rings for the same viewer, 0 for no limit
 */
public record LimitGate(int perShow, int perViewer) implements Gate {
    private static final int MOST = 1_000_000;
    /** What it says of itself. */
    public static final Kind<Gate> KIND = Kind.<Gate>of(LimitGate.class, "limit", "not too often in a show", "Limit")
            .also("limit count")
            .saying("rang often enough")
            .with(
                    Field.number("perShow", "Times a show", 0, MOST)
                            .called("The limit")
                            .hint("0 for no limit."),
                    Field.number("perViewer", "Times for each viewer", 0, MOST).called("The limit per viewer"))
            .making(on -> new LimitGate(0, 1));

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Said said(Naming names) {
        String all = perShow > 0 ? Said.times(perShow) + " a show" : "";
        String own = perViewer > 0 ? Said.times(perViewer) + " for each viewer" : "";
        String often = Said.both(all, own);
        return Said.of(often.isEmpty() ? "as often in a show as it comes" : "no more than " + often);
    }

    @Override
    public int order() {
        return 22;
    }

    @Override
    public Check ready(Scope scope) {
        return this::ask;
    }

    private GateAnswer ask(GateQuery query) {
        long all = query.lets().count(query.cueId());
        if (perShow > 0 && all >= perShow) {
            return GateAnswer.held(
                    "limit", "rang " + all + " of " + perShow + " times tonight", Map.of("rang", all, "limit", (long)
                            perShow));
        }
        long own = perViewer > 0 ? query.lets().count(query.cueId(), query.person()) : 0;
        return perViewer == 0 || own < perViewer
                ? GateAnswer.pass("limit", "within its limit")
                : GateAnswer.held(
                        "limit",
                        "rang " + own + " of " + perViewer + " times tonight for this viewer",
                        Map.of("rang", own, "limit", (long) perViewer));
    }

    @Override
    public boolean remembersWho() {
        return perViewer > 0;
    }

    @Override
    public boolean counts() {
        return true;
    }

    @Override
    public void check(Problems problems, Scope scope) {
        KIND.check(this, problems);
        if (perShow == 0 && perViewer == 0) {
            problems.at("perShow")
                    .add(0, "This gate limits nothing.", "Give a limit for all or per viewer, or take it away.");
        }
    }
}

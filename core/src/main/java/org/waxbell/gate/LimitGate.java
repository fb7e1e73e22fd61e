package org.waxbell.gate;

import java.util.Map;
import org.waxbell.check.Problems;
import org.waxbell.condition.Scope;

/**
 * Holds once the cue was let through so often in this show.
 *
 * @param perShow   rings for all, 0 for no limit
 * @param perViewer rings for the same viewer, 0 for no limit
 */
public record LimitGate(int perShow, int perViewer) implements Gate {
    private static final int MOST = 1_000_000;

    @Override
    public String kind() {
        return "limit";
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
        problems.at("perShow").within(perShow, 0, MOST, "The limit", "");
        problems.at("perViewer").within(perViewer, 0, MOST, "The limit per viewer", "");
        if (perShow == 0 && perViewer == 0) {
            problems.at("perShow")
                    .add(0, "This gate limits nothing.", "Give a limit for all or per viewer, or take it away.");
        }
    }
}

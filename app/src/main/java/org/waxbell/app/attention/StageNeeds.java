package org.waxbell.app.attention;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.waxbell.app.stage.StageFeed;
import org.waxbell.app.store.StateStore;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.evening.Evening;
import org.waxbell.evening.Soon;
import org.waxbell.stage.Stage;

/** Stages that no page shows while a show is on air: whatever rings there is not seen. */
@Component
class StageNeeds implements NeedSource {
    private final StageFeed stages;
    private final WiringStore wiring;
    private final StateStore state;

    StageNeeds(StageFeed stages, WiringStore wiring, StateStore state) {
        this.stages = stages;
        this.wiring = wiring;
        this.state = state;
    }

    @Override
    public List<Need> needs() {
        Evening evening = state.evening();
        if (!evening.open() || !evening.onAir()) {
            return List.of();
        }
        Set<String> shown = stages.pages().stream().map(page -> page.stage()).collect(Collectors.toSet());
        List<Need> all = new ArrayList<>();
        for (Stage stage : wiring.current().wiring().stages()) {
            if (!shown.contains(stage.id())) {
                all.add(new Need(
                        "stage/" + stage.id(),
                        Soon.NOW,
                        stage.name(),
                        "is shown by no page: what rings there is not seen.",
                        evening.openedAt(),
                        "/stages/" + stage.id(),
                        List.of()));
            }
        }
        return all;
    }
}

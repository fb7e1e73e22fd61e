package org.waxbell.app.health;

import java.util.ArrayList;
import java.util.List;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.waxbell.app.link.LinkView;
import org.waxbell.app.link.Links;
import org.waxbell.app.stage.StageFeed;
import org.waxbell.link.Phase;

/** Links, and pages that listen. */
@Component
@Order(4)
class LinkVitals implements VitalSource {
    private static final String PART = "Links and pages";
    private static final String STAGE = "stage";
    private final Links links;
    private final StageFeed stages;

    LinkVitals(Links links, StageFeed stages) {
        this.links = links;
        this.stages = stages;
    }

    @Override
    public List<Vital> vitals() {
        List<Vital> all = new ArrayList<>();
        links.all().stream()
                .filter(each -> !each.kind().equals(STAGE))
                .map(LinkVitals::of)
                .forEach(all::add);
        int pages = stages.pages().size();
        all.add(Vital.below(PART, "Pages that show a stage", Integer.toString(pages), pages, 40, 200));
        return all;
    }

    private static Vital of(LinkView link) {
        boolean broken = link.state().phase() == Phase.BROKEN;
        double there = link.state().roundTrip();
        return new Vital(
                PART,
                link.name(),
                link.doing() + (there < 0 ? "" : ", there and back in %.1f ms".formatted(there)),
                broken && link.users() > 0 ? Vital.Mood.BAD : broken ? Vital.Mood.DOUBTFUL : Vital.Mood.FINE);
    }
}

package org.waxbell.app.attention;

import java.util.List;
import org.springframework.stereotype.Component;
import org.waxbell.app.link.LinkView;
import org.waxbell.app.link.Links;
import org.waxbell.evening.Soon;
import org.waxbell.link.Phase;
import org.waxbell.link.Trouble;

/** Links that are broken while anything uses them; stages have a source of their own. */
@Component
class LinkNeeds implements NeedSource {
    private static final String STAGE = "stage";
    private final Links links;

    LinkNeeds(Links links) {
        this.links = links;
    }

    @Override
    public List<Need> needs() {
        return links.all().stream()
                .filter(each -> each.state().phase() == Phase.BROKEN
                        && each.users() > 0
                        && !each.kind().equals(STAGE))
                .map(LinkNeeds::need)
                .toList();
    }

    private static Need need(LinkView link) {
        Trouble trouble = link.state().trouble();
        return new Need(
                "link/" + link.id(),
                Soon.NOW,
                link.name(),
                "is not linked" + (trouble == null ? "." : ": " + trouble.says() + " " + trouble.remedy()),
                link.state().since(),
                "/links",
                List.of());
    }
}

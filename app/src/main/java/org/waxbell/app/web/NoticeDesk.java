package org.waxbell.app.web;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.waxbell.app.inbox.Carriers;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.link.Causes;
import org.waxbell.directive.PostNotice;
import org.waxbell.engine.Completion;
import org.waxbell.port.Carrier;

/** Puts notices up on the noticeboard that is linked. */
@Component
final class NoticeDesk implements Carriers {
    private final Inbox loop;
    private volatile @Nullable NoticeLink link;

    NoticeDesk(Inbox loop) {
        this.loop = loop;
    }

    NoticeLink become(NoticeLink next) {
        link = next;
        return next;
    }

    @Override
    public List<Carrier<?>> carriers() {
        return List.of(Carrier.of(PostNotice.class, this::post));
    }

    private void post(PostNotice notice) {
        NoticeLink now = link;
        if (now == null || !now.works()) {
            loop.completed(
                    notice.partRun(), Completion.failed(now == null ? "no noticeboard is set up" : now.refusal()));
            return;
        }
        now.post(notice)
                .whenComplete((done, failed) -> loop.completed(
                        notice.partRun(),
                        failed == null ? Completion.ended() : Completion.failed(Causes.words(failed))));
    }
}

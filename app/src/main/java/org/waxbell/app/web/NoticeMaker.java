package org.waxbell.app.web;

import org.springframework.stereotype.Component;
import org.waxbell.app.hub.NoticeHub;
import org.waxbell.app.link.Link;
import org.waxbell.app.link.LinkLife;
import org.waxbell.app.link.LinkMaker;
import org.waxbell.app.media.MediaFiles;
import org.waxbell.kind.Kind;
import org.waxbell.link.NoticeSettings;
import org.waxbell.link.WebSettings;

/** Makes the link to the noticeboard; by itself to the practice one. */
@Component
final class NoticeMaker implements LinkMaker<NoticeSettings> {
    private final NoticeHub practice;
    private final NoticeDesk desk;
    private final WebDesk web;
    private final MediaFiles files;

    NoticeMaker(NoticeHub practice, NoticeDesk desk, WebDesk web, MediaFiles files) {
        this.files = files;
        this.practice = practice;
        this.desk = desk;
        this.web = web;
    }

    @Override
    public Kind<NoticeSettings> kind() {
        return NoticeSettings.KIND;
    }

    @Override
    public boolean several() {
        return false;
    }

    @Override
    public Link make(String id, NoticeSettings settings, Link.Secrets secrets, LinkLife life) {
        return desk.become(
                settings.practice()
                        ? new PracticeNotices(practice, life)
                        : new WebNotices(
                                web.make(
                                        id,
                                        settings.address(),
                                        secrets.get(WebSettings.SIGNING),
                                        settings.allowed(),
                                        life),
                                files));
    }
}

package org.waxbell.app.web;

import org.springframework.stereotype.Component;
import org.waxbell.app.link.Link;
import org.waxbell.app.link.LinkLife;
import org.waxbell.app.link.LinkMaker;
import org.waxbell.kind.Kind;
import org.waxbell.link.WebSettings;

/** Makes links to addresses on the web. */
@Component
final class WebMaker implements LinkMaker<WebSettings> {
    private final WebDesk desk;

    WebMaker(WebDesk desk) {
        this.desk = desk;
    }

    @Override
    public Kind<WebSettings> kind() {
        return WebSettings.KIND;
    }

    @Override
    public boolean several() {
        return true;
    }

    @Override
    public Link make(String id, WebSettings settings, Link.Secrets secrets, LinkLife life) {
        return desk.make(id, settings.address(), secrets.get(WebSettings.SIGNING), settings.allowed(), life);
    }
}

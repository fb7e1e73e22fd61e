package org.waxbell.app.mixer;

import java.net.URI;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;
import org.waxbell.app.config.Reach;
import org.waxbell.app.link.Link;
import org.waxbell.app.link.LinkLife;
import org.waxbell.app.link.LinkMaker;
import org.waxbell.app.rpc.PracticeDoor;
import org.waxbell.app.security.KeyRing;
import org.waxbell.kind.Kind;
import org.waxbell.link.MixerSettings;

/** Makes the link to the mixer; by itself to the practice mixer. */
@Component
final class MixerMaker implements LinkMaker<MixerSettings> {
    private final Environment environment;
    private final KeyRing ring;
    private final Reach reach;
    private final MixerDesk desk;

    MixerMaker(Environment environment, KeyRing ring, Reach reach, MixerDesk desk) {
        this.reach = reach;
        this.environment = environment;
        this.ring = ring;
        this.desk = desk;
    }

    @Override
    public Kind<MixerSettings> kind() {
        return MixerSettings.KIND;
    }

    @Override
    public boolean several() {
        return false;
    }

    @Override
    public Link make(String id, MixerSettings settings, Link.Secrets secrets, LinkLife life) {
        MixerLink link = settings.practice()
                ? new MixerLink(
                        settings,
                        URI.create("ws://" + reach.own() + ":" + environment.getProperty("local.server.port")
                                + PracticeDoor.PATH),
                        ring.key(PracticeDoor.PASSWORD),
                        life,
                        desk)
                : new MixerLink(
                        settings, URI.create(settings.address()), secrets.get(MixerSettings.PASSWORD), life, desk);
        desk.become(link);
        return link;
    }
}

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
import org.waxbell.check.Problems;

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
    public String kind() {
        return "mixer";
    }

    @Override
    public Class<MixerSettings> settings() {
        return MixerSettings.class;
    }

    @Override
    public MixerSettings fresh() {
        return new MixerSettings(MixerSettings.PRACTICE);
    }

    @Override
    public boolean several() {
        return false;
    }

    @Override
    public void check(MixerSettings settings, Problems problems) {
        if (!settings.address().isEmpty() && !settings.practice() && !address(settings.address())) {
            problems.at("address")
                    .add(
                            settings.address(),
                            "This is no address of a mixer.",
                            "Write one such as ws://192.168.1.20:4466/link, or practice for the practice mixer.");
        }
    }

    private static boolean address(String typed) {
        try {
            URI uri = URI.create(typed);
            return uri.getHost() != null
                    && ("ws".equals(uri.getScheme()) || "wss".equals(uri.getScheme()))
                    && uri.getUserInfo() == null;
        } catch (IllegalArgumentException wrong) {
            return false;
        }
    }

    @Override
    public boolean complete(MixerSettings settings) {
        return !settings.address().isEmpty();
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
                : new MixerLink(settings, URI.create(settings.address()), secrets.get("password"), life, desk);
        desk.become(link);
        return link;
    }
}

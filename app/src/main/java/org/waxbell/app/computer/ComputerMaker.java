package org.waxbell.app.computer;

import java.util.Map;
import org.springframework.stereotype.Component;
import org.waxbell.app.hub.ComputerHub;
import org.waxbell.app.link.Link;
import org.waxbell.app.link.LinkLife;
import org.waxbell.app.link.LinkMaker;
import org.waxbell.kind.Kind;
import org.waxbell.link.ComputerSettings;

/** Makes the link to this computer; by itself to the practice rig. */
@Component
final class ComputerMaker implements LinkMaker<ComputerSettings> {
    private final ComputerHub practice;
    private final ComputerDesk desk;
    private final AllowedFile allowed;

    ComputerMaker(ComputerHub practice, ComputerDesk desk, AllowedFile allowed) {
        this.practice = practice;
        this.desk = desk;
        this.allowed = allowed;
    }

    @Override
    public Kind<ComputerSettings> kind() {
        return ComputerSettings.KIND;
    }

    @Override
    public boolean several() {
        return false;
    }

    @Override
    public Link make(String id, ComputerSettings settings, Link.Secrets secrets, LinkLife life) {
        return desk.become(new ComputerLink(
                settings.practice() ? practice : new OwnComputer(allowed, life.timer(), Map.of()), life));
    }
}

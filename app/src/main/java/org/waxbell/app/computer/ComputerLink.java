package org.waxbell.app.computer;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.waxbell.app.hub.ComputerHub;
import org.waxbell.app.link.Link;
import org.waxbell.app.link.LinkLife;
import org.waxbell.app.link.LinkView.LinkFact;
import org.waxbell.directive.UseComputer;
import org.waxbell.keys.KeyName;
import org.waxbell.link.Trouble;

/** The link to this computer, or to what stands in for it. */
final class ComputerLink implements Link, ComputerHub.Ear {
    private final ComputerHub hub;
    private final LinkLife life;

    ComputerLink(ComputerHub hub, LinkLife life) {
        this.hub = hub;
        this.life = life;
    }

    @Override
    public void open() {
        life.connectsBy(() -> hub.connect(this));
        life.connect();
    }

    @Override
    public void close() {
        hub.disconnect();
    }

    @Override
    public void up() {
        life.up();
    }

    @Override
    public void broken(Trouble why) {
        life.broken(why);
    }

    ComputerHub hub() {
        return hub;
    }

    boolean works() {
        return life.isUp();
    }

    String refusal() {
        return life.refusal();
    }

    CompletableFuture<Void> key(KeyName key, boolean down) {
        return hub.key(key, down).thenRun(() -> life.heard(key + (down ? " is down" : " is up")));
    }

    CompletableFuture<Void> act(UseComputer use) {
        return hub.act(use.verb(), use.words(), use.limitMs()).thenRun(() -> life.heard(done(use)));
    }

    @Override
    public CompletableFuture<String> test() {
        return life.isUp()
                ? CompletableFuture.completedFuture("It is there, and nothing was pressed.")
                : CompletableFuture.failedFuture(new IllegalStateException(life.refusal()));
    }

    @Override
    public List<LinkFact> facts() {
        return hub.facts();
    }

    /** What was done, for the link's card. */
    private static String done(UseComputer use) {
        return switch (use.verb()) {
            case TYPE -> "a text was typed";
            case MOVE -> "the mouse was moved";
            case CLICK -> "the mouse was clicked";
            case START -> use.words().get(0) + " was started";
            case END -> use.words().get(0) + " was ended";
        };
    }
}

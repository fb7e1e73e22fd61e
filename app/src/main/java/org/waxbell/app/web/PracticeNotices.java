package org.waxbell.app.web;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.waxbell.app.hub.NoticeHub;
import org.waxbell.app.link.LinkLife;
import org.waxbell.app.link.LinkView.LinkFact;
import org.waxbell.directive.PostNotice;

/** The link to the practice noticeboard: always up, for it is part of this program. */
final class PracticeNotices implements NoticeLink {
    private final NoticeHub board;
    private final LinkLife life;

    PracticeNotices(NoticeHub board, LinkLife life) {
        this.board = board;
        this.life = life;
    }

    @Override
    public void open() {
        life.connectsBy(life::up);
        life.connect();
    }

    @Override
    public void close() {
        // Nothing is held.
    }

    @Override
    public boolean works() {
        return life.isUp();
    }

    @Override
    public String refusal() {
        return life.refusal();
    }

    @Override
    public CompletableFuture<Void> post(PostNotice notice) {
        return board.post(notice).thenRun(() -> life.heard("a notice was put up"));
    }

    @Override
    public CompletableFuture<String> test() {
        return CompletableFuture.completedFuture("The practice noticeboard is there.");
    }

    @Override
    public List<LinkFact> facts() {
        return List.of(
                LinkFact.of("Address", "the practice noticeboard"),
                LinkFact.of("Reaches", "nobody outside this machine"));
    }
}

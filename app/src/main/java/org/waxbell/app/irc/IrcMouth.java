package org.waxbell.app.irc;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.waxbell.app.link.LinkLife;
import org.waxbell.app.link.LinkView.LinkFact;
import org.waxbell.link.IrcSettings;
import org.waxbell.link.SendQueue;

/**
 * What is said on one link: it waits for the server's limits and for the connection, and is given up when that takes too long. IRC
 * promises no delivery, so what was written and not echoed when the connection broke is counted as unknown, and never said twice.
 */
final class IrcMouth {
    private static final long LONGEST_WAIT = 15_000;
    /** A line with its sign and end, and the longest name of a user and host that servers put before it (RFC 2812, section 2.3). */
    private static final int MOST_BYTES = 512;

    private static final int SENDER_BYTES = 1 + 30 + 1 + 11 + 1 + 64 + 1;
    private final SendQueue<Saying> queue;
    private final LinkLife life;
    private final IrcLink.Hearing hearing;
    private @Nullable IrcConnection speaker;
    private @Nullable Future<?> next;
    private long written;
    private long had;
    private long unknown;
    private boolean closed;

    private record Saying(String partRun, String target, String text) {}

    IrcMouth(IrcSettings settings, LinkLife life, IrcLink.Hearing hearing) {
        this.queue = new SendQueue<>(settings.burst(), settings.everyMs(), LONGEST_WAIT);
        this.life = life;
        this.hearing = hearing;
    }

    /** How many bytes of text one line to {@code target} holds. */
    int room(String target) {
        return MOST_BYTES - 2 - SENDER_BYTES - "PRIVMSG  :".length() - target.length() * 3;
    }

    synchronized void opened(@Nullable IrcConnection now) {
        speaker = now;
        drain();
    }

    /** The connection is gone: what was written and not echoed may or may not have arrived. */
    synchronized void cut() {
        if (speaker != null && speaker.echoes()) {
            unknown += written - had;
            had = written;
        }
        speaker = null;
        plan();
    }

    synchronized void close() {
        closed = true;
        if (next != null) {
            next.cancel(false);
        }
    }

    synchronized void echoed() {
        had = Math.min(written, had + 1);
    }

    synchronized void say(String partRun, String target, List<String> lines) {
        lines.forEach(line -> queue.add(life.now(), new Saying(partRun, target, line)));
        drain();
    }

    private synchronized void drain() {
        queue.expired(life.now()).stream()
                .map(Saying::partRun)
                .distinct()
                .forEach(partRun -> hearing.unsaid(
                        partRun,
                        speaker == null
                                ? life.state().refusal(life.name())
                                : "it waited too long for the server's limits"));
        IrcConnection now = speaker;
        while (now != null) {
            Optional<Saying> each = queue.take(life.now());
            if (each.isEmpty()) {
                break;
            }
            now.say(each.get().target(), each.get().text());
            written++;
        }
        plan();
    }

    private void plan() {
        if (next != null) {
            next.cancel(false);
            next = null;
        }
        if (!closed && queue.size() > 0) {
            long pause = speaker == null ? 1_000 : Math.max(1, queue.pause(life.now()));
            next = life.timer().schedule(this::drain, pause, TimeUnit.MILLISECONDS);
        }
    }

    synchronized List<LinkFact> facts() {
        List<LinkFact> facts = new ArrayList<>();
        int waiting = queue.size();
        facts.add(new LinkFact(
                "Waiting to be said",
                waiting == 0 ? "nothing" : waiting == 1 ? "1 line" : waiting + " lines",
                waiting < 10));
        boolean known = speaker != null && speaker.echoes();
        String said = written + " said"
                + (written == 0
                        ? ""
                        : known ? ", of which the server had " + had : "; whether they arrived is not known");
        facts.add(new LinkFact(
                "Answers", said + (unknown == 0 ? "" : "; " + unknown + " may be lost in a break"), unknown == 0));
        return facts;
    }
}

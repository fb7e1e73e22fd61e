package org.waxbell.app.irc;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.waxbell.app.link.Link;
import org.waxbell.app.link.LinkLife;
import org.waxbell.app.link.LinkView.LinkFact;
import org.waxbell.directive.SayInChat;
import org.waxbell.event.ChatLine;
import org.waxbell.event.ChatText;
import org.waxbell.event.PrivateLine;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.event.Written;
import org.waxbell.link.IrcSettings;
import org.waxbell.link.LineSplit;
import org.waxbell.link.Phase;
import org.waxbell.link.Trouble;

/** A chat by IRC: the helper's connection, and the host's where answers are the host's own. Its own lines are never heard as a viewer's. */
final class IrcLink implements Link, IrcConnection.Ears {
    private static final long BEAT_MS = 5_000;
    /** How long the server may take to answer a ping, and a connection to stand. */
    private static final long PATIENCE_MS = 10_000;

    private final String id;
    private final IrcSettings settings;
    private final Secrets secrets;
    private final LinkLife life;
    private final Hearing hearing;
    private final IrcMouth mouth;
    private final Map<String, CompletableFuture<Void>> pings = new LinkedHashMap<>();
    private final Map<IrcConnection, Boolean> connections = new LinkedHashMap<>();
    private @Nullable Future<?> beat;
    private long turn;
    private boolean closed;

    IrcLink(String id, IrcSettings settings, Secrets secrets, LinkLife life, Hearing hearing) {
        this.id = id;
        this.settings = settings;
        this.secrets = secrets;
        this.life = life;
        this.hearing = hearing;
        this.mouth = new IrcMouth(settings, life, hearing);
    }

    /** Is told what was written and what could not be said. */
    interface Hearing {
        void wrote(Written line);

        void unsaid(String partRun, String why);

        /** The link is closed; no answer can be said by it any more. */
        void closed(String id, IrcLink link);

        /** Whether that person proved to be the host. */
        boolean isProved(String person);
    }

    @Override
    public void open() {
        life.connectsBy(this::connect);
        life.connect();
    }

    private void connect() {
        List<IrcConnection> made = new ArrayList<>();
        synchronized (this) {
            if (closed) {
                return;
            }
            dropAll("connecting anew");
            turn++;
            try {
                made.add(new IrcConnection(
                        settings,
                        settings.helper(),
                        secrets.get(IrcSettings.HELPER),
                        secrets.get(IrcSettings.SERVER),
                        this));
                if (settings.asOwner()) {
                    made.add(new IrcConnection(
                            settings,
                            settings.owner(),
                            secrets.get(IrcSettings.OWNER),
                            secrets.get(IrcSettings.SERVER),
                            this));
                }
            } catch (IllegalArgumentException unusable) {
                life.broken(
                        Trouble.lasting(String.valueOf(unusable.getMessage()), "Look at the settings of this link."));
                return;
            }
            made.forEach(each -> connections.put(each, false));
        }
        made.forEach(IrcConnection::connect);
        long mine = turn;
        life.timer().schedule(() -> tooLong(mine), PATIENCE_MS, TimeUnit.MILLISECONDS);
    }

    private void tooLong(long mine) {
        synchronized (this) {
            if (closed || mine != turn || connections.values().stream().allMatch(Boolean::booleanValue)) {
                return;
            }
        }
        lost(Trouble.passing(
                "The server did not let us in within " + PATIENCE_MS / 1_000 + " s.",
                "Look at address, port and TLS; it is tried again by itself."));
    }

    private void dropAll(String farewell) {
        connections.keySet().forEach(each -> each.close(farewell));
        connections.clear();
        List<CompletableFuture<Void>> asked = List.copyOf(pings.values());
        pings.clear();
        asked.forEach(each -> each.completeExceptionally(new IllegalStateException("the connection is over")));
        if (beat != null) {
            beat.cancel(false);
        }
    }

    private void lost(Trouble why) {
        synchronized (this) {
            if (closed) {
                return;
            }
            turn++;
            dropAll("coming again");
        }
        mouth.cut();
        life.broken(why);
    }

    @Override
    public void ready(IrcConnection from) {
        synchronized (this) {
            if (closed
                    || connections.replace(from, true) == null
                    || !connections.values().stream().allMatch(Boolean::booleanValue)) {
                return;
            }
            if (beat != null) {
                beat.cancel(false);
            }
            beat = life.timer().scheduleAtFixedRate(this::beat, 0, BEAT_MS, TimeUnit.MILLISECONDS);
        }
        life.up();
        mouth.opened(speaker());
    }

    private synchronized @Nullable IrcConnection reader() {
        return connections.isEmpty() ? null : connections.keySet().iterator().next();
    }

    private synchronized @Nullable IrcConnection speaker() {
        IrcConnection last = null;
        for (IrcConnection each : connections.keySet()) {
            last = each;
        }
        return last;
    }

    private void beat() {
        List<IrcConnection> all;
        synchronized (this) {
            all = List.copyOf(connections.keySet());
        }
        for (IrcConnection each : all) {
            each.wantNick();
            ping(each).whenComplete((millis, failed) -> {
                if (failed == null) {
                    life.measured(millis);
                } else if (isCurrent(each) && each.silentMs() >= PATIENCE_MS) {
                    // In a flood the answer stands behind all that was written before it.
                    lost(Trouble.passing(
                            "The server no longer answers.",
                            "Look whether this computer is on the network; it is tried again by itself."));
                }
            });
        }
    }

    private synchronized boolean isCurrent(IrcConnection each) {
        return connections.containsKey(each);
    }

    private CompletableFuture<Double> ping(IrcConnection each) {
        String token = "waxbell" + System.identityHashCode(each) + "." + System.nanoTime();
        long sent = System.nanoTime();
        CompletableFuture<Void> answer = new CompletableFuture<>();
        synchronized (this) {
            pings.put(token, answer);
        }
        each.ping(token);
        return answer.orTimeout(PATIENCE_MS, TimeUnit.MILLISECONDS)
                .thenApply(any -> (System.nanoTime() - sent) / 1e6)
                .whenComplete((done, failed) -> {
                    synchronized (this) {
                        pings.remove(token);
                    }
                });
    }

    @Override
    public void ponged(IrcConnection from, String token) {
        CompletableFuture<Void> answer;
        synchronized (this) {
            answer = pings.get(token);
        }
        if (answer != null) {
            answer.complete(null);
        }
    }

    @Override
    public void gone(IrcConnection from, Trouble why) {
        if (isCurrent(from)) {
            lost(why);
        }
    }

    @Override
    public void line(
            IrcConnection from, String channel, String nick, String account, Collection<String> letters, String text) {
        // The host's connection only speaks, and nothing that we say ourselves is a viewer's line.
        if (from != reader() || isOurs(nick)) {
            return;
        }
        String line = ChatText.bounded(text);
        if (line.isEmpty()) {
            return;
        }
        life.heard(nick + ": " + line);
        Set<Standing> standings = settings.standings().standings(account, letters);
        String person = id + ":" + (account.isEmpty() ? "~" + IrcNames.fold(nick) : IrcNames.fold(account));
        if (hearing.isProved(person)) {
            standings.add(Standing.HOST);
        }
        Viewer viewer = new Viewer(person, ChatText.name(nick), standings, 0);
        hearing.wrote(
                channel.isEmpty()
                        ? new PrivateLine(id, viewer, line)
                        : new ChatLine(id + "/" + IrcNames.fold(channel), viewer, line));
    }

    private synchronized boolean isOurs(String nick) {
        String folded = IrcNames.fold(nick);
        return folded.equals(IrcNames.fold(settings.helper().nick()))
                || !settings.owner().nick().isEmpty()
                        && settings.asOwner()
                        && folded.equals(IrcNames.fold(settings.owner().nick()))
                || connections.keySet().stream()
                        .anyMatch(each -> IrcNames.fold(each.nick()).equals(folded));
    }

    @Override
    public void echoed(IrcConnection from) {
        mouth.echoed();
    }

    /** Says an answer, as soon as the server's limits let it. */
    void say(SayInChat answer) {
        Phase phase = life.state().phase();
        if (phase == Phase.PAUSED || phase == Phase.UNSET) {
            hearing.unsaid(answer.partRun(), life.state().refusal(life.name()));
            return;
        }
        String channel = answer.link().contains("/")
                ? answer.link().substring(answer.link().indexOf('/') + 1)
                : settings.channels().get(0);
        String target = answer.to().isEmpty() ? channel : answer.to();
        if (!target.matches("[^\\s,:]{1,60}")) {
            hearing.unsaid(answer.partRun(), target + " cannot be reached by IRC");
            return;
        }
        mouth.say(answer.partRun(), target, LineSplit.split(answer.text(), mouth.room(target)));
    }

    @Override
    public CompletableFuture<String> test() {
        IrcConnection now = reader();
        if (now == null || life.state().phase() != Phase.UP) {
            return CompletableFuture.failedFuture(
                    new IllegalStateException(life.state().refusal(life.name()) + "."));
        }
        return ping(now).thenApply(millis -> {
            life.measured(millis);
            List<String> missing =
                    settings.channels().stream().filter(each -> !now.in(each)).toList();
            return "The server answered in " + Math.round(millis * 10) / 10.0 + " ms; "
                    + (missing.isEmpty()
                            ? "in " + String.join(", ", settings.channels())
                            : "not in " + String.join(", ", missing))
                    + ".";
        });
    }

    @Override
    public List<LinkFact> facts() {
        List<LinkFact> facts = new ArrayList<>();
        facts.add(LinkFact.of(
                "Server", settings.host() + ":" + settings.port() + (settings.tls() ? ", by TLS" : ", not encrypted")));
        IrcConnection read = reader();
        IrcConnection speak = speaker();
        if (read != null && speak != null && life.state().phase() == Phase.UP) {
            String account = speak.signedIn();
            facts.add(new LinkFact(
                    "Signed in",
                    speak.nick() + (account.isEmpty() ? ", without an account" : ", account " + account),
                    true));
            for (String channel : settings.channels()) {
                Collection<String> letters = speak.rights(channel);
                facts.add(LinkFact.of(
                        channel,
                        letters.isEmpty()
                                ? "may read and write"
                                : "may read and write, has mode " + String.join("", letters)));
            }
        }
        facts.addAll(mouth.facts());
        return facts;
    }

    @Override
    public void close() {
        synchronized (this) {
            closed = true;
            dropAll("closed");
        }
        mouth.close();
        hearing.closed(id, this);
    }
}

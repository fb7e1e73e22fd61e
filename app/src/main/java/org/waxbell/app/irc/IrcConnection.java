package org.waxbell.app.irc;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicBoolean;
import net.engio.mbassy.listener.Handler;
import org.kitteh.irc.client.library.Client;
import org.kitteh.irc.client.library.element.Channel;
import org.kitteh.irc.client.library.element.MessageTag;
import org.kitteh.irc.client.library.element.User;
import org.kitteh.irc.client.library.event.capabilities.CapabilitiesSupportedListEvent;
import org.kitteh.irc.client.library.event.channel.ChannelMessageEvent;
import org.kitteh.irc.client.library.event.channel.RequestedChannelJoinCompleteEvent;
import org.kitteh.irc.client.library.event.channel.UnexpectedChannelLeaveViaKickEvent;
import org.kitteh.irc.client.library.event.client.ClientReceiveCommandEvent;
import org.kitteh.irc.client.library.event.client.ClientReceiveNumericEvent;
import org.kitteh.irc.client.library.event.client.NickRejectedEvent;
import org.kitteh.irc.client.library.event.connection.ClientConnectionEndedEvent;
import org.kitteh.irc.client.library.event.helper.ServerMessageEvent;
import org.kitteh.irc.client.library.event.user.PrivateMessageEvent;
import org.kitteh.irc.client.library.feature.auth.SaslPlain;
import org.kitteh.irc.client.library.feature.filter.CommandFilter;
import org.kitteh.irc.client.library.feature.filter.NumericFilter;
import org.kitteh.irc.client.library.feature.sending.SingleDelaySender;
import org.waxbell.app.link.Reaching;
import org.waxbell.link.IrcSettings;
import org.waxbell.link.Trouble;

/** One account's connection to an IRC server, from the first word to the break; it never comes again by itself. */
final class IrcConnection {
    private static final int SASL_FAILED = 904;
    private final IrcSettings settings;
    private final IrcSettings.Account account;
    private final Ears ears;
    private final Client client;
    private final Set<String> joined = ConcurrentHashMap.newKeySet();
    private final AtomicBoolean over = new AtomicBoolean();
    private volatile boolean echoes;
    private volatile long came = System.nanoTime();

    IrcConnection(
            IrcSettings settings, IrcSettings.Account account, String password, String serverPassword, Ears ears) {
        this.settings = settings;
        this.account = account;
        this.ears = ears;
        Client.Builder.Server server = Client.builder()
                .nick(account.nick())
                .user("waxbell")
                .realName("Wax Bell")
                .server()
                .host(settings.host())
                .port(
                        settings.port(),
                        settings.tls()
                                ? Client.Builder.Server.SecurityType.SECURE
                                : Client.Builder.Server.SecurityType.INSECURE);
        if (!serverPassword.isEmpty()) {
            server.password(serverPassword);
        }
        if (settings.tls() && !settings.certificate().isEmpty()) {
            server.secureTrustManagerFactory(Reaching.trusting(settings.certificate()));
        }
        // What is said waits in a queue of ours; the library only sends what it needs itself.
        client = server.then()
                .listeners()
                .exception(failed -> {})
                .then()
                .management()
                .messageSendingQueueSupplier(SingleDelaySender.getSupplier(1))
                .then()
                .build();
        if (!account.login().isEmpty() && !password.isEmpty()) {
            client.getAuthManager().addProtocol(new SaslPlain(client, account.login(), password));
        }
        client.getEventManager().registerEventListener(new Listener());
        settings.channels().forEach(client::addChannel);
    }

    /** Is told what comes. */
    interface Ears {
        /** It is in all channels. */
        void ready(IrcConnection from);

        /** Somebody wrote. @param channel empty text for a private message @param letters of their modes there */
        void line(
                IrcConnection from,
                String channel,
                String nick,
                String account,
                Collection<String> letters,
                String text);

        /** The server had a line of ours. */
        void echoed(IrcConnection from);

        /** The answer to {@link #ping}. */
        void ponged(IrcConnection from, String token);

        /** It is over. */
        void gone(IrcConnection from, Trouble why);
    }

    void connect() {
        client.connect();
    }

    /** For how long nothing has come from the server, in milliseconds. */
    long silentMs() {
        return (System.nanoTime() - came) / 1_000_000;
    }

    /** The nickname that it goes by now, which may not be the one it wants. */
    String nick() {
        return client.getNick();
    }

    /** Whether the server tells us our own lines, so that it is known that it had them. */
    boolean echoes() {
        return echoes;
    }

    /** The account with which the server knows it, empty text for none. */
    String signedIn() {
        return client.getUser()
                .flatMap(User::getAccount)
                .orElse(client.getAuthManager().getProtocols().isEmpty() ? "" : account.login());
    }

    /** The letters of its own modes in a channel. */
    Collection<String> rights(String channel) {
        return client.getChannel(channel).map(each -> letters(each, nick())).orElse(List.of());
    }

    /** Whether it is in a channel. */
    boolean in(String channel) {
        return joined.contains(IrcNames.fold(channel));
    }

    void say(String target, String text) {
        client.sendRawLineImmediately("PRIVMSG " + target + " :" + text);
    }

    void ping(String token) {
        client.sendRawLineImmediately("PING :" + token);
    }

    /** Asks for the nickname that it wants, where it has another; the old connection may have let it go by now. */
    void wantNick() {
        if (!nick().equals(account.nick())) {
            client.sendRawLineImmediately("NICK " + account.nick());
        }
    }

    /** Ends it; nothing more is told of it. */
    void close(String farewell) {
        if (over.compareAndSet(false, true)) {
            client.shutdown(farewell);
        }
    }

    private void end(Trouble why) {
        if (over.compareAndSet(false, true)) {
            client.shutdown();
            ears.gone(this, why);
        }
    }

    private static List<String> letters(Channel channel, String nick) {
        List<String> letters = new ArrayList<>();
        channel.getUserModes(nick)
                .ifPresent(modes -> modes.forEach(mode -> letters.add(String.valueOf(mode.getChar()))));
        return letters;
    }

    private static String accountOf(ServerMessageEvent event, User user) {
        return event.getTag("account")
                .flatMap(MessageTag::getValue)
                .or(user::getAccount)
                .orElse("");
    }

    /** What the library calls; public, for it looks for handlers by reflection. */
    public final class Listener {
        /** Asks for our own lines to be told back. */
        @Handler
        public void capabilities(CapabilitiesSupportedListEvent event) {
            if (event.getSupportedCapabilities().stream()
                    .anyMatch(each -> each.getName().equals("echo-message"))) {
                event.addRequest("echo-message");
                echoes = true;
            }
        }

        /** We are in a channel. */
        @Handler
        public void joins(RequestedChannelJoinCompleteEvent event) {
            joined.add(IrcNames.fold(event.getChannel().getName()));
            if (settings.channels().stream().allMatch(IrcConnection.this::in)) {
                ears.ready(IrcConnection.this);
            }
        }

        /** A line in a channel. */
        @Handler
        public void said(ChannelMessageEvent event) {
            heard(
                    event,
                    event.getActor(),
                    event.getChannel().getName(),
                    letters(event.getChannel(), event.getActor().getNick()),
                    event.getMessage());
        }

        /** A private message. */
        @Handler
        public void saidPrivately(PrivateMessageEvent event) {
            List<String> letters = settings.channels().stream()
                    .flatMap(each -> client.getChannel(each).stream())
                    .flatMap(channel -> letters(channel, event.getActor().getNick()).stream())
                    .distinct()
                    .toList();
            heard(event, event.getActor(), "", letters, event.getMessage());
        }

        private void heard(
                ServerMessageEvent event, User user, String channel, Collection<String> letters, String text) {
            came = System.nanoTime();
            if (client.isUser(user)) {
                ears.echoed(IrcConnection.this);
            } else {
                ears.line(IrcConnection.this, channel, user.getNick(), accountOf(event, user), letters, text);
            }
        }

        /** The server answered a ping. */
        @CommandFilter("PONG")
        @Handler
        public void pong(ClientReceiveCommandEvent event) {
            came = System.nanoTime();
            List<String> parameters = event.getParameters();
            ears.ponged(IrcConnection.this, parameters.isEmpty() ? "" : parameters.get(parameters.size() - 1));
        }

        /** The account was refused. */
        @NumericFilter(SASL_FAILED)
        @Handler
        public void notSignedIn(ClientReceiveNumericEvent event) {
            end(Trouble.lasting(
                    "The server did not let " + account.login() + " sign in.",
                    "Write the account's name and password anew."));
        }

        /** A channel did not let us in: it is full, only for the invited, closed to us, or wants a key. */
        @NumericFilter(471)
        @NumericFilter(473)
        @NumericFilter(474)
        @NumericFilter(475)
        @Handler
        public void notLetIn(ClientReceiveNumericEvent event) {
            String channel =
                    event.getParameters().size() > 1 ? event.getParameters().get(1) : "";
            end(Trouble.passing(
                    "The channel " + channel + " did not let " + nick() + " in.",
                    "Look whether it may join there; it is tried again by itself."));
        }

        /** We were put out of a channel. */
        @Handler
        public void kicked(UnexpectedChannelLeaveViaKickEvent event) {
            end(Trouble.passing(
                    nick() + " was put out of " + event.getChannel().getName() + ".",
                    "Ask the channel's moderators; it is tried again by itself."));
        }

        /** The nickname is taken, by our own old connection as often as not: another for now. */
        @Handler
        public void taken(NickRejectedEvent event) {
            event.setNewNick(event.getAttemptedNick().length() < 29 ? event.getAttemptedNick() + "_" : account.nick());
        }

        /** It broke, or could not be made. */
        @Handler
        public void ended(ClientConnectionEndedEvent event) {
            event.setAttemptReconnect(false);
            Throwable cause = event.getCause().orElse(null);
            end(IrcTroubles.of(settings, cause, event));
        }
    }
}

package org.waxbell.app.irc;

import java.util.List;
import org.waxbell.check.Problems;
import org.waxbell.link.ModeMap;

/**
 * How a chat by IRC is reached.
 *
 * @param certificate the server's own certificate as PEM, where none of the authorities that this machine trusts has signed it; else empty text
 * @param channels    the channels to be in, each with its sign, such as {@code #bench}
 * @param helper      the account that reads, and that answers
 * @param owner       the host's own account, which answers where {@code asOwner} is set; its nickname is empty text where it is not used
 * @param asOwner     whether answers are the host's own
 * @param standings   what marks and accounts count for
 * @param burst       how many lines may be said at once after a rest
 * @param everyMs     how often another line may be said, in milliseconds; 0 for no limit
 */
record IrcSettings(
        String host,
        int port,
        boolean tls,
        String certificate,
        List<String> channels,
        Account helper,
        Account owner,
        boolean asOwner,
        ModeMap standings,
        int burst,
        long everyMs) {
    /** The secrets, by name: the password of each account, and that of the server. */
    static final String HELPER = "helper";

    static final String OWNER = "owner";
    static final String SERVER = "server";
    static final IrcSettings FRESH = new IrcSettings(
            "", 6_697, true, "", List.of(), new Account("", ""), new Account("", ""), false, ModeMap.USUAL, 4, 1_500);
    private static final String NICK = "[A-Za-z\\[\\]\\\\`_^{|}][A-Za-z0-9\\[\\]\\\\`_^{|}-]{0,29}";

    IrcSettings {
        channels = List.copyOf(channels);
    }

    /** An account. @param nick the nickname that it goes by @param login the account's name for SASL, empty text where it does not sign in */
    record Account(String nick, String login) {}

    boolean complete() {
        return !host.isEmpty() && !channels.isEmpty() && !helper.nick().isEmpty();
    }

    void check(Problems problems) {
        if (!host.isEmpty() && !host.matches("[A-Za-z0-9.:_-]{1,253}")) {
            problems.at("host")
                    .add(host, "This is no name of a computer.", "Write one such as irc.example.org, without a port.");
        }
        problems.at("port").within(port, 1, 65_535, "The port", "");
        for (int i = 0; i < channels.size(); i++) {
            if (!channels.get(i).matches("[#&+][^\\s,\\x07:/]{1,49}")) {
                problems.at("channels", i).add(channels.get(i), "This is no channel.", "Write one such as #bench.");
            }
        }
        nick(problems.at("helper").at("nick"), helper.nick());
        if (asOwner) {
            owner(problems.at("owner").at("nick"));
        }
        problems.at("burst").within(burst, 1, 100, "What is said at once", " lines");
        problems.at("everyMs").within(everyMs, 0, 60_000, "The time between lines", " ms");
        standings.check(problems.at("standings"));
    }

    private void owner(Problems here) {
        nick(here, owner.nick());
        if (owner.nick().isEmpty()) {
            here.add(
                    "",
                    "Answers are to be the host's own, and the host's account is not named.",
                    "Write its nickname, or let the helper answer.");
        } else if (owner.nick().equalsIgnoreCase(helper.nick())) {
            here.add(owner.nick(), "Helper and host have the same nickname.", "Give each its own.");
        }
    }

    private static void nick(Problems problems, String nick) {
        if (!nick.isEmpty() && !nick.matches(NICK)) {
            problems.add(
                    nick, "This is no nickname.", "Write up to 30 letters, digits and _, not beginning with a digit.");
        }
    }
}

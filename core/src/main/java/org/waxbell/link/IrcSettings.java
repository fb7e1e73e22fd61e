package org.waxbell.link;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.waxbell.check.Problems;
import org.waxbell.event.Standing;
import org.waxbell.kind.Choice;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;

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
public record IrcSettings(
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
        long everyMs)
        implements LinkSettings {
    /** The password of the account that reads, among secrets. */
    public static final String HELPER = "helper";
    /** That of the host's own. */
    public static final String OWNER = "owner";
    /** That of the server. */
    public static final String SERVER = "server";

    private static final String MORE = "Who is what, limits, and the server's certificate";
    /** What they say of themselves. */
    public static final Kind<IrcSettings> KIND = Kind.<IrcSettings>of(
                    IrcSettings.class, "irc", "Another chat by IRC", "Chat by IRC")
            .also("irc channel server nickname")
            .with(Stream.of(reached(), modes(), names(), limits())
                    .flatMap(List::stream)
                    .toArray(Field[]::new))
            .making(on -> new IrcSettings(
                    "",
                    6_697,
                    true,
                    "",
                    List.of(),
                    new Account("", ""),
                    new Account("", ""),
                    false,
                    ModeMap.USUAL,
                    4,
                    1_500));

    public IrcSettings {
        channels = List.copyOf(channels);
    }

    /** An account. @param nick the nickname that it goes by @param login the account's name for SASL, empty text where it does not sign in */
    public record Account(String nick, String login) {}

    private static List<Field> reached() {
        return List.of(
                Field.of(Field.Type.TEXT, "host", "Server")
                        .matching(
                                "[A-Za-z0-9.:_-]{1,253}",
                                "This is no name of a computer.",
                                "Write one such as irc.example.org, without a port.")
                        .wide(3),
                Field.number("port", "Port", 1, 65_535).called("The port").wide(1),
                Field.flag("tls", "encrypted (TLS)").wide(2),
                Field.many("channels", "Channels")
                        .matching("[#&+][^\\s,\\x07:/]{1,49}", "This is no channel.", "Write one such as #bench.")
                        .hint("Such as #bench, with a comma between."),
                nick("helper.nick", "Helper's nickname"),
                Field.of(Field.Type.TEXT, "helper.login", "Its account").wide(2),
                Field.secret(HELPER, "Its password").wide(2),
                Field.flag("asOwner", "Answers are your own instead of the helper's"),
                nick("owner.nick", "Your nickname").when("asOwner", "true"),
                Field.of(Field.Type.TEXT, "owner.login", "Your account").wide(2).when("asOwner", "true"),
                Field.secret(OWNER, "Your password").wide(2).when("asOwner", "true"));
    }

    private static Field nick(String key, String label) {
        return Field.of(Field.Type.TEXT, key, label)
                .matching(
                        "[A-Za-z\\[\\]\\\\`_^{|}][A-Za-z0-9\\[\\]\\\\`_^{|}-]{0,29}",
                        "This is no nickname.",
                        "Write up to 30 letters, digits and _, not beginning with a digit.")
                .wide(2);
    }

    private static List<Field> modes() {
        Choice[] standings = Arrays.stream(Standing.values())
                .map(each -> new Choice(Kind.written(each), each == Standing.VIP ? "VIP" : Kind.written(each)))
                .toArray(Choice[]::new);
        return Stream.of(
                        Map.entry("q", "Founder (q)"),
                        Map.entry("a", "Protected (a)"),
                        Map.entry("o", "Operator (o)"),
                        Map.entry("h", "Half-operator (h)"),
                        Map.entry("v", "Voice (v)"))
                .map(mode -> Field.choice("standings.modes." + mode.getKey(), mode.getValue(), standings)
                        .wide(2)
                        .under(MORE))
                .toList();
    }

    private static List<Field> names() {
        return Stream.of(
                        Field.many("standings.hosts", "Accounts that are you"),
                        Field.many("standings.members", "Accounts that are members"),
                        Field.many("standings.vips", "Accounts that are VIPs"))
                .map(each -> each.matching(
                                "\\S.{0,39}", "This is no account.", "Write its name, of 40 characters at most.")
                        .hint("With a comma between.")
                        .under(MORE))
                .toList();
    }

    private static List<Field> limits() {
        return List.of(
                Field.number("burst", "Said at once", 1, 100)
                        .called("What is said at once")
                        .in("lines")
                        .wide(2)
                        .under(MORE),
                Field.span("everyMs", "then one every", 0, 60_000)
                        .called("The time between lines")
                        .wide(2)
                        .under(MORE),
                Field.secret(SERVER, "Password of the server").wide(2).under(MORE),
                Field.of(Field.Type.LINES, "certificate", "The server's own certificate (PEM)")
                        .hint("Where no known authority signed it.")
                        .under(MORE));
    }

    @Override
    public boolean complete() {
        return !host.isEmpty() && !channels.isEmpty() && !helper.nick().isEmpty();
    }

    @Override
    public void check(Problems problems) {
        KIND.check(this, problems);
        standings.check(problems.at("standings"));
        if (asOwner && owner.nick().isEmpty()) {
            problems.at("owner.nick")
                    .add(
                            "",
                            "Answers are to be the host's own, and the host's account is not named.",
                            "Write its nickname, or let the helper answer.");
        } else if (asOwner && owner.nick().equalsIgnoreCase(helper.nick())) {
            problems.at("owner.nick")
                    .add(owner.nick(), "Helper and host have the same nickname.", "Give each its own.");
        }
    }
}

package org.waxbell.link;

import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.waxbell.check.Problems;
import org.waxbell.event.Standing;

/**
 * What a viewer's marks in a channel count for here, and whom the host names beside them.
 *
 * @param modes   standing by the letter of a channel mode, such as {@code o}
 * @param hosts   accounts that are the host
 * @param members accounts that count as members, for chat servers that know no memberships
 * @param vips    accounts that count as VIPs
 */
public record ModeMap(Map<String, Standing> modes, List<String> hosts, List<String> members, List<String> vips) {
    /** The letters that most servers use; one that is not named counts for nothing. */
    private static final List<String> USED = List.of("q", "a", "o", "h", "v");
    /** As most servers use their modes: founder and owner, operator, half-operator, voice. */
    public static final ModeMap USUAL = new ModeMap(
            Map.of(
                    "q",
                    Standing.HOST,
                    "a",
                    Standing.MODERATOR,
                    "o",
                    Standing.MODERATOR,
                    "h",
                    Standing.MODERATOR,
                    "v",
                    Standing.VIP),
            List.of(),
            List.of(),
            List.of());

    public ModeMap {
        modes = new TreeMap<>(modes);
        for (String letter : USED) {
            modes.putIfAbsent(letter, Standing.ANYONE);
        }
        hosts = List.copyOf(hosts);
        members = List.copyOf(members);
        vips = List.copyOf(vips);
    }

    /**
     * What somebody is.
     *
     * @param account the account with which they signed in, empty text for none; a bare nickname counts for no list, for anyone may take it
     * @param letters the letters of their modes in the channel
     */
    public Set<Standing> standings(String account, Iterable<String> letters) {
        EnumSet<Standing> all = EnumSet.of(Standing.ANYONE);
        letters.forEach(letter -> all.add(modes.getOrDefault(letter, Standing.ANYONE)));
        if (!account.isEmpty()) {
            if (holds(hosts, account)) {
                all.add(Standing.HOST);
            }
            if (holds(members, account)) {
                all.add(Standing.MEMBER);
            }
            if (holds(vips, account)) {
                all.add(Standing.VIP);
            }
        }
        return all;
    }

    private static boolean holds(List<String> names, String account) {
        return names.stream().anyMatch(each -> each.toLowerCase(Locale.ROOT).equals(account.toLowerCase(Locale.ROOT)));
    }

    /** Adds what is wrong with its letters. */
    public void check(Problems problems) {
        modes.keySet().stream()
                .filter(letter -> !letter.matches("[a-zA-Z]"))
                .forEach(letter ->
                        problems.at("modes").add(letter, "A channel mode is one letter.", "Write one such as o or v."));
    }
}

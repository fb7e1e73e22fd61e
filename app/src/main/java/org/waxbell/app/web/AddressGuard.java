package org.waxbell.app.web;

import java.net.Inet4Address;
import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.hc.client5.http.DnsResolver;

/**
 * Resolves names for calls, and refuses those that lead to this computer or its own network: what it gives is what is connected to, so a
 * name that changes its number between two looks gains nothing. Ranges are those of the IANA registries of special-purpose addresses.
 */
final class AddressGuard implements DnsResolver {
    private static final int SIX_BYTES = 16;
    private static final byte[] MAPPED = new byte[12];

    static {
        MAPPED[10] = (byte) 0xff;
        MAPPED[11] = (byte) 0xff;
    }

    private final Set<String> allowed;
    private final DnsResolver names;

    /** @param allowed names and addresses that are called all the same */
    AddressGuard(List<String> allowed, DnsResolver names) {
        this.allowed = allowed.stream().map(AddressGuard::plain).collect(Collectors.toSet());
        this.names = names;
    }

    /** An address that is not called. */
    static final class Refused extends UnknownHostException {
        private static final long serialVersionUID = 1L;

        Refused(String host, InetAddress address) {
            super(host + " leads into your own network (" + address.getHostAddress() + ")");
        }
    }

    @Override
    public InetAddress[] resolve(String host) throws UnknownHostException {
        InetAddress[] found = names.resolve(host);
        List<InetAddress> good = new ArrayList<>();
        for (InetAddress each : found) {
            if (!allowed.contains(plain(host)) && !allowed.contains(plain(each.getHostAddress())) && isOwn(each)) {
                // One that is good does not make up for one that is not: which of them is taken would be chance.
                throw new Refused(host, each);
            }
            good.add(each);
        }
        return good.toArray(InetAddress[]::new);
    }

    @Override
    public String resolveCanonicalHostname(String host) throws UnknownHostException {
        return names.resolveCanonicalHostname(host);
    }

    private static String plain(String name) {
        String bare = name.startsWith("[") && name.endsWith("]") ? name.substring(1, name.length() - 1) : name;
        return bare.toLowerCase(Locale.ROOT);
    }

    /** Whether an address is this computer's, its network's, or of no computer on the open network. */
    static boolean isOwn(InetAddress address) {
        if (address.isAnyLocalAddress()
                || address.isLoopbackAddress()
                || address.isLinkLocalAddress()
                || address.isSiteLocalAddress()
                || address.isMulticastAddress()) {
            return true;
        }
        byte[] bytes = address.getAddress();
        return address instanceof Inet4Address ? isOwnOf4(bytes) : address instanceof Inet6Address && isOwnOf6(bytes);
    }

    private static boolean isOwnOf4(byte[] bytes) {
        int first = bytes[0] & 0xff;
        int second = bytes[1] & 0xff;
        return first == 0
                || first >= 240
                || first == 100 && second >= 64 && second < 128
                || first == 192 && second == 0 && (bytes[2] & 0xff) == 0
                || first == 198 && (second == 18 || second == 19);
    }

    private static boolean isOwnOf6(byte[] bytes) {
        // Unique local addresses, and those of version 4 in the clothes of version 6: mapped, compatible, by NAT64 and
        // 6to4.
        if ((bytes[0] & 0xfe) == 0xfc) {
            return true;
        }
        boolean mapped = Arrays.equals(Arrays.copyOf(bytes, 12), MAPPED);
        boolean compatible = Arrays.equals(Arrays.copyOf(bytes, 12), new byte[12]);
        boolean nat64 = bytes[0] == 0 && bytes[1] == 0x64 && (bytes[2] & 0xff) == 0xff && (bytes[3] & 0xff) == 0x9b;
        if (mapped || compatible || nat64) {
            return inner(Arrays.copyOfRange(bytes, 12, SIX_BYTES));
        }
        return bytes[0] == 0x20 && bytes[1] == 0x02 && inner(Arrays.copyOfRange(bytes, 2, 6));
    }

    private static boolean inner(byte[] four) {
        try {
            return isOwn(InetAddress.getByAddress(four));
        } catch (UnknownHostException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}

package org.waxbell.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.List;
import org.apache.hc.client5.http.DnsResolver;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class AddressGuardTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "127.0.0.1",
                "127.9.9.9",
                "0.0.0.0",
                "0.1.2.3",
                "10.1.2.3",
                "100.64.0.1",
                "169.254.169.254",
                "172.16.0.1",
                "172.31.255.255",
                "192.0.0.8",
                "192.168.1.1",
                "198.18.0.1",
                "224.0.0.1",
                "240.0.0.1",
                "255.255.255.255",
                "::1",
                "::",
                "fe80::1",
                "fc00::1",
                "fd12:3456::1",
                "ff02::1",
                "::ffff:127.0.0.1",
                "::ffff:10.0.0.1",
                "64:ff9b::7f00:1",
                "64:ff9b::a9fe:a9fe",
                "2002:7f00:1::",
                "2002:c0a8:0101::"
            })
    void isOfTheHostsOwn(String address) throws UnknownHostException {
        assertThat(AddressGuard.isOwn(InetAddress.getByName(address))).isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "1.1.1.1",
                "93.184.216.34",
                "100.63.255.255",
                "100.128.0.1",
                "172.15.0.1",
                "172.32.0.1",
                "192.0.1.1",
                "198.17.0.1",
                "198.20.0.1",
                "223.255.255.255",
                "2606:4700::1111",
                "64:ff9b::101:101",
                "2002:101:101::"
            })
    void isOnTheOpenNetwork(String address) throws UnknownHostException {
        assertThat(AddressGuard.isOwn(InetAddress.getByName(address))).isFalse();
    }

    private static DnsResolver names(String... addresses) {
        return new DnsResolver() {
            @Override
            public InetAddress[] resolve(String host) throws UnknownHostException {
                InetAddress[] all = new InetAddress[addresses.length];
                for (int i = 0; i < all.length; i++) {
                    all[i] = InetAddress.getByName(addresses[i]);
                }
                return all;
            }

            @Override
            public String resolveCanonicalHostname(String host) {
                return host;
            }
        };
    }

    @Test
    void aNameIsRefusedWhereOneOfItsAddressesIsTheHostsOwn() {
        AddressGuard guard = new AddressGuard(List.of(), names("1.1.1.1", "192.168.1.7"));
        assertThatThrownBy(() -> guard.resolve("wax.example"))
                .isInstanceOf(AddressGuard.Refused.class)
                .hasMessageContaining("wax.example leads into your own network (192.168.1.7)");
    }

    @Test
    void whatTheOwnerListsIsReachedByNameOrNumberAndNothingElse() throws UnknownHostException {
        assertThat(new AddressGuard(List.of("SHED.local"), names("192.168.1.7")).resolve("shed.local"))
                .hasSize(1);
        assertThat(new AddressGuard(List.of("192.168.1.7"), names("192.168.1.7")).resolve("shed.local"))
                .hasSize(1);
        AddressGuard other = new AddressGuard(List.of("192.168.1.8"), names("192.168.1.7"));
        assertThatThrownBy(() -> other.resolve("shed.local")).isInstanceOf(AddressGuard.Refused.class);
    }
}

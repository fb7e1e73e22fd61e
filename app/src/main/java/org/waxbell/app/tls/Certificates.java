package org.waxbell.app.tls;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.security.PrivateKey;
import java.security.Signature;
import java.security.cert.X509Certificate;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.ssl.pem.PemContent;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.config.StartRefused;
import org.waxbell.app.json.Refused;
import org.waxbell.check.Problems;

/** The certificate by which other computers know this one: the owner's, or one that is made and made anew when its names or its time are over. */
public final class Certificates {
    private static final Duration SOON = Duration.ofDays(30);
    private static final byte[] PROBE = "the one belongs to the other".getBytes(StandardCharsets.UTF_8);
    private final Path keys;

    /** Those of that data folder. */
    public Certificates(DataFolder folder) {
        keys = folder.keys();
    }

    /**
     * What is told of the one in use.
     *
     * @param own         whether it is the owner's
     * @param fingerprint SHA-256 of it in pairs of hexadecimal digits, as browsers show it
     * @param until       when it ends, milliseconds since 1970 UTC
     * @param names       for which it is good
     * @param pem         the certificate itself, without its key
     */
    public record Told(boolean own, String fingerprint, long until, List<String> names, String pem) {}

    private record Pair(List<X509Certificate> chain, PrivateKey key, boolean own) {
        X509Certificate first() {
            return chain.get(0);
        }
    }

    private Path owners(String what) {
        return keys.resolve("tls-owner-" + what + ".pem");
    }

    private Path made(String what) {
        return keys.resolve("tls-made-" + what + ".pem");
    }

    /** What is told of the one that holds for these names at that moment; one is made where none is there. */
    public Told told(List<String> names, Instant now) {
        Pair pair = pair(names, now);
        try {
            byte[] encoded = pair.first().getEncoded();
            String fingerprint = HexFormat.ofDelimiter(":")
                    .withUpperCase()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(encoded));
            return new Told(
                    pair.own(),
                    fingerprint,
                    pair.first().getNotAfter().getTime(),
                    List.copyOf(names(pair.first())),
                    Files.readString(pair.own() ? owners("certificate") : made("certificate")));
        } catch (GeneralSecurityException | IOException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** A key store with it, under a password that is never kept. Throws {@link StartRefused} where a file of it is damaged. */
    KeyStore store(List<String> names, Instant now, char[] password) {
        Pair pair = pair(names, now);
        try {
            KeyStore store = KeyStore.getInstance("PKCS12");
            store.load(null, null);
            store.setKeyEntry("own", pair.key(), password, pair.chain().toArray(new X509Certificate[0]));
            return store;
        } catch (GeneralSecurityException | IOException broken) {
            throw new IllegalStateException(broken);
        }
    }

    private Pair pair(List<String> names, Instant now) {
        try {
            if (Files.exists(owners("certificate"))) {
                return read(owners("certificate"), owners("key"), true);
            }
            if (Files.exists(made("certificate"))) {
                Pair pair = read(made("certificate"), made("key"), false);
                boolean lasts = pair.first().getNotAfter().toInstant().isAfter(now.plus(SOON));
                if (lasts && names(pair.first()).equals(plain(names))) {
                    return pair;
                }
            }
            CertificateMaker.Made fresh = CertificateMaker.make(names, now);
            write(made("key"), fresh.key());
            write(made("certificate"), fresh.certificate());
            return read(made("certificate"), made("key"), false);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private static Pair read(Path certificate, Path key, boolean own) throws IOException {
        try {
            PemContent secret = PemContent.of(Files.readString(key));
            PrivateKey read = secret == null ? null : secret.getPrivateKey();
            if (read == null) {
                throw new IllegalStateException("no key in it");
            }
            return new Pair(PemContent.of(Files.readString(certificate)).getCertificates(), read, own);
        } catch (IllegalStateException damaged) {
            throw new StartRefused(
                    "The certificate " + certificate + " or its key cannot be read.",
                    "Take both files away: a certificate is made instead, or bring yours again on Links.");
        }
    }

    private static void write(Path file, String text) throws IOException {
        Path fresh = file.resolveSibling(file.getFileName() + ".fresh");
        Files.deleteIfExists(fresh);
        Files.createFile(fresh);
        Files.writeString(DataFolder.ownerOnly(fresh), text);
        Files.move(fresh, file, StandardCopyOption.REPLACE_EXISTING);
    }

    /** Names as they are compared: an address of IPv6 is written in more than one way. */
    private static Set<String> plain(List<String> names) {
        Set<String> all = new TreeSet<>();
        for (String name : names) {
            all.add(name.contains(":") ? address(name) : name.toLowerCase(Locale.ROOT));
        }
        return all;
    }

    private static String address(String name) {
        try {
            return InetAddress.getByName(name).getHostAddress();
        } catch (UnknownHostException odd) {
            return name;
        }
    }

    private static Set<String> names(X509Certificate certificate) {
        try {
            Collection<List<?>> all = certificate.getSubjectAlternativeNames();
            return all == null
                    ? Set.of()
                    : plain(all.stream()
                            .map(each -> String.valueOf(each.get(1)))
                            .toList());
        } catch (GeneralSecurityException odd) {
            return Set.of();
        }
    }

    /** Takes the owner's certificate, with those that vouch for it behind it, and its key, both in PEM; throws {@link Refused} for what does not fit. */
    public void bring(String certificate, String key, List<String> names, Instant now) {
        Problems problems = new Problems();
        List<X509Certificate> chain = chain(problems, certificate);
        PrivateKey secret = key(problems, key);
        if (secret != null && !chain.isEmpty() && !belong(chain.get(0), secret)) {
            problems.at("key")
                    .add("", "This key is not that of the certificate.", "Choose the key that was made with it.");
        }
        if (!chain.isEmpty()) {
            X509Certificate first = chain.get(0);
            if (first.getNotAfter().toInstant().isBefore(now)) {
                problems.at("certificate")
                        .add(first.getNotAfter().toInstant().toString(), "It is over.", "Have it renewed.");
            }
            if (names(first).stream().noneMatch(each -> names.stream().anyMatch(name -> covers(each, name)))) {
                problems.at("certificate")
                        .add(
                                String.join(", ", names(first)),
                                "It is good for none of the names under which this computer is asked for.",
                                "Write one of its names among them first, and keep that.");
            }
        }
        if (!problems.found().isEmpty()) {
            throw new Refused(problems.found());
        }
        try {
            write(owners("key"), key);
            write(owners("certificate"), certificate);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** A star stands for one part of a name (RFC 6125). */
    private static boolean covers(String pattern, String name) {
        return pattern.equalsIgnoreCase(name)
                || pattern.startsWith("*.")
                        && name.contains(".")
                        && name.substring(name.indexOf('.')).equalsIgnoreCase(pattern.substring(1));
    }

    /** The owner's is given up; one is made instead. */
    public void giveUp() {
        try {
            Files.deleteIfExists(owners("certificate"));
            Files.deleteIfExists(owners("key"));
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private static List<X509Certificate> chain(Problems problems, String text) {
        try {
            return PemContent.of(text).getCertificates();
        } catch (RuntimeException unreadable) {
            problems.at("certificate")
                    .add(
                            "",
                            "There is no certificate in it.",
                            "Choose a text file that has a line BEGIN CERTIFICATE (PEM), yours first and those that vouch for it behind it.");
            return List.of();
        }
    }

    private static @Nullable PrivateKey key(Problems problems, String text) {
        try {
            PemContent content = PemContent.of(text);
            PrivateKey read = content == null ? null : content.getPrivateKey();
            if (read != null) {
                return read;
            }
        } catch (RuntimeException unreadable) {
            // It is told below.
        }
        problems.at("key")
                .add(
                        "",
                        "There is no key in it that can be read.",
                        "Choose a text file that has a line BEGIN PRIVATE KEY (PEM), without a passphrase.");
        return null;
    }

    private static boolean belong(X509Certificate certificate, PrivateKey key) {
        String algorithm = switch (key.getAlgorithm()) {
            case "RSA" -> "SHA256withRSA";
            case "EC" -> "SHA256withECDSA";
            default -> key.getAlgorithm();
        };
        try {
            Signature sign = Signature.getInstance(algorithm);
            sign.initSign(key);
            sign.update(PROBE);
            byte[] signed = sign.sign();
            Signature verify = Signature.getInstance(algorithm);
            verify.initVerify(certificate);
            verify.update(PROBE);
            return verify.verify(signed);
        } catch (GeneralSecurityException unlike) {
            return false;
        }
    }
}

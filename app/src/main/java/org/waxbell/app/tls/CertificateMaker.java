package org.waxbell.app.tls;

import java.io.IOException;
import java.io.StringWriter;
import java.math.BigInteger;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.SecureRandom;
import java.security.spec.ECGenParameterSpec;
import java.time.Duration;
import java.time.Instant;
import java.util.Date;
import java.util.List;
import org.bouncycastle.asn1.x500.X500Name;
import org.bouncycastle.asn1.x509.ExtendedKeyUsage;
import org.bouncycastle.asn1.x509.Extension;
import org.bouncycastle.asn1.x509.GeneralName;
import org.bouncycastle.asn1.x509.GeneralNames;
import org.bouncycastle.asn1.x509.KeyPurposeId;
import org.bouncycastle.cert.X509CertificateHolder;
import org.bouncycastle.cert.jcajce.JcaX509v3CertificateBuilder;
import org.bouncycastle.openssl.jcajce.JcaPEMWriter;
import org.bouncycastle.openssl.jcajce.JcaPKCS8Generator;
import org.bouncycastle.operator.OperatorCreationException;
import org.bouncycastle.operator.jcajce.JcaContentSignerBuilder;

/** Makes certificates that vouch for themselves (X.509, RFC 5280), for whoever has none of an authority. */
final class CertificateMaker {
    /** What browsers take at most of one that an authority signed; a longer one would be refused by some. */
    private static final Duration LASTS = Duration.ofDays(397);

    private static final int SERIAL_BITS = 127;
    private static final String NUMERIC = "[0-9.]+|[0-9a-fA-F:]*:[0-9a-fA-F:]*";

    private CertificateMaker() {}

    /** A certificate and its key, each in PEM. */
    record Made(String certificate, String key) {}

    /** One for these names and addresses, good from now on for a year and a month. */
    static Made make(List<String> names, Instant now) {
        try {
            KeyPairGenerator generator = KeyPairGenerator.getInstance("EC");
            generator.initialize(new ECGenParameterSpec("secp256r1"));
            KeyPair pair = generator.generateKeyPair();
            X500Name own = new X500Name("CN=Wax Bell");
            JcaX509v3CertificateBuilder builder = new JcaX509v3CertificateBuilder(
                    own,
                    new BigInteger(SERIAL_BITS, new SecureRandom()),
                    Date.from(now.minus(Duration.ofHours(1))),
                    Date.from(now.plus(LASTS)),
                    own,
                    pair.getPublic());
            GeneralName[] all = names.stream()
                    .map(name ->
                            new GeneralName(name.matches(NUMERIC) ? GeneralName.iPAddress : GeneralName.dNSName, name))
                    .toArray(GeneralName[]::new);
            builder.addExtension(Extension.subjectAlternativeName, false, new GeneralNames(all));
            builder.addExtension(
                    Extension.extendedKeyUsage, false, new ExtendedKeyUsage(KeyPurposeId.id_kp_serverAuth));
            X509CertificateHolder signed =
                    builder.build(new JcaContentSignerBuilder("SHA256withECDSA").build(pair.getPrivate()));
            return new Made(pem(signed), pem(new JcaPKCS8Generator(pair.getPrivate(), null)));
        } catch (GeneralSecurityException | OperatorCreationException | IOException impossible) {
            throw new IllegalStateException("This Java cannot make certificates", impossible);
        }
    }

    private static String pem(Object what) throws IOException {
        StringWriter text = new StringWriter();
        try (JcaPEMWriter writer = new JcaPEMWriter(text)) {
            writer.writeObject(what);
        }
        return text.toString();
    }
}

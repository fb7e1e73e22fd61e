package org.waxbell.app.outside;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.util.Base64;

/** A key and a certificate that nobody has signed but itself, made by the tool that comes with Java. */
final class OwnCertificate {
    private OwnCertificate() {}

    /** Writes {@code certificate.pem} and {@code key.pem} for 127.0.0.1 into a folder, and gives the certificate as PEM. */
    static String in(Path folder) throws IOException {
        Path store = folder.resolve("own.p12");
        Process tool = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "keytool")
                                .toString(),
                        "-genkeypair",
                        "-alias",
                        "own",
                        "-keyalg",
                        "RSA",
                        "-validity",
                        "2",
                        "-dname",
                        "CN=127.0.0.1",
                        "-ext",
                        "san=ip:127.0.0.1",
                        "-storetype",
                        "PKCS12",
                        "-keystore",
                        store.toString(),
                        "-storepass",
                        "changeit")
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve("keytool.out").toFile())
                .start();
        try {
            tool.waitFor();
            KeyStore kept = KeyStore.getInstance(store.toFile(), "changeit".toCharArray());
            String certificate = pem("CERTIFICATE", kept.getCertificate("own").getEncoded());
            Files.writeString(folder.resolve("certificate.pem"), certificate);
            Files.writeString(
                    folder.resolve("key.pem"),
                    pem(
                            "PRIVATE KEY",
                            kept.getKey("own", "changeit".toCharArray()).getEncoded()));
            return certificate;
        } catch (GeneralSecurityException | InterruptedException broken) {
            throw new IllegalStateException(broken);
        }
    }

    private static String pem(String what, byte[] content) {
        return "-----BEGIN " + what + "-----\n"
                + Base64.getMimeEncoder(64, new byte[] {'\n'}).encodeToString(content) + "\n-----END " + what
                + "-----\n";
    }
}

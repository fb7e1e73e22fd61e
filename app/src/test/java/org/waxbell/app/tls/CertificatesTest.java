package org.waxbell.app.tls;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.config.StartRefused;
import org.waxbell.app.json.Refused;

/** One is made, kept, and made anew when it no longer fits; the owner's comes first, and is refused where it could not serve. */
class CertificatesTest {
    private static final Instant NOW = Instant.parse("2026-11-27T19:00:00Z");
    private static final List<String> NAMES = List.of("192.168.1.20", "studio.local", "fd00::20");

    @TempDir
    Path root;

    private DataFolder folder;
    private Certificates certificates;

    @BeforeEach
    void open() {
        folder = DataFolder.open(root);
        certificates = new Certificates(folder);
    }

    @AfterEach
    void letGo() throws IOException {
        folder.close();
    }

    private String fingerprint(List<String> names, Instant at) {
        return certificates.told(names, at).fingerprint();
    }

    @Test
    void oneIsMadeForAllNamesAndKeptUntilTheyChangeOrItsTimeIsNearlyOver() {
        Certificates.Told told = certificates.told(NAMES, NOW);
        assertThat(told.own()).isFalse();
        assertThat(told.names()).hasSize(3).contains("192.168.1.20", "studio.local");
        assertThat(told.fingerprint()).matches("([0-9A-F]{2}:){31}[0-9A-F]{2}");
        assertThat(told.pem()).contains("BEGIN CERTIFICATE").doesNotContain("PRIVATE KEY");
        assertThat(fingerprint(NAMES, NOW.plus(Duration.ofDays(300)))).isEqualTo(told.fingerprint());
        assertThat(fingerprint(List.of("studio.local"), NOW)).isNotEqualTo(told.fingerprint());
        String again = fingerprint(NAMES, NOW);
        assertThat(fingerprint(NAMES, NOW.plus(Duration.ofDays(390)))).isNotEqualTo(again);
    }

    @Test
    void itsKeyIsForItsOwnerAlone() throws IOException {
        certificates.told(NAMES, NOW);
        assertThat(Files.getPosixFilePermissions(folder.keys().resolve("tls-made-key.pem")))
                .extracting(Enum::name)
                .containsExactlyInAnyOrder("OWNER_READ", "OWNER_WRITE");
    }

    @Test
    void theOwnersComesFirstUntilItIsGivenUp() {
        CertificateMaker.Made own = CertificateMaker.make(List.of("studio.local"), NOW);
        String made = fingerprint(NAMES, NOW);
        certificates.bring(own.certificate(), own.key(), NAMES, NOW);
        Certificates.Told told = certificates.told(NAMES, NOW);
        assertThat(told.own()).isTrue();
        assertThat(told.pem()).isEqualTo(own.certificate());
        assertThat(told.fingerprint()).isNotEqualTo(made);
        certificates.giveUp();
        assertThat(fingerprint(NAMES, NOW)).isEqualTo(made);
    }

    @Test
    void whatCouldNotServeIsRefusedByItsFieldAndNothingChanges() {
        CertificateMaker.Made own = CertificateMaker.make(List.of("studio.local"), NOW);
        CertificateMaker.Made other = CertificateMaker.make(List.of("studio.local"), NOW);
        CertificateMaker.Made elsewhere = CertificateMaker.make(List.of("harbour.example"), NOW);
        refused(own.certificate(), other.key(), "key: This key is not that of the certificate.");
        refused(elsewhere.certificate(), elsewhere.key(), "certificate: It is good for none of the names");
        refused("no letters", own.key(), "certificate: There is no certificate in it.");
        refused(own.certificate(), own.certificate(), "key: There is no key in it that can be read.");
        CertificateMaker.Made old = CertificateMaker.make(List.of("studio.local"), NOW.minus(Duration.ofDays(500)));
        refused(old.certificate(), old.key(), "certificate: It is over.");
        assertThat(certificates.told(NAMES, NOW).own()).isFalse();
    }

    private void refused(String certificate, String key, String said) {
        assertThatThrownBy(() -> certificates.bring(certificate, key, NAMES, NOW))
                .isInstanceOfSatisfying(
                        Refused.class,
                        why -> assertThat(why.problems())
                                .anySatisfy(each -> assertThat(each.path() + ": " + each.message())
                                        .startsWith(said)));
    }

    @Test
    void aStarStandsForOnePartOfAName() {
        CertificateMaker.Made star = CertificateMaker.make(List.of("*.harbour.example"), NOW);
        certificates.bring(star.certificate(), star.key(), List.of("studio.harbour.example"), NOW);
        assertThatThrownBy(() ->
                        certificates.bring(star.certificate(), star.key(), List.of("a.studio.harbour.example"), NOW))
                .isInstanceOf(Refused.class);
    }

    @Test
    void aDamagedFileIsNamedWithTheRemedy() throws IOException {
        certificates.told(NAMES, NOW);
        Files.writeString(folder.keys().resolve("tls-made-key.pem"), "gone");
        assertThatThrownBy(() -> certificates.told(NAMES, NOW))
                .isInstanceOf(StartRefused.class)
                .hasMessageContaining("tls-made-certificate.pem");
    }
}

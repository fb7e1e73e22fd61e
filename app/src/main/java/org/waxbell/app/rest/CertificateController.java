package org.waxbell.app.rest;

import java.time.Instant;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.config.Options;
import org.waxbell.app.config.Reach;
import org.waxbell.app.config.ReachFile;
import org.waxbell.app.json.Refused;
import org.waxbell.app.tls.Certificates;

/** The certificate by which other computers know this one. What is changed holds from the next start on. */
@RestController
@RequestMapping("/api/reach/certificate")
class CertificateController {
    private final ReachFile file;
    private final Certificates certificates;
    private final Options options;
    private final SystemClock clock;

    CertificateController(DataFolder folder, Options options, SystemClock clock) {
        this.file = new ReachFile(folder);
        this.certificates = new Certificates(folder);
        this.options = options;
        this.clock = clock;
    }

    /** Of what the console tells. @param own whether it is the owner's @param fingerprint SHA-256, as browsers show it @param until when it ends, milliseconds since 1970 UTC @param address at which other computers ask */
    record CertificateView(boolean own, String fingerprint, long until, String address) {}

    /** A certificate with those that vouch for it, and its key, in PEM. */
    record CertificateSave(String certificate, String key) {}

    @GetMapping
    CertificateView certificate() {
        Reach kept = kept();
        Certificates.Told told = certificates.told(kept.names(), now());
        return new CertificateView(
                told.own(), told.fingerprint(), told.until(), "https://" + kept.name() + ":" + options.securePort());
    }

    /** The certificate without its key, so that other computers can be told to trust it. */
    @GetMapping("/waxbell.crt")
    ResponseEntity<byte[]> carried() {
        return Carried.text(
                "waxbell.crt",
                "application/x-pem-file",
                certificates.told(kept().names(), now()).pem());
    }

    @PutMapping
    CertificateView bring(@RequestBody CertificateSave save) {
        certificates.bring(save.certificate(), save.key(), kept().names(), now());
        return certificate();
    }

    @DeleteMapping
    CertificateView giveUp() {
        certificates.giveUp();
        return certificate();
    }

    private Reach kept() {
        Reach kept = file.read();
        if (!kept.encrypted()) {
            throw new Refused(
                    "secure",
                    "false",
                    "Nothing is encrypted, so no certificate is in use.",
                    "Let other computers in by an encrypted door first.");
        }
        return kept;
    }

    private Instant now() {
        return Instant.ofEpochMilli(clock.now());
    }
}

package org.waxbell.app.rest;

import io.micrometer.prometheusmetrics.PrometheusMeterRegistry;
import io.swagger.v3.oas.annotations.Hidden;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.app.health.Health;
import org.waxbell.app.health.Health.HealthView;
import org.waxbell.app.health.SupportFile;
import org.waxbell.app.health.SupportFile.SupportPart;

/** How the program itself does, for its owner: as a page shows it, as figures, and as a file for whoever is asked for help. */
@RestController
class HealthController {
    private final Health health;
    private final SupportFile support;
    private final PrometheusMeterRegistry figures;

    HealthController(Health health, SupportFile support, PrometheusMeterRegistry figures) {
        this.health = health;
        this.support = support;
        this.figures = figures;
    }

    @GetMapping("/api/health")
    HealthView now() {
        return health.now();
    }

    /** What the support file would hold now. */
    @GetMapping("/api/health/support")
    List<SupportPart> look() {
        return support.parts();
    }

    @GetMapping("/api/health/support/file")
    ResponseEntity<byte[]> file() {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/zip"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("waxbell-support.zip")
                                .build()
                                .toString())
                .body(support.zip());
    }

    /** Figures in the text format of Prometheus. */
    @Hidden
    @GetMapping(value = "/actuator/prometheus", produces = MediaType.TEXT_PLAIN_VALUE)
    String figures() {
        return figures.scrape();
    }
}

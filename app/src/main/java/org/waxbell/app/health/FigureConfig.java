package org.waxbell.app.health;

import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.binder.jvm.JvmMemoryMetrics;
import io.micrometer.core.instrument.binder.jvm.JvmThreadMetrics;
import io.micrometer.core.instrument.binder.system.ProcessorMetrics;
import io.micrometer.core.instrument.binder.system.UptimeMetrics;
import io.micrometer.prometheusmetrics.PrometheusConfig;
import io.micrometer.prometheusmetrics.PrometheusMeterRegistry;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.inbox.Inbox;

/** The figures for those who collect them, in the text format of Prometheus. */
@Configuration(proxyBeanMethods = false)
class FigureConfig {
    @Bean
    PrometheusMeterRegistry figures(Inbox inbox, DataFolder folder) {
        PrometheusMeterRegistry figures = new PrometheusMeterRegistry(PrometheusConfig.DEFAULT);
        new JvmMemoryMetrics().bindTo(figures);
        new JvmThreadMetrics().bindTo(figures);
        new ProcessorMetrics().bindTo(figures);
        new UptimeMetrics().bindTo(figures);
        Gauge.builder("waxbell.waiting", inbox, Inbox::waiting)
                .description("What waits for the engine")
                .register(figures);
        Gauge.builder(
                        "waxbell.database",
                        folder,
                        each -> each.database().toFile().length())
                .baseUnit("bytes")
                .description("The database without what is not written into it yet")
                .register(figures);
        return figures;
    }
}

package org.waxbell.app.security;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.web.firewall.RequestRejectedHandler;

/** What is refused before anything of ours is asked: in our words, with the same headers as every other answer. */
@Configuration(proxyBeanMethods = false)
class PlainRefusals {
    /** The headers that every answer carries. */
    static void headers(HttpServletResponse response) {
        response.setHeader("Content-Security-Policy", SecurityConfig.CLOSED);
        response.setHeader("Referrer-Policy", "no-referrer");
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Cache-Control", "no-store");
    }

    static void write(HttpServletResponse response, int status) throws IOException {
        headers(response);
        response.setStatus(status);
        response.setContentType("text/plain");
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.getWriter().write(Refusals.words(status) + "\n");
    }

    @Bean
    RequestRejectedHandler rejected() {
        return (request, response, rejected) -> write(response, HttpStatus.BAD_REQUEST.value());
    }

    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> ownWords() {
        return factory -> factory.addContextCustomizers(context -> {
            if (context.getParent() instanceof StandardHost host) {
                host.setErrorReportValveClass(Words.class.getName());
            }
        });
    }

    /** Where the server refuses by itself, as for a request line that is none. */
    public static final class Words extends ErrorReportValve {
        @Override
        protected void report(Request request, Response response, @Nullable Throwable fault) {
            if (response.getStatus() < HttpStatus.BAD_REQUEST.value()
                    || response.getContentWritten() > 0
                    || !response.setErrorReported()) {
                return;
            }
            headers(response);
            response.setContentType("text/plain");
            response.setCharacterEncoding(StandardCharsets.UTF_8.name());
            try (Writer writer = response.getReporter()) {
                if (writer != null) {
                    writer.write(Refusals.words(response.getStatus()) + "\n");
                }
            } catch (IOException gone) {
                // Whoever asked does not listen any more.
            }
        }
    }
}

package org.waxbell.app.security;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Set;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.annotation.web.configurers.HeadersConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.authentication.AnonymousAuthenticationFilter;
import org.springframework.security.web.firewall.HttpFirewall;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.security.web.header.writers.DelegatingRequestMatcherHeaderWriter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter;
import org.springframework.security.web.header.writers.StaticHeadersWriter;
import org.springframework.security.web.util.matcher.RequestMatcher;

/**
 * What every answer carries: a strict content policy, no referrer, no guessing of types. By itself only this machine is answered:
 * the server listens on the loopback interface, and a request must name it and must come from one of our own pages. Where the
 * host lets other computers in, they must sign in, but for what has a secret of its own.
 */
@Configuration(proxyBeanMethods = false)
class SecurityConfig {
    private static final Set<String> SEEN = Set.of("/stage", "/stage.html", "/rig", "/rig.html");
    private static final String POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self'; "
            + "media-src 'self' blob:; font-src 'self'; connect-src 'self'; frame-src 'self'; base-uri 'none'; form-action 'none'; frame-ancestors ";
    /** For all that stands in no frame. */
    static final String CLOSED = POLICY + "'none'";

    /** For our own scripts: the one that makes speech is a worker, which has the policy that comes with it. */
    private static final String SCRIPTS = CLOSED.replace("script-src 'self'", "script-src 'self' 'wasm-unsafe-eval'");

    private static final String FILE_POLICY = "default-src 'none'; style-src 'unsafe-inline'; sandbox";

    private static final Turned TURNED = new Turned();

    @Bean
    HttpFirewall ownNamesOnly(Hosts hosts) {
        StrictHttpFirewall firewall = new StrictHttpFirewall();
        firewall.setAllowedHostnames(hosts.names()::contains);
        return firewall;
    }

    @Bean
    SecurityFilterChain chain(HttpSecurity http, Hosts hosts, Helpers helpers) throws Exception {
        return http.csrf(AbstractHttpConfigurer::disable)
                // A session begins only where the host signs in from another computer.
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.IF_REQUIRED))
                .requestCache(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .anonymous(anonymous -> {})
                .addFilterBefore(new OriginFilter(hosts.names()), AuthorizationFilter.class)
                .addFilterBefore(new HereFilter(helpers), AnonymousAuthenticationFilter.class)
                .addFilterBefore(new BodyLimit(), AuthorizationFilter.class)
                .authorizeHttpRequests(Doors::hang)
                .exceptionHandling(
                        turned -> turned.authenticationEntryPoint(TURNED).accessDeniedHandler(TURNED))
                .headers(SecurityConfig::headers)
                .build();
    }

    private static void headers(HeadersConfigurer<HttpSecurity> headers) {
        headers.frameOptions(HeadersConfigurer.FrameOptionsConfig::disable)
                .cacheControl(HeadersConfigurer.CacheControlConfig::disable)
                .referrerPolicy(policy -> policy.policy(ReferrerPolicyHeaderWriter.ReferrerPolicy.NO_REFERRER))
                .addHeaderWriter(policy(SecurityConfig::isStage, POLICY + "'self'"))
                .addHeaderWriter(policy(SecurityConfig::isFile, FILE_POLICY))
                .addHeaderWriter(policy(SecurityConfig::isScript, SCRIPTS))
                .addHeaderWriter(
                        policy(request -> !isStage(request) && !isFile(request) && !isScript(request), CLOSED));
    }

    private static DelegatingRequestMatcherHeaderWriter policy(RequestMatcher where, String policy) {
        return new DelegatingRequestMatcherHeaderWriter(
                where, new StaticHeadersWriter("Content-Security-Policy", policy));
    }

    /** Only what viewers see may stand in a frame: in the practice mixer and in the console's preview. */
    private static boolean isStage(HttpServletRequest request) {
        return SEEN.contains(request.getRequestURI());
    }

    private static boolean isScript(HttpServletRequest request) {
        return request.getRequestURI().startsWith("/assets/");
    }

    private static boolean isFile(HttpServletRequest request) {
        return request.getRequestURI().startsWith("/media/");
    }
}

package org.waxbell.app.security;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpMethod;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AuthorizeHttpRequestsConfigurer;
import org.waxbell.actor.Right;

/** The one place where rights are asked: what each address needs. The first that fits counts. */
final class Doors {
    /** What proves itself otherwise, or gives nothing away. */
    private static final String[] OPEN = {
        "/stage",
        "/stage.html",
        "/assets/**",
        "/media/**",
        "/hook/**",
        "/ws/stage",
        "/ws/mixer-link",
        "/clips/*",
        "/words",
        "/words.html",
        "/sign-in",
        "/sign-in.html",
        "/api/sign-in",
        "/api/invited",
        "/bell.svg",
        "/error"
    };

    private static final List<Door> DOORS = List.of(
            new Door(
                    HttpMethod.POST,
                    Right.HUSH,
                    "/api/hush",
                    "/api/shutters",
                    "/api/rings/*/stop",
                    "/api/clips/making/*/stop"),
            new Door(HttpMethod.POST, Right.PRESS, "/api/cues/*/press"),
            new Door(HttpMethod.POST, Right.SAY, "/api/chat"),
            new Door(HttpMethod.POST, Right.MARK, "/api/marks"),
            new Door(HttpMethod.POST, Right.APPROVE, "/api/voice/waits/**"),
            new Door(
                    HttpMethod.GET,
                    Right.WATCH,
                    "/helper",
                    "/helper.html",
                    "/ws/live",
                    "/api/me",
                    "/api/needs",
                    "/api/desks",
                    "/api/desks/board",
                    "/api/kinds"),
            new Door(HttpMethod.POST, Right.SHOW, "/api/show", "/api/air"),
            new Door(
                    HttpMethod.POST,
                    Right.PULL,
                    "/api/cues/*/try",
                    "/api/ready/*/try",
                    "/api/rings/*/again",
                    "/api/rings/*/next",
                    "/api/targets"),
            new Door(HttpMethod.PUT, Right.PULL, "/api/slate/*"),
            new Door(HttpMethod.POST, Right.ASK, "/api/desks/**"),
            new Door(null, Right.PRACTICE, "/api/practice/**"),
            new Door(
                    HttpMethod.POST,
                    Right.LOOK,
                    "/api/tryouts",
                    "/api/people",
                    "/api/people/condition/**",
                    "/api/conditions/**",
                    "/api/rehearsals",
                    "/api/cues/look",
                    "/api/ready/*/drawing",
                    "/api/voice/hear",
                    "/api/voice/look",
                    "/api/words/sample",
                    "/api/tunes/*/look"),
            new Door(HttpMethod.DELETE, Right.LOOK, "/api/rehearsals/*"),
            new Door(
                    HttpMethod.POST,
                    Right.LINKS,
                    "/api/stages/*/address",
                    "/api/stages/*/place",
                    "/api/stages/*/fit",
                    "/api/stages/*/outlets/*/place"),
            new Door(
                    HttpMethod.POST,
                    Right.LINKS,
                    "/api/links/**",
                    "/api/neighbours/**",
                    "/api/copies",
                    "/api/helpers/**"),
            new Door(HttpMethod.GET, Right.LINKS, "/api/helpers", "/api/copies/**", "/api/health/**", "/actuator/**"),
            new Door(HttpMethod.PUT, Right.LINKS, "/api/links/**", "/api/reach", "/api/helpers/**"),
            new Door(HttpMethod.DELETE, Right.LINKS, "/api/links/**", "/api/helpers/**"),
            new Door(HttpMethod.GET, Right.LOOK, "/**"),
            new Door(HttpMethod.HEAD, Right.LOOK, "/**"),
            new Door(null, Right.EDIT, "/**"));

    private Doors() {}

    private record Door(@Nullable HttpMethod method, Right right, String... paths) {}

    static void hang(
            AuthorizeHttpRequestsConfigurer<HttpSecurity>.AuthorizationManagerRequestMatcherRegistry requests) {
        requests.requestMatchers(OPEN).permitAll();
        for (Door door : DOORS) {
            (door.method() == null
                            ? requests.requestMatchers(door.paths())
                            : requests.requestMatchers(door.method(), door.paths()))
                    .hasAuthority(door.right().name());
        }
        requests.anyRequest().denyAll();
    }
}
